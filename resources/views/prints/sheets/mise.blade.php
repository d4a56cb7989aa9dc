@push('rules')
    .mise td { padding-top: 1.5pt; padding-bottom: 1.5pt; }
    .mise .tick { text-align: center; padding-left: 1pt; padding-right: 1pt; width: 22pt; }
@endpush
<section @class(['sheet mise', 'first' => $isFirst])>
    @include('prints.parts.head')
    <h1>Mise en place</h1>
    @foreach ($practical->lists as $list)
        <h2>For the room: {{ $list->standard->title }}</h2>
        <table>
            @foreach ($list->equipment as $item)
                <tr><td class="tick"><span class="box"></span></td><td>{{ $item->title }}</td><td class="figure">{{ $item->count }}</td></tr>
            @endforeach
            @foreach ($list->byProducts as $byProduct)
                @if ($byProduct->massMg > 0)
                    <tr>
                        <td class="tick"><span class="box"></span></td>
                        <td>Container for {{ lcfirst($byProduct->bin->title) }} of the room, about {{ $about($byProduct->massMg) }}</td>
                        <td class="figure">{{ $byProduct->containers() }}</td>
                    </tr>
                @endif
            @endforeach
        </table>
        @foreach (array_chunk($list->students, 12) as $stations)
            <h2>At each station: {{ $list->standard->title }}</h2>
            <table>
                <thead><tr><th></th>@foreach ($stations as $student)<th class="tick">{{ $student->station }}</th>@endforeach</tr></thead>
                @foreach ($list->mise as $item)
                    <tr>
                        <td>{{ $item->title }}@if ($item->isSafety) <span class="book label">safety</span>@endif</td>
                        @foreach ($stations as $student)<td class="tick"><span class="box"></span></td>@endforeach
                    </tr>
                @endforeach
            </table>
        @endforeach
    @endforeach
    @if ($practical->plan->stocks !== [])
        <h2>Stock from the bones</h2>
        <table>
            @foreach ($practical->plan->stocks as $stock)
                <tr>
                    <td class="tick"><span class="box"></span></td>
                    <td>{{ $practical->sentences->say($stock->said()) }}</td>
                    <td class="figure">{{ count($stock->pots) }}</td>
                </tr>
            @endforeach
        </table>
    @endif
    <p class="caution">A station without what is marked as safety does not start.</p>
</section>
