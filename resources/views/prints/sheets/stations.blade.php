@push('rules')
    .station { height: 296pt; border: 1.4pt solid #1c1916; padding: 16pt 18pt; margin-bottom: 14pt; page-break-inside: avoid; position: relative; }
    .station .number { font-family: "Barlow Condensed", sans-serif; font-weight: bold; font-size: 104pt; line-height: 0.9; margin: 0; }
    .station .who { font-family: "Barlow Condensed", sans-serif; font-weight: bold; font-size: 34pt; line-height: 1; margin: 6pt 0; }
    .station .code { position: absolute; right: 18pt; top: 16pt; width: 150pt; text-align: center; font-size: 10pt; }
    .station .code img { width: 140pt; height: 140pt; }
    .station .head { width: 290pt; }
    .station p { font-size: 13pt; margin: 0 0 3pt; }
@endpush
<section @class(['sheet', 'first' => $isFirst])>
    @foreach ($practical->lists as $list)
        @foreach ($list->students as $student)
            <div class="station">
                @include('prints.parts.head')
                <div class="code">
                    @if ($student->tray)
                        <img src="data:image/svg+xml;base64,{{ base64_encode($qr->svg($student->tray)) }}" alt="{{ $student->tray }}">
                        <br>Opens this tray on the assessor’s device, after signing in.
                    @else
                        The code is printed once the practical is set.
                    @endif
                </div>
                <p class="number">{{ $student->station }}</p>
                <p class="who">{{ $student->name }}</p>
                <p>{{ $student->group }}</p>
                <p>{{ $list->standard->title }}</p>
                @if ($student->pan)<p><b>Presents on pan {{ $student->pan->pan }}, zone {{ $student->pan->zone->value }}.</b></p>@endif
                <p>
                    Wave {{ $student->wave }}, starts at {{ $practical->timeAt($student->startS) }}.
                    @if ($list->standard->time)
                        Time {{ $clock($list->standard->time->standardMs * $student->factor) }}, limit {{ $clock($list->standard->time->limitMs * $student->factor) }}@if ($student->factor !== 1.0), with the allowance of × {{ $plain($student->factor) }}@endif.
                    @endif
                </p>
            </div>
        @endforeach
    @endforeach
</section>
