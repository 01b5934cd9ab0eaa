<?php

declare(strict_types=1);

// For PHP's own web server: a file of public/ as it is, everything else to the application.
$path = parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);
if (is_string($path) && str_contains(rawurldecode($path), "\0")) {
    http_response_code(400);

    return true;
}
$file = realpath(__DIR__.'/../../public'.(is_string($path) ? rawurldecode($path) : ''));
if ($file !== false && is_file($file) && str_starts_with($file, (string) realpath(__DIR__.'/../../public').'/') && ! str_ends_with($file, '.php')) {
    return false;
}
require __DIR__.'/../../public/index.php';
