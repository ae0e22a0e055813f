<!doctype html>
<html lang="en">
    <head>
        <meta charset="utf-8">
        <meta name="viewport" content="width=device-width, initial-scale=1">
        <meta name="csp-nonce" content="{{ Vite::cspNonce() }}">
        <meta name="color-scheme" content="light dark">
        <title>Ulvrach</title>
        <link rel="icon" href="/mark.svg" type="image/svg+xml">
        @viteReactRefresh
        @vite('resources/js/main.tsx')
    </head>
    <body>
        <div id="app"></div>
        <noscript>Ulvrach needs JavaScript to draw the plan.</noscript>
    </body>
</html>
