@php
    use App\Http\Prints\Paper;
@endphp
<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width">
<title>@yield('title')</title>
<style @if ($nonce) nonce="{{ $nonce }}" @endif>
    @font-face { font-family: "Atkinson Hyperlegible"; font-weight: normal; src: url("/fonts/AtkinsonHyperlegible-Regular.ttf") format("truetype"); }
    @font-face { font-family: "Atkinson Hyperlegible"; font-weight: bold; src: url("/fonts/AtkinsonHyperlegible-Bold.ttf") format("truetype"); }
    @font-face { font-family: "Barlow Condensed"; font-weight: normal; src: url("/fonts/BarlowCondensed-Medium.ttf") format("truetype"); }
    @font-face { font-family: "Barlow Condensed"; font-weight: bold; src: url("/fonts/BarlowCondensed-SemiBold.ttf") format("truetype"); }
    @page { size: {{ $paper === Paper::A4 ? 'A4' : 'letter' }} portrait; margin: 30pt 38pt; }
    body { font-family: "Atkinson Hyperlegible", "DejaVu Sans", sans-serif; font-size: 10.5pt; line-height: 1.15; color: #1c1916; margin: 0; }
    h1, h2, h3, th, .label, .figure, .name { font-family: "Barlow Condensed", "DejaVu Sans Condensed", sans-serif; }
    h1 { font-size: 25pt; line-height: 1.05; margin: 0 0 4pt; }
    h2 { font-size: 16pt; line-height: 1.1; margin: 14pt 0 4pt; padding-bottom: 2pt; border-bottom: 1.2pt solid #1c1916; page-break-after: avoid; }
    h3 { font-size: 13pt; line-height: 1.1; margin: 10pt 0 2pt; page-break-after: avoid; }
    p { margin: 0 0 5pt; }
    ul, ol { margin: 0 0 5pt; padding-left: 16pt; }
    li { margin-bottom: 2pt; }
    table { border-collapse: collapse; width: 100%; }
    th { text-align: left; font-weight: normal; font-size: 10.5pt; color: #4a443c; }
    td, th { padding: 2.6pt 5pt 2.6pt 0; vertical-align: top; border-bottom: 0.5pt solid #b9b3a6; }
    tr { page-break-inside: avoid; }
    .figure { font-size: 12pt; text-align: right; white-space: nowrap; }
    .book { color: #17457f; }
    .fault { color: #a11b14; }
    .head { color: #4a443c; margin-bottom: 2pt; }
    .caution { border-left: 3pt solid #17457f; padding-left: 7pt; }
    .sheet { page-break-before: always; }
    .sheet.first { page-break-before: auto; }
    .tray { border: 2pt solid #6d757b; margin: 4pt 0 8pt; table-layout: fixed; }
    .tray td { border: 0.6pt dashed #6d757b; height: 30pt; padding: 3pt; text-align: center; vertical-align: middle; font-family: "Barlow Condensed", sans-serif; font-size: 11.5pt; }
    .half { float: left; width: 48%; }
    .half.right { float: right; }
    .clear { clear: both; }
    .map { position: relative; }
    .map img { position: absolute; left: 0; top: 0; }
    .map .name { position: absolute; text-align: center; font-size: 9pt; font-weight: bold; line-height: 1.1; }
    .box { display: inline-block; width: 9pt; height: 9pt; border: 0.8pt solid #1c1916; }
    .write { border-bottom: 0.8pt solid #1c1916; }
    @stack('rules')
    @media screen { body { max-width: 560pt; margin: 20pt auto; padding: 0 12pt; } .sheet { padding-top: 24pt; } }
</style>
</head>
<body>
@yield('body')
</body>
</html>
