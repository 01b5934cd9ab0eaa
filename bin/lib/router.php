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
    send($file, str_starts_with((string) $path, '/build/assets/'));

    return true;
}
require __DIR__.'/../../public/index.php';

/** A file with the headers everything has: compressed where the browser takes that, and kept for good where its name tells its content. */
function send(string $file, bool $isHashed): void
{
    require_once __DIR__.'/../../app/Http/Middleware/SecurityHeaders.php';
    $types = ['js' => 'text/javascript; charset=UTF-8', 'css' => 'text/css; charset=UTF-8', 'svg' => 'image/svg+xml', 'json' => 'application/json', 'woff2' => 'font/woff2', 'txt' => 'text/plain; charset=UTF-8', 'ico' => 'image/x-icon', 'png' => 'image/png'];
    $ending = pathinfo($file, PATHINFO_EXTENSION);
    [$packed, $content] = packed($file);
    foreach (App\Http\Middleware\SecurityHeaders::ALWAYS as $name => $value) {
        header("$name: $value");
    }
    header('Content-Type: '.($types[$ending] ?? 'application/octet-stream'));
    header('Cache-Control: '.($isHashed ? 'public, max-age=31536000, immutable' : 'no-cache'));
    header('Vary: Accept-Encoding');
    if ($packed !== null) {
        header("Content-Encoding: $packed");
    }
    header('Content-Length: '.strlen($content));
    if (($_SERVER['REQUEST_METHOD'] ?? 'GET') !== 'HEAD') {
        echo $content;
    }
}

/** @return array{string|null, string} how it is packed, as the browser takes it and the build has left it; what is sent */
function packed(string $file): array
{
    $taken = array_map(trim(...), explode(',', (string) preg_replace('/;[^,]*/', '', (string) ($_SERVER['HTTP_ACCEPT_ENCODING'] ?? ''))));
    foreach (['br' => 'br', 'gzip' => 'gz'] as $coding => $ending) {
        if (in_array($coding, $taken, true) && is_file("$file.$ending")) {
            return [$coding, (string) file_get_contents("$file.$ending")];
        }
    }

    return [null, (string) file_get_contents($file)];
}
