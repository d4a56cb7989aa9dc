@extends('prints.layout')
@section('title', $standard->title)
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
@push('rules')
    .criteria td { font-size: 9pt; line-height: 1.05; padding: 2pt 4pt 2pt 0; }
    .criteria .title { width: 104pt; font-weight: bold; }
    .faults td { font-size: 9.5pt; padding: 1.4pt 6pt 1.4pt 0; border: none; width: 33%; }
    .pieces td, .pieces .figure { padding-top: 1pt; padding-bottom: 1pt; font-size: 10.5pt; }
    .method td { border: none; width: 50%; padding: 1pt 8pt 1pt 0; }
    .method h2 { margin-top: 8pt; }
@endpush
@section('body')
<h1>{{ $standard->title }}</h1>
<p>
    Version {{ $view->item->version }}, {{ $standard->carcass->title }}, for a carcass of {{ $said($asPurchased) }}.
    @if ($standard->time) Time {{ $clock($standard->time->standardMs) }}, limit {{ $clock($standard->time->limitMs) }}. @endif
    @if ($standard->frame) Scrape: clean to {{ $said($standard->frame->clean) }}, limit {{ $said($standard->frame->limit) }}. @endif
</p>
<div class="half">@include('prints.parts.map', ['id' => 'standard-map', 'width' => 240])</div>
<div class="half right">
    <h3>Tray</h3>
    @include('prints.parts.tray', ['columns' => $view->item->layout->columns])
    <h3>Take care</h3>
    <div class="caution">@foreach ($view->cautions as $caution)<p>{{ $caution }}</p>@endforeach</div>
</div>
<div class="clear"></div>
<table class="pieces">
    <tr><th>Piece</th><th class="figure">Expected, {{ $unit->value }}</th><th class="figure">Window, {{ $unit->value }}</th><th class="figure">Of the carcass</th></tr>
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
@if ($view->card !== [])
    <div class="method">
        <h2>Method</h2>
        @php $half = intdiv(count($view->card) + 1, 2); @endphp
        <table>
            @for ($row = 0; $row < $half; $row++)
                <tr>
                    @foreach ([$row, $row + $half] as $number)
                        <td>@isset($view->card[$number]){{ $number + 1 }}. {{ $view->card[$number]->do }} <span class="book">{{ $view->card[$number]->caution }}</span>@endisset</td>
                    @endforeach
                </tr>
            @endfor
        </table>
    </div>
@endif
<section class="sheet">
    <h2>Criteria, lowest step first</h2>
    <table class="criteria">
        @foreach ($standard->criteria as $criterion)
            <tr>
                <td class="title">{{ $criterion->title }}<br><span class="label">{{ $criterion->component }}, weight {{ $plain($criterion->weight) }}</span></td>
                @foreach ($criterion->levels as $level)<td @if ($loop->last && $loop->count < 5) colspan="{{ 6 - $loop->count }}" @endif>{{ $level->text }}</td>@endforeach
            </tr>
        @endforeach
    </table>
    <h2>Faults: points of the component a mark, and at most</h2>
    <table class="faults">
        @foreach (array_chunk(array_values($standard->faults), 3) as $row)
            <tr>@foreach ($row as $fault)<td @class(['fault' => $fault->critical])>{{ $fault->title }} {{ $plain($fault->deduct) }}/{{ $plain($fault->max) }}</td>@endforeach</tr>
        @endforeach
    </table>
</section>
@endsection
