@php
    use DeftBlade\Core\Carcass\WindowBasis;
    
    use DeftBlade\Core\Weighing\Mass;
    use DeftBlade\Core\Weighing\MassUnit;

    $unit = $units->column();
    $grams = static fn (float $mg): string => number_format($mg / $unit->milligrams(), $unit === MassUnit::Gram ? 0 : 2, '.', ' ');
    $said = static fn (Mass $mass): string => $units->mass($mass);
    $mass = static fn (float $limit, WindowBasis $basis): string => $grams($basis === WindowBasis::Mass ? $limit : $limit * $asPurchased->mg);
    $plain = static fn (float $number, int $places = 2): string => (string) round($number, $places);
    $clock = static fn (float $ms): string => sprintf('%d:%02d', intdiv((int) round($ms / 1000), 60), (int) round($ms / 1000) % 60);
    $rows = [];
    foreach ($view->item->layout->places as $place) {
        $rows[$place->row][$place->column] = $standard->titleOf($place->place);
    }
    ksort($rows);
@endphp
<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $standard->title }}</title>
<style>
    @page { margin: 20pt 26pt; }
    body { font-family: "DejaVu Sans Condensed", sans-serif; font-size: 9pt; color: #1c1916; line-height: 1.25; }
    h1 { font-size: 20pt; margin: 0 0 2pt; }
    h2 { font-size: 11pt; margin: 10pt 0 3pt; border-bottom: 1.2pt solid #1c1916; }
    p { margin: 0 0 4pt; }
    table { border-collapse: collapse; width: 100%; }
    th { text-align: left; font-weight: normal; color: #4a443c; font-size: 7.5pt; }
    td, th { padding: 2.2pt 4pt; vertical-align: top; border-bottom: 0.5pt solid #b9b3a6; }
    .figure { text-align: right; }
    .book { color: #17457f; }
    .tray { border: 2pt solid #6d757b; margin-bottom: 6pt; }
    .tray td { border: 0.5pt dotted #6d757b; height: 34pt; text-align: center; vertical-align: middle; }
    .half { width: 49%; }
    .criteria td { font-size: 6.2pt; line-height: 1.08; padding: 1.2pt 3pt; border: 0.5pt solid #b9b3a6; }
    .criteria td.name { width: 96pt; font-weight: bold; font-size: 6.6pt; }
    .faults td { font-size: 6.4pt; padding: 0.4pt 4pt; border: none; }
    .critical { color: #a11b14; }
    .next { page-break-before: always; }
    .outer > tbody > tr > td { border: none; padding: 0 8pt 0 0; }
</style>
</head>
<body>
<h1>{{ $standard->title }}</h1>
<p>
    Version {{ $view->item->version }}, {{ $standard->carcass->title }}, for a carcass of {{ $said($asPurchased) }}.
    @if ($standard->time) Time {{ $clock($standard->time->standardMs) }}, limit {{ $clock($standard->time->limitMs) }}. @endif
    @if ($standard->frame) Scrape: clean to {{ $said($standard->frame->clean) }}, limit {{ $said($standard->frame->limit) }}. @endif
</p>
<table class="outer"><tr>
<td class="half">
    <h2>Pieces</h2>
    <table>
        <tr><th>Piece</th><th class="figure">Expected {{ $unit->value }}</th><th class="figure">Window {{ $unit->value }}</th><th class="figure">of the carcass</th></tr>
        @foreach ($standard->cuts->pieces as $piece)
            <tr>
                <td>{{ $piece->title }}@if ($piece->portions), {{ $piece->portions->count }} portions @endif</td>
                <td class="figure">{{ $grams($piece->expectation->share * $asPurchased->mg) }}</td>
                <td class="figure book">{{ $mass($piece->window->low, $piece->window->basis) }} – {{ $mass($piece->window->high, $piece->window->basis) }}</td>
                <td class="figure">{{ $plain($piece->expectation->share * 100, 1).' %' }}</td>
            </tr>
        @endforeach
        @foreach ($standard->cuts->bins as $bin)
            <tr><td>{{ $bin->title }}</td><td class="figure">{{ $grams($bin->expectation->share * $asPurchased->mg) }}</td><td></td><td class="figure">{{ $plain($bin->expectation->share * 100, 1).' %' }}</td></tr>
        @endforeach
    </table>
</td>
<td class="half">
    <h2>Tray</h2>
    <table class="tray">
        @foreach ($rows as $row)
            <tr>@for ($column = 1; $column <= $view->item->layout->columns; $column++)<td>{{ $row[$column] ?? '' }}</td>@endfor</tr>
        @endforeach
    </table>
    <h2>Method</h2>
    @foreach ($view->card as $number => $step)<p>{{ $number + 1 }}. {{ $step->do }} <span class="book">{{ $step->caution }}</span></p>@endforeach
    <h2>Cautions</h2>
    @foreach ($view->cautions as $caution)<p>{{ $caution }}</p>@endforeach
</td>
</tr></table>

<h2 class="next">Criteria, lowest step first</h2>
<table class="criteria">
    @foreach ($standard->criteria as $criterion)
        <tr>
            <td class="name">{{ $criterion->title }}<br>{{ $criterion->component }}, weight {{ $plain($criterion->weight) }}</td>
            @foreach ($criterion->levels as $level)<td @if ($loop->last && $loop->count < 5) colspan="{{ 6 - $loop->count }}" @endif>{{ $level->text }}</td>@endforeach
        </tr>
    @endforeach
</table>
<h2>Faults: points of the component a mark, and at most</h2>
<table class="faults">
    @foreach (array_chunk(array_values($standard->faults), 6) as $row)
        <tr>@foreach ($row as $fault)<td @class(['critical' => $fault->critical])>{{ $fault->title }} {{ $plain($fault->deduct) }}/{{ $plain($fault->max) }}</td>@endforeach</tr>
    @endforeach
</table>
</body>
</html>
