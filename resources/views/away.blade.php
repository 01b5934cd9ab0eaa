<!doctype html>
<html lang="{{ app()->getLocale() }}">
    <head>
        <meta charset="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <meta http-equiv="refresh" content="{{ $again }}" />
        <title>Imbrex</title>
    </head>
    <body style="margin: 0; padding: 12vh 24px; background: #f2f0ea; color: #1e2629; font: 20px/1.5 sans-serif; text-align: center">
        <h1>Imbrex</h1>
        <p role="alert">{{ $words }}</p>
    </body>
</html>
