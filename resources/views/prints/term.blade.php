@extends('prints.layout')
@php
    use App\Http\Resources\CostSumView;
    use DeftBlade\Core\Vocabulary\Units;
    $money = static fn (?int $minor): string => $minor === null ? '–' : number_format($minor / 10 ** $currency->exponent, $currency->exponent, '.', ' ');
    $bulk = static fn (int $mg): string => $units === Units::Metric ? number_format($mg / 1_000_000, 1, '.', ' ') : number_format($mg / 453_592.37, 1, '.', ' ');
    $unit = $units === Units::Metric ? 'kg' : 'lb';
    $share = static fn (?float $it): string => $it === null ? '–' : number_format(100 * $it, 1).' %';
    // More lines than these would not stay on one page.
    $most = 9;
    $total = $term->total;
    $whole = $term->whole;
    $costed = count(array_filter($term->classes, static fn ($it): bool => $it->sum !== null));
    $ends = [
        ['Eaten: service, classes, staff', $whole->eaten_mg, $whole->money->eaten_minor],
        ['Cooked: stock, fat, mince', $whole->cooked_mg, $whole->money->cooked_minor],
        ['Lost: bin, drip, unaccounted', $whole->lost_mg, $whole->money->lost_minor],
        ['Still here', $whole->here_mg, $whole->money->here_minor],
    ];
    $day = static fn (string $it): string => (new DateTimeImmutable($it))->format('j F Y');
@endphp
@section('title', 'What practicals cost')
@section('body')
<p class="head">{{ $school }}. Printed {{ $today->format('j F Y') }}. Amounts in {{ $term->currency }}.</p>
<h1>What practicals cost</h1>
<p>{{ $day($term->from) }} to {{ $day($term->to) }}: {{ $costed }} {{ $costed === 1 ? 'practical' : 'practicals' }}, {{ $total->trays }} trays weighed to the end.</p>
<table>
    <tr><td>Carcasses as purchased</td><td class="figure">{{ $bulk($total->ap_mg) }} {{ $unit }}</td><td class="figure">{{ $money($total->ap_minor) }}</td></tr>
    <tr><td>Less by-products at their value</td><td></td><td class="figure">− {{ $money($total->by_product_minor) }}</td></tr>
    <tr><td><b>Cuts</b>, yield {{ $share($total->yield) }}</td><td class="figure">{{ $bulk($total->ep_mg) }} {{ $unit }}</td><td class="figure"><b>{{ $money($total->net_minor) }}</b></td></tr>
    <tr><td>A kilogram of cuts</td><td></td><td class="figure">{{ $money($total->per_kg_minor) }}</td></tr>
    <tr><td>The carcass of one tray</td><td></td><td class="figure">{{ $money($total->per_tray_minor) }}</td></tr>
    <tr><td>The same cuts, bought as cuts</td><td></td><td class="figure">{{ $money($total->parts_minor) }}</td></tr>
    <tr><td>Saved by cutting them here, work not counted</td><td></td><td class="figure">{{ $money($total->saving_minor) }}</td></tr>
    <tr><td>Time worked at the wage set</td><td class="figure">{{ number_format($total->seconds / 3600, 1) }} h</td><td class="figure">{{ $money($total->labour_minor) }}</td></tr>
</table>
@foreach ([['By course', $term->courses], ['By standard', $term->standards]] as [$title, $rows])
    <h2>{{ $title }}</h2>
    <table>
        <tr><th></th><th class="figure">Trays</th><th class="figure">Carcasses</th><th class="figure">Cuts</th><th class="figure">A kg of cuts</th><th class="figure">Yield</th></tr>
        @foreach (array_slice($rows, 0, $most) as $row)
            <tr><td>{{ $row->title }}</td><td class="figure">{{ $row->sum->trays }}</td><td class="figure">{{ $money($row->sum->ap_minor) }}</td><td class="figure">{{ $money($row->sum->net_minor) }}</td><td class="figure">{{ $money($row->sum->per_kg_minor) }}</td><td class="figure">{{ $share($row->sum->yield) }}</td></tr>
        @endforeach
    </table>
    @if (count($rows) > $most)<p>And {{ count($rows) - $most }} more; the CSV has all of them.</p>@endif
@endforeach
<h2>Where the carcasses went</h2>
<table>
    @foreach ($ends as [$title, $mg, $minor])
        <tr><td>{{ $title }}</td><td class="figure">{{ $bulk($mg) }} {{ $unit }}</td><td class="figure">{{ $share($whole->delivered_mg === 0 ? null : $mg / $whole->delivered_mg) }}</td><td class="figure">{{ $money($minor) }}</td></tr>
    @endforeach
</table>
<p>Every gram at what a gram of its carcass cost.@if ($whole->money->unpriced > 0) {{ $whole->money->unpriced }} {{ $whole->money->unpriced === 1 ? 'practical has' : 'practicals have' }} no delivery written down: no amount here counts {{ $whole->money->unpriced === 1 ? 'it' : 'them' }}.@endif</p>
@endsection
