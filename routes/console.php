<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Work;
use Illuminate\Support\Facades\Schedule;

// Deleted jobs go for good when their time is up.
Schedule::command('model:prune', ['--model' => [Job::class, Work::class]])->daily();
// What was kept by an older programme, or nobody has asked for.
Schedule::command('imbrex:tidy')->hourly();
