<?php

declare(strict_types=1);

// Stand-ins for the outside world, for PHP's own web server: a measurement-report service, a laser with an angle
// gauge, and a weather service. Each can be told to fail. What they say is made up, and never exact.

require __DIR__.'/Answer.php';
require __DIR__.'/Store.php';
require __DIR__.'/ReportService.php';
require __DIR__.'/GaugeDevice.php';
require __DIR__.'/WeatherService.php';

use Simulators\Answer;
use Simulators\GaugeDevice;
use Simulators\ReportService;
use Simulators\Store;
use Simulators\WeatherService;

$store = new Store((string) (getenv('IMBREX_SIM_STATE') ?: sys_get_temp_dir().'/imbrex-sim.json'));
$path = (string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);
$method = (string) $_SERVER['REQUEST_METHOD'];
$body = json_decode((string) file_get_contents('php://input'), true);
$body = is_array($body) ? $body : [];
$service = explode('/', trim($path, '/'))[0];

if ($method === 'POST' && $path === '/fail') {
    $known = isset($body['service'], $body['mode']) && in_array($body['service'], ['report', 'gauge', 'weather'], true) && in_array($body['mode'], Store::MODES, true);
    $known ? $store->setMode($body['service'], $body['mode']) : null;
    ($known ? Answer::json($store->modes()) : Answer::json(['error' => 'service: report, gauge or weather; mode: '.implode(', ', Store::MODES)], 422))->send();

    return;
}

$mode = $method === 'GET' ? $store->mode($service) : 'none';
if ($mode === 'down') {
    Answer::json(['error' => 'out of order'], 503)->send();

    return;
}
if ($mode === 'garbage') {
    (new Answer(200, '{"roofs": [{"faces": 7, <<< not what was asked for'))->send();

    return;
}
if ($mode === 'slow') {
    sleep(20);
}

(match (true) {
    $path === '/' => Answer::json(['services' => ['report', 'gauge', 'weather'], 'modes' => $store->modes()]),
    $service === 'report' => (new ReportService)->answer($path, $mode === 'duplicate'),
    $service === 'gauge' => (new GaugeDevice($store))->answer($method, $path, $_GET, $body, $mode === 'duplicate'),
    $service === 'weather' => (new WeatherService)->answer($path),
    default => Answer::json(['error' => 'no such service'], 404),
})->send();
