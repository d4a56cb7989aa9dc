@extends('prints.layout')
@section('title', "Drill cards, $group")
@push('rules')
    .cards td { width: 50%; height: 310pt; border: 0.8pt dashed #6d757b; padding: 14pt 16pt; }
    .cards .standard { color: #4a443c; margin: 0 0 4pt; }
    .cards h2 { border: none; margin: 0 0 6pt; padding: 0; font-size: 20pt; }
    .cards .aim { font-size: 13pt; font-weight: bold; margin: 0 0 10pt; }
    .cards .times { margin-top: 10pt; }
    .cards .box { margin-right: 6pt; width: 14pt; height: 14pt; }
@endpush
@section('body')
    @if ($cards === [])
        <h1>{{ $group }}</h1>
        <p>No result of this group is released yet, so there is nothing to drill.</p>
    @endif
    <table class="cards">
        @foreach (array_chunk($cards, 2) as $pair)
            <tr>
                @foreach ($pair as $card)
                    <td>
                        <p class="standard">{{ $card->standard }}</p>
                        <h2>{{ $card->title }}</h2>
                        <p class="aim">{{ $card->aim }}</p>
                        @if ($card->step)
                            <p>Step {{ $card->number }}: {{ $card->step->do }}</p>
                            <p>{{ $card->step->look }}</p>
                            <p>{{ $card->step->hand }}</p>
                            <p>Usual fault: {{ lcfirst($card->step->fault) }}</p>
                            @if ($card->step->caution)<div class="caution"><p>{{ $card->step->caution }}</p></div>@endif
                        @endif
                        <p class="times">Done: @for ($time = 0; $time < 5; $time++)<span class="box"></span>@endfor</p>
                        <div class="caution"><p>With a knife only where your instructor, the house rules and local codes allow it; who is under age, never alone.</p></div>
                    </td>
                @endforeach
                @if (count($pair) === 1)<td></td>@endif
            </tr>
        @endforeach
    </table>
@endsection
