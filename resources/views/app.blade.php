<!doctype html>
<html lang="{{ app()->getLocale() }}">
    <head>
        <meta charset="utf-8">
        <meta name="viewport" content="width=device-width, initial-scale=1">
        <meta name="theme-color" content="#2b2a28">
        <meta name="csp-nonce" content="{{ Vite::cspNonce() }}">
        <title>Velko</title>
        <link rel="icon" href="/icon.svg" type="image/svg+xml">
        @viteReactRefresh
        @vite(['resources/css/app.css', 'resources/js/shell/main.tsx'])
    </head>
    <body>
        <noscript>Velko needs JavaScript to draw its numbers.</noscript>
        <div id="app"></div>
    </body>
</html>
