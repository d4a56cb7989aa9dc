@extends('prints.layout')
@section('title', 'Labels')
@php
    use App\Http\Prints\LabelSize;
    use App\Http\Prints\PrintedLot;
    use DeftBlade\Core\Weighing\Mass;

    $isSingle = $size === LabelSize::Single;
@endphp
@push('rules')
    .lot { padding: 9pt 10pt; }
    .lot .what { font-family: "Barlow Condensed", sans-serif; font-weight: bold; font-size: 19pt; line-height: 1; margin: 0 0 2pt; }
    .lot .until { font-family: "Barlow Condensed", sans-serif; font-weight: bold; font-size: 17pt; line-height: 1; margin: 2pt 0; }
    .lot p { margin: 0 0 1pt; }
    .lot .code { float: right; width: 72pt; height: 72pt; margin-left: 6pt; }
    .cut td { width: 50%; border: 0.8pt dashed #6d757b; height: 118pt; padding: 0; }
    @if ($isSingle)
        @page { size: 62mm 40mm; margin: 2mm; }
        body { font-size: 9pt; line-height: 1; }
        .lot { padding: 0; page-break-after: always; }
        .lot.last { page-break-after: auto; }
        .lot .what { font-size: 13pt; margin: 0; }
        .lot .until { font-size: 13pt; margin: 0; }
        .lot p { margin: 0; }
        .lot .code { width: 50pt; height: 50pt; }
    @endif
@endpush
@section('body')
    @if ($isSingle)
        @foreach ($lots as $printed)
            <div @class(['lot', 'last' => $loop->last])>@include('prints.parts.lot')</div>
        @endforeach
    @else
        <table class="cut">
            @foreach (array_chunk($lots, 2) as $pair)
                <tr>
                    @foreach ($pair as $printed)
                        <td><div class="lot">@include('prints.parts.lot')</div></td>
                    @endforeach
                    @if (count($pair) === 1)<td></td>@endif
                </tr>
            @endforeach
        </table>
    @endif
@endsection
