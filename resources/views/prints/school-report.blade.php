@extends('prints.layout')
@php
    use DeftBlade\Core\Vocabulary\Units;
    $money = static fn (?int $minor): string => $minor === null ? '–' : number_format($minor / 10 ** $currency->exponent, $currency->exponent, '.', ' ');
    $bulk = static fn (int $mg): string => $units === Units::Metric ? number_format($mg / 1_000_000, 1, '.', ' ').' kg' : number_format($mg / 453_592.37, 1, '.', ' ').' lb';
    $share = static fn (?float $it, int $places = 1): string => $it === null ? '–' : number_format(100 * $it, $places).' %';
    $day = static fn (string $it): string => (new DateTimeImmutable($it))->format('j F Y');
    $sum = static fn (string $of): int => array_sum(array_column($report->standards, $of));
    $kinds = ['cut' => 'Cuts', 'slip' => 'Slips', 'near_miss' => 'Near misses', 'burn' => 'Burns', 'other' => 'Other'];
@endphp
@section('title', 'What the school did')
@section('body')
<p class="head">{{ $report->school }}. Printed {{ $today->format('j F Y') }}.</p>
<h1>Practicals of a term</h1>
<p>{{ $day($report->from) }} to {{ $day($report->to) }}: {{ $sum('classes') }} practicals, {{ $sum('trays') }} trays marked to the end, {{ $report->students }} students.</p>
<table>
    <tr><th>Standard</th><th class="figure">Practicals</th><th class="figure">Trays</th><th class="figure">Passed</th><th class="figure">Mean total</th><th class="figure">Yield</th><th class="figure">Waste</th></tr>
    @foreach ($report->standards as $it)
        <tr><td>{{ $it->title }}</td><td class="figure">{{ $it->classes }}</td><td class="figure">{{ $it->trays }}</td><td class="figure">{{ $it->passed }}</td><td class="figure">{{ $it->total === null ? '–' : number_format($it->total, 1) }}</td><td class="figure">{{ $share($it->yield) }}</td><td class="figure">{{ $share($it->delivered_mg === 0 ? null : $it->waste_mg / $it->delivered_mg) }}</td></tr>
    @endforeach
    <tr><td><b>All</b></td><td class="figure">{{ $sum('classes') }}</td><td class="figure">{{ $sum('trays') }}</td><td class="figure">{{ $sum('passed') }}</td><td></td><td></td><td class="figure">{{ $share($sum('delivered_mg') === 0 ? null : $sum('waste_mg') / $sum('delivered_mg')) }}</td></tr>
</table>
<p>Bands: @foreach ($report->bands as $it){{ $it->name }} {{ $it->count }}@if (! $loop->last), @endif @endforeach. Passed is what is not in the lowest band.</p>
<h2>Cost</h2>
<table>
    <tr><td>Carcasses as purchased, {{ $bulk($report->cost->ap_mg) }}</td><td class="figure">{{ $money($report->cost->ap_minor) }} {{ $report->currency }}</td></tr>
    <tr><td>Cuts, {{ $bulk($report->cost->ep_mg) }}, by-products at their value taken off</td><td class="figure">{{ $money($report->cost->net_minor) }} {{ $report->currency }}</td></tr>
    <tr><td>The carcass of one tray</td><td class="figure">{{ $money($report->cost->per_tray_minor) }} {{ $report->currency }}</td></tr>
</table>
@if ($report->unpriced > 0)<p>{{ $report->unpriced }} {{ $report->unpriced === 1 ? 'practical has' : 'practicals have' }} no delivery written down and {{ $report->unpriced === 1 ? 'is' : 'are' }} not counted here.</p>@endif
<h2>Marking</h2>
<table>
    <tr><td>Trays marked twice</td><td class="figure">{{ $report->twice }}</td></tr>
    <tr><td>Steps that both looks gave alike</td><td class="figure">{{ $share($report->alike, 0) }}</td></tr>
    <tr><td>Agreement of their totals, ICC(2,1)</td><td class="figure">{{ $report->icc === null ? '–' : number_format($report->icc, 2) }}</td></tr>
    <tr><td>Facts taken back with a reason</td><td class="figure">{{ $report->withdrawn }}</td></tr>
    <tr><td>Results issued again</td><td class="figure">{{ $report->reissued }}</td></tr>
    <tr><td>Appeals, of them upheld in part or whole</td><td class="figure">{{ $report->appealed }}, {{ $report->upheld }}</td></tr>
</table>
<h2>Safety and cold</h2>
<table>
    @forelse ($report->incidents as $it)
        <tr><td>{{ $kinds[$it->name] ?? $it->name }}</td><td class="figure">{{ $it->count }}</td></tr>
    @empty
        <tr><td>Incidents</td><td class="figure">0</td></tr>
    @endforelse
    <tr><td>Carcasses that came in above 5 °C</td><td class="figure">{{ $report->warm }}</td></tr>
    <tr><td>Trays out of the refrigerator for too long</td><td class="figure">{{ $report->out_long }}</td></tr>
    <tr><td>Carcasses sent back</td><td class="figure">{{ $report->refused }}</td></tr>
</table>
@endsection
