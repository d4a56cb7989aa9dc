@extends('prints.layout')
@section('title', "Appeal of $page->student")
@push('rules')
    td { font-size: 9.5pt; padding: 1.6pt 6pt 1.6pt 0; vertical-align: top; }
    .log td { font-size: 8pt; padding: 1pt 6pt 1pt 0; }
@endpush
@section('body')
<p class="head">{{ $school }}. {{ $page->practical }}, {{ $heldOn }}, station {{ $page->station }}. Version {{ $page->version }}.</p>
<h1>Appeal of {{ $page->student }}</h1>
<p>Made {{ \Carbon\CarbonImmutable::parse($appeal->made_at)->setTimezone($zone)->format('j F Y, H:i') }}; to be decided by {{ $answerBy }}. {{ $appeal->assignee === null ? 'Nobody looks at it yet.' : "Looked at by {$appeal->assignee->name}." }}</p>
@foreach ($appeal->lines as $line)
    <h3>{{ $line->text }} (− {{ number_format($line->lost, 2) }})</h3>
    <p>{{ $line->why }}</p>
    <p class="book">{{ $line->outcome === null ? 'Not decided yet.' : ['upheld' => 'Upheld', 'partly' => 'Upheld in part', 'not' => 'Not upheld'][$line->outcome->value].", by $line->decided_by: $line->reason" }}</p>
@endforeach
<h2>The result it is against</h2>
<table>@foreach ($reasons as [$text, $lost])<tr><td class="figure">{{ number_format($lost, 2) }}</td><td>{{ $text }}</td></tr>@endforeach</table>
@if ($looks !== [])
    <h2>Both looks</h2>
    <table>
        <tr><th>Criterion</th><th>First</th><th>Second</th><th>Agreed</th></tr>
        @foreach ($looks as [$title, $look])
            <tr><td>{{ $title }}</td>@foreach ([$look->first, $look->second, $look->agreed] as $given)<td>{{ $given === null ? '–' : ($given->level + 1).', '.$given->by.($given->reason === '' ? '' : ": $given->reason") }}</td>@endforeach</tr>
        @endforeach
    </table>
@endif
@foreach ($photos as $index => $photo)<p><img src="{{ $photo }}" alt="Photograph {{ $index + 1 }}" style="max-width: 80mm; max-height: 60mm"></p>@endforeach
<h2>Versions</h2>
<table>@foreach ($page->releases as $release)<tr><td>{{ $release->version }}</td><td>{{ $release->total === null ? '–' : number_format($release->total, 1) }}</td><td>{{ $release->band }}</td><td>{{ $release->reason }}, {{ $release->released_by }}, {{ \Carbon\CarbonImmutable::parse($release->released_at)->setTimezone($zone)->format('j F Y, H:i') }}</td></tr>@endforeach</table>
<h2>What was taken down</h2>
<table class="log">
    @foreach ($log as $line)<tr>@foreach ($line as $cell)<td>{{ $cell }}</td>@endforeach</tr>@endforeach
</table>
@endsection
