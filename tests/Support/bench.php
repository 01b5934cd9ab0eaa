<?php

declare(strict_types=1);

// Part of bin/imbrex bench: plans stage by stage, and the share of a whole plan that an edit costs.

use Illuminate\Contracts\Console\Kernel;
use Imbrex\Core\Stages;
use Symfony\Component\Console\Helper\Table;
use Symfony\Component\Console\Output\ConsoleOutput;
use Tests\Support\StageBench;

require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
/** @var StageBench $bench */
$bench = $app->make(StageBench::class);
$folder = sys_get_temp_dir().'/imbrex-bench-'.getmypid();
mkdir($folder);
$output = new ConsoleOutput;
(new Table($output))->setHeaders(['ms', ...array_keys(Stages::IN_ORDER), 'all'])->setRows($bench->stages())->render();
(new Table($output))->setHeaders(['job', 'whole plan, ms', 'read again', 'another spacing of clips', 'another rain'])->setRows($bench->edits($folder))->render();
rmdir($folder);
