<!doctype html>
<html lang="en">
  <head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <meta name="csp-nonce" content="{{ Vite::cspNonce() }}">
    <title>Deft Blade</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    <link rel="manifest" href="/app.webmanifest">
    @vite('ui/src/main.tsx')
  </head>
  <body>
    <div id="screen"></div>
    <noscript>Deft Blade needs JavaScript to run.</noscript>
  </body>
</html>
