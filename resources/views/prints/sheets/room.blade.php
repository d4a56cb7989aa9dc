@push('rules')
    .bench td { border: 1pt solid #1c1916; height: 62pt; padding: 4pt 6pt; width: 16%; }
    .bench { table-layout: fixed; margin-bottom: 8pt; }
    .bench .number { font-family: "Barlow Condensed", sans-serif; font-weight: bold; font-size: 22pt; line-height: 1; }
    .bench td.none { border: none; }
@endpush
@php
    $stations = $practical->stations();
    $rows = $practical->room->rowsFor(array_keys($stations));
    $abreast = max([1, ...array_map(count(...), $rows)]);
@endphp
<section @class(['sheet', 'first' => $isFirst])>
    @include('prints.parts.head')
    <h1>{{ $practical->brief->room }}</h1>
    <table class="bench">
        @foreach ($rows as $row)
            <tr>
                @foreach ($row as $station)
                    <td><span class="number">{{ $station }}</span><br>{{ $stations[$station]->name }}<br><span class="label">Wave {{ $stations[$station]->wave }}, {{ $practical->timeAt($stations[$station]->startS) }}</span></td>
                @endforeach
                @for ($empty = count($row); $empty < $abreast; $empty++)<td class="none"></td>@endfor
            </tr>
        @endforeach
    </table>
    <h2>Waves</h2>
    <table>
        <tr><th>Wave</th><th>Starts</th><th>Limit of the last</th><th>Stations</th></tr>
        @foreach ($practical->waves() as $wave => $students)
            <tr>
                <td class="label">{{ $wave }}</td>
                <td>{{ $practical->timeAt($students[0]->startS) }}</td>
                <td>{{ $practical->timeAt(max(array_map(static fn ($it): float => $it->limitS, $students))) }}</td>
                <td>{{ implode(', ', array_map(static fn ($it): int => $it->station, $students)) }}</td>
            </tr>
        @endforeach
    </table>
    @if ($practical->plan->weighIn)
        <p>
            The last tray is weighed about {{ $practical->timeAt($practical->plan->weighIn->lastS) }}; nineteen trays in twenty wait no longer than
            {{ $clock($practical->plan->weighIn->p95WaitS * 1000) }}. The room is clean by {{ $practical->timeAt($practical->plan->hour->freeS()) }}.
        </p>
    @endif
    @if ($practical->assessors !== [])
        <h2>Assessors</h2>
        <table>
            @foreach ($practical->assessors as $assessor)
                <tr><td>{{ $assessor['name'] }}</td><td>{{ $assessor['second'] ? 'second marking' : 'marks' }}</td><td>stations {{ $assessor['at'] }}</td></tr>
            @endforeach
        </table>
    @endif
</section>
