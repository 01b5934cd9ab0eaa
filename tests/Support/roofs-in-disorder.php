<?php

declare(strict_types=1);

use App\Plans\WholePlan;
use Illuminate\Contracts\Console\Kernel;
use Imbrex\Core\Plan;
use Tests\Core\Roof\RandomRoof;

/*
 * Works random roofs in an order that a number gives, all in one process, and prints what each comes to as a hash, in
 * the order of the roofs. What a compiler learns from one roof it applies to the next: the order must not show.
 */
require __DIR__.'/../../vendor/autoload.php';

[, $count, $order] = $argv;
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$whole = $app->make(WholePlan::class);
$roofs = range(1, (int) $count);
mt_srand((int) $order);
shuffle($roofs);
$hashes = [];
foreach ($roofs as $number) {
    $plan = Plan::for((new RandomRoof($number))->job());
    $hashes[$number] = md5(json_encode($whole->of($plan), JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR));
}
ksort($hashes);
echo implode("\n", $hashes);
