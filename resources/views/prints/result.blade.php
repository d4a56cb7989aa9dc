@extends('prints.layout')
@section('title', "Result of $page->student")
@push('rules')
    .reasons td { font-size: 9.5pt; padding: 1.6pt 5pt 1.6pt 0; }
    .reasons .figure { width: 34pt; padding-right: 9pt; font-size: 10.5pt; }
    .total { font-family: "Barlow Condensed", sans-serif; font-size: 46pt; font-weight: bold; line-height: 0.9; }
    .figures td, .figures .figure { font-size: 10pt; padding: 1.4pt 5pt 1.4pt 0; }
    .third { float: left; width: 33%; margin-right: 4%; }
    .third.first { width: 20%; }
    .third.last { width: 37%; margin-right: 0; }
    @if ($isLarge)
        body, .reasons td, .figures td, .figures .figure, .reasons .figure, .figure, th { font-size: 18pt; line-height: 1.25; }
        .reasons .figure { width: 64pt; }
        h1 { font-size: 32pt; } h2, h3 { font-size: 24pt; }
        .third, .third.first, .third.last { float: none; width: 100%; margin: 0 0 10pt; }
    @endif
@endpush
@section('body')
<p class="head">{{ $school }}. {{ $page->practical }}, {{ $day }}, station {{ $page->station }}. Version {{ $page->version }}.</p>
<h1>{{ $page->student }}</h1>
<div class="third first">
    <p class="total">{{ $total }}</p>
    <h3>{{ $band }}</h3>
</div>
<div class="third">
    <table class="figures">
        @foreach ($components as [$title, $score])<tr><td>{{ $title }}</td><td class="figure">{{ $score }}</td></tr>@endforeach
    </table>
</div>
<div class="third last">
    <table class="figures">
        @foreach ($pieces as [$title, $mass, $verdict])<tr><td>{{ $title }}</td><td class="figure">{{ $mass }}</td><td>{{ $verdict }}</td></tr>@endforeach
    </table>
</div>
<div class="clear"></div>
@foreach ($remarks as $remark)<p class="caution">{{ $remark }}</p>@endforeach
@if ($page->well !== [])
    <h2>Done well</h2>
    <p>{{ implode('; ', $page->well) }}.</p>
@endif
@if ($page->worth !== [])
    <h2>What to change first</h2>
    <table class="reasons">
        @foreach ($page->worth as $worth)
            <tr><td class="figure">{{ number_format($worth->points, 1) }}</td><td>{{ $worth->text }}@if ($worth->next !== null)<br><span class="book">The next step: “{{ $worth->next }}”</span>@endif</td></tr>
        @endforeach
    </table>
@endif
<h2>What it cost</h2>
<table class="reasons">
    @foreach ($reasons as [$text, $lost])<tr><td class="figure">{{ $lost > 0 ? '− '.number_format($lost, 2) : '0' }}</td><td>{{ $text }}</td></tr>@endforeach
</table>
@if ($moreReasons > 0)<p>And {{ $moreReasons }} that cost less; the screen has all of them.</p>@endif
@if ($reasons === [])<p>Nothing was lost: every component is full.</p>@endif
@if ($page->answers !== [])
    <h2>Written before the clock</h2>
    @foreach ($page->answers as $answer)<p><strong>{{ $answer->question }}</strong><br>{!! nl2br(e($answer->answer)) !!}</p>@endforeach
@endif
@if (count($page->releases) > 1)
    <h2>Versions</h2>
    <table class="reasons">
        @foreach ($page->releases as $release)<tr><td>{{ $release->version }}</td><td>{{ $release->reason }}</td><td class="figure">{{ $release->total === null ? '–' : number_format($release->total, 1) }}</td></tr>@endforeach
    </table>
@endif
@endsection
