<?php

declare(strict_types=1);

use App\Models\Job;
use Illuminate\Support\Facades\Schedule;

// Deleted jobs go for good when their time is up.
Schedule::command('model:prune', ['--model' => [Job::class]])->daily();
