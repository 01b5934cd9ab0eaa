<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="theme-color" content="#F2F0EA">
    <meta name="version" content="{{ App\Http\Middleware\TellsVersion::version() }}">
    <title>Imbrex</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @viteReactRefresh
    @vite('resources/js/main.tsx')
</head>
<body>
    <div id="app"></div>
</body>
</html>
