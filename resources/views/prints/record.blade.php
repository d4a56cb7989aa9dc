@extends('prints.layout')
@section('title', "Results of $student")
@section('body')
<p class="head">{{ $school }}</p>
<h1>{{ $student }}</h1>
@if ($number !== null)<p>{{ $number }}</p>@endif
<h2>Released results</h2>
<table>
    <tr><th>Day</th><th>Practical</th><th>Standard</th><th class="figure">Total</th><th>Band</th><th>Version</th></tr>
    @foreach ($rows as [$day, $practical, $standard, $total, $band, $version])
        <tr><td>{{ \Carbon\CarbonImmutable::parse($day)->format('j F Y') }}</td><td>{{ $practical }}</td><td>{{ $standard }}</td><td class="figure">{{ $total === null ? '–' : number_format($total, 1) }}</td><td>{{ $band }}</td><td>{{ $version }}</td></tr>
    @endforeach
</table>
@if ($rows === [])<p>Nothing was released in these days.</p>@endif
@endsection
