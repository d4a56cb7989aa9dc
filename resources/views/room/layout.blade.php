<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>@yield('title')</title>
<style>
    @font-face { font-family: "Atkinson Hyperlegible"; font-weight: normal; src: url("/fonts/AtkinsonHyperlegible-Regular.ttf") format("truetype"); }
    @font-face { font-family: "Atkinson Hyperlegible"; font-weight: bold; src: url("/fonts/AtkinsonHyperlegible-Bold.ttf") format("truetype"); }
    @font-face { font-family: "Barlow Condensed"; font-weight: bold; src: url("/fonts/BarlowCondensed-SemiBold.ttf") format("truetype"); }
    body { font: 18px/1.45 "Atkinson Hyperlegible", sans-serif; color: #1c1916; background: #f7f3ea; max-width: 40em; margin: 0 auto; padding: 20px 16px 48px; }
    h1, h2 { font-family: "Barlow Condensed", sans-serif; line-height: 1.1; margin: 28px 0 8px; }
    h1 { font-size: 36px; margin-top: 8px; }
    h2 { font-size: 25px; border-bottom: 2px solid #1c1916; padding-bottom: 4px; }
    p, ul, ol { margin: 0 0 12px; }
    li { margin-bottom: 6px; }
    a { color: #17457f; }
    .do { display: inline-block; min-height: 48px; box-sizing: border-box; padding: 10px 20px; border: 2px solid #1c1916; border-radius: 3px; background: #1c1916; color: #fff; font-weight: bold; text-decoration: none; }
    .fingerprint { font: bold 20px/1.6 "Barlow Condensed", sans-serif; letter-spacing: 0.06em; font-variant-numeric: tabular-nums; border: 2px solid #6d757b; padding: 8px 12px; display: grid; grid-template-columns: repeat(8, auto); justify-content: space-between; gap: 0 8px; background: #fff; }
    .caution { border-left: 4px solid #17457f; padding-left: 34px; }
    :focus-visible { outline: 3px solid #17457f; outline-offset: 2px; }
    @media (max-width: 480px) { .fingerprint { grid-template-columns: repeat(4, auto); } }
    @media print { body { background: #fff; padding: 0; } }
    @stack('rules')
</style>
</head>
<body>
@yield('body')
</body>
</html>
