<section @class(['sheet', 'first' => $isFirst])>
    @include('prints.parts.head')
    <h1>{{ $practical->brief->title }}</h1>
    @foreach ($practical->lists as $index => $list)
        <h2>{{ $list->standard->title }}</h2>
        <p>
            @if ($list->standard->time)
                Time {{ $clock($list->standard->time->standardMs) }}; after {{ $clock($list->standard->time->limitMs) }} nothing is left of the time score.
            @endif
            @if ($list->standard->frame)
                Clean to {{ $mass($list->standard->frame->clean->mg) }} at the scrape.
            @endif
        </p>
        <div class="half">
            <h3>Present</h3>
            @include('prints.parts.tray', ['rows' => $list->tray(), 'columns' => $list->layout->columns])
            <p>{{ implode(', ', array_map(static fn ($it): string => $it->title.($it->portions === null ? '' : " ({$it->portions->count} portions)"), array_values($list->standard->cuts->pieces))) }}.</p>
            <p>Beside it: {{ implode(', ', array_map(static fn ($it): string => lcfirst($it->title), array_values($list->standard->cuts->bins))) }}.</p>
        </div>
        <div class="half right">
            <h3>How it is graded</h3>
            @php $total = array_sum(array_map(static fn ($it): float => $it->weight(), $list->policy->components)); @endphp
            <table>
                @foreach ($list->policy->components as $component)
                    <tr><td>{{ $component->title() }}</td><td class="figure">{{ $plain(100 * $component->weight() / $total, 1) }} %</td></tr>
                @endforeach
            </table>
            <p class="label">{{ implode(', ', array_map(static fn ($it): string => "{$it->label} from {$plain($it->min)}", $list->policy->bands)) }}</p>
        </div>
        <div class="clear"></div>
        @if ($list->cautions !== [])
            <h3>Take care</h3>
            <div class="caution">@foreach ($list->cautions as $caution)<p>{{ $caution }}</p>@endforeach</div>
        @endif
        <h3>Who, where and when</h3>
        @foreach ($list->waves() as $wave => $students)
            <p><span class="label">{{ $practical->timeAt($students[0]->startS) }}, wave {{ $wave }}:</span> {{ implode(', ', array_map(static fn ($it): string => "{$it->station}\u{a0}{$it->name}", $students)) }}</p>
        @endforeach
    @endforeach
</section>
