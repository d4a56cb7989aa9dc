@push('rules')
    .score td, .score th { padding: 2.4pt 4pt 2.4pt 0; font-size: 10pt; }
    .score .boxes { white-space: nowrap; text-align: right; }
    .score .write { width: 62pt; }
    .score h2 { margin-top: 9pt; font-size: 14pt; }
    .score h1 { font-size: 22pt; }
    .score tr { page-break-inside: auto; }
    .score .mark { width: 50%; }
    .score .step { padding-left: 7pt; }
@endpush
@php
    $tick = static fn (string $label): string => '<span class="step">'.e($label).' <span class="box"></span></span>';
@endphp
@foreach ($practical->lists as $list)
    @php
        $standard = $list->standard;
        $checked = array_merge([], ...array_map(static fn ($it): array => $it->criteria, array_values($standard->checkpoints)));
    @endphp
    @foreach ($list->students as $student)
        <section @class(['sheet score', 'first' => $isFirst && $loop->first && $loop->parent->first])>
            @include('prints.parts.head')
            <h1>Station {{ $student->station }}: {{ $student->name }}</h1>
            <p>
                {{ $list->standard->title }}, version {{ $list->version }}.
                @if ($student->factor !== 1.0) Time allowance × {{ $plain($student->factor) }}. @endif
                Weights in {{ $unit->value }}.
            </p>
            <table>
                <tr>
                    <td>AP weight</td><td class="write"></td>
                    <td>Start</td><td class="write"></td><td>Pauses</td><td class="write"></td><td>Stop</td><td class="write"></td>
                </tr>
            </table>
            @if ($standard->defects !== [])
                <p>At receiving: {!! implode(' ', array_map(static fn ($it): string => $tick($it->title), array_values($standard->defects))) !!}</p>
            @endif
            <div class="half">
                <h2>Tray</h2>
                <table>
                    @foreach ($list->layout->places as ['place' => $place])
                        <tr>
                            <td>{{ $standard->titleOf($place) }}@if ($standard->cuts->pieces[$place]->portions), {{ $standard->cuts->pieces[$place]->portions->count }} portions @endif</td>
                            <td class="write"></td>
                        </tr>
                    @endforeach
                </table>
            </div>
            <div class="half right">
                <h2>By-products</h2>
                <table>
                    @foreach ($standard->cuts->bins as $bin)
                        <tr><td>{{ $bin->title }}</td><td class="write"></td></tr>
                    @endforeach
                    @if ($standard->frame)
                        <tr><td>{{ $practical->scrape }}</td><td class="write"></td></tr>
                    @endif
                </table>
            </div>
            <div class="clear"></div>
            @foreach ($standard->checkpoints as $checkpoint)
                <h2>Checkpoint: {{ lcfirst($checkpoint->title) }}</h2>
                <table>
                    <tr><td>Passed at</td><td class="write"></td></tr>
                    @foreach ($checkpoint->criteria as $id)
                        @include('prints.parts.criterion', ['criterion' => $standard->criteria[$id]])
                    @endforeach
                </table>
            @endforeach
            @foreach ($list->policy->components as $component)
                @php
                    $criteria = array_filter($standard->criteriaOf($component->id()), static fn ($it): bool => ! in_array($it->id, $checked, true));
                    $faults = $standard->faultsOf($component->id());
                @endphp
                @if ($criteria !== [] || $faults !== [])
                    <h2>{{ $component->title() }}</h2>
                    <table>
                        @foreach ($criteria as $criterion)
                            @include('prints.parts.criterion')
                        @endforeach
                    </table>
                    <table>
                        @foreach (array_chunk($faults, 2) as $pair)
                            <tr>
                                @foreach ($pair as $fault)
                                    <td class="mark"><span @class(['fault' => $fault->critical])>{{ $fault->title }}</span> (−{{ $plain($fault->deduct) }}, at most {{ $plain($fault->max) }}): ____</td>
                                @endforeach
                                @if (count($pair) === 1)<td></td>@endif
                            </tr>
                        @endforeach
                    </table>
                @endif
            @endforeach
            <table>
                <tr><td>Notes</td><td class="write"></td></tr>
                <tr><td>Assessor</td><td class="write"></td></tr>
            </table>
        </section>
    @endforeach
@endforeach
