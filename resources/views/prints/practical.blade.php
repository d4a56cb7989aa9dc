@extends('prints.layout')
@section('title', count($sheets) === 1 ? "{$sheets[0]->title()}: {$practical->brief->title}" : $practical->brief->title)
@php
    use DeftBlade\Core\Weighing\Mass;
    use DeftBlade\Core\Weighing\MassUnit;

    $unit = $practical->units->column();
    $figure = static fn (float $mg): string => number_format($mg / $unit->milligrams(), $unit === MassUnit::Gram ? 0 : 2, '.', "\u{a0}");
    $mass = static fn (float $mg): string => $practical->units->mass(Mass::ofMilligrams((int) round($mg)));
    $about = static fn (float $mg): string => $unit === MassUnit::Gram ? ($mg >= 1e6 ? round($mg / 1e6, 1)."\u{a0}kg" : 10 * round($mg / 1e4)."\u{a0}g") : $mass($mg);
    $clock = static fn (float $ms): string => sprintf('%d:%02d', intdiv((int) round($ms / 1000), 60), (int) round($ms / 1000) % 60);
    $plain = static fn (float $number, int $places = 2): string => (string) round($number, $places);
@endphp
@section('body')
    @foreach ($sheets as $sheet)
        @include("prints.sheets.{$sheet->value}", ['isFirst' => $loop->first])
    @endforeach
@endsection
