<!doctype html>
<html lang="en">
  <head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    @auth
    <meta name="signed-in" content="yes">
    @endauth
    <meta name="csp-nonce" content="{{ Vite::cspNonce() }}">
    <title>Deft Blade</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    <link rel="manifest" href="/app.webmanifest">
    <script nonce="{{ Vite::cspNonce() }}">
      // The colours that were chosen last, from the first moment on.
      const mode = localStorage.getItem("mui-mode") ?? "system";
      const isDark = mode === "system" ? matchMedia("(prefers-color-scheme: dark)").matches : mode === "dark";
      document.documentElement.dataset.scheme = isDark ? "dark" : "light";
    </script>
    {{-- The fonts come beside the scripts: later, what stands on the rail already would move under a finger. --}}
    @foreach (['barlow-condensed/files/barlow-condensed-latin-500', 'barlow-condensed/files/barlow-condensed-latin-600', 'atkinson-hyperlegible/files/atkinson-hyperlegible-latin-400'] as $font)
    <link rel="preload" as="font" type="font/woff2" href="{{ Vite::asset("node_modules/@fontsource/$font-normal.woff2") }}" crossorigin>
    @endforeach
    @vite('ui/src/main.tsx')
  </head>
  <body>
    <div id="screen"><p class="fetching" role="status">Fetching Deft Blade …</p></div>
    <noscript>Deft Blade needs JavaScript to run.</noscript>
  </body>
</html>
