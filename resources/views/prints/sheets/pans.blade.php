@push('rules')
    .pan { border: 2pt solid #1c1916; padding: 6pt; margin-bottom: 16pt; page-break-inside: avoid; }
    .pan .name { font-family: "Barlow Condensed", sans-serif; font-weight: bold; font-size: 22pt; line-height: 1; margin: 0 0 6pt; }
    .pan table { table-layout: fixed; }
    .pan td { border: 1pt solid #1c1916; padding: 8pt 10pt; height: 96pt; }
    .pan .zone { font-family: "Barlow Condensed", sans-serif; font-weight: bold; font-size: 44pt; line-height: 0.9; }
    .zones td { width: 50%; border: 0.8pt dashed #6d757b; padding: 10pt 12pt; height: 92pt; }
    .zones .zone { font-family: "Barlow Condensed", sans-serif; font-weight: bold; font-size: 40pt; line-height: 1; margin: 0; }
    .zones .who { font-family: "Barlow Condensed", sans-serif; font-weight: bold; font-size: 20pt; line-height: 1; margin: 0 0 3pt; }
    .zones p { margin: 0 0 2pt; }
@endpush
@php
    $pans = $practical->pans();
@endphp
<section @class(['sheet', 'first' => $isFirst])>
    @include('prints.parts.head')
    <h1>Pans and their zones</h1>
    @if ($pans === [])
        <p>Everybody presents on a tray of their own.</p>
    @else
        <p>Each zone is one student’s until it is weighed; nothing is laid over its edge. The label of the pan is at its far left corner. At the scale one zone is weighed whole before the next is touched.</p>
    @endif
    @foreach ($pans as $pan => $students)
        <div class="pan">
            <p class="name">Pan {{ $pan }}, wave {{ $students[0]->wave }}</p>
            <table>
                @foreach (array_chunk($students, count($students) === 4 ? 2 : count($students)) as $row)
                    <tr>
                        @foreach ($row as $student)
                            <td><span class="zone">{{ $student->pan->zone->value }}</span><br><b>{{ $student->name }}</b><br>Station {{ $student->station }}</td>
                        @endforeach
                    </tr>
                @endforeach
            </table>
        </div>
    @endforeach
</section>
@if ($pans !== [])
    <section class="sheet">
        <table class="zones">
            @foreach (array_chunk(array_merge(...$pans), 2) as $pair)
                <tr>
                    @foreach ($pair as $student)
                        <td>
                            <p class="zone">{{ $student->pan->pan }} {{ $student->pan->zone->value }}</p>
                            <p class="who">{{ $student->name }}</p>
                            <p>Station {{ $student->station }}, wave {{ $student->wave }}. {{ $practical->brief->title }}</p>
                        </td>
                    @endforeach
                    @if (count($pair) === 1)<td></td>@endif
                </tr>
            @endforeach
        </table>
    </section>
@endif
