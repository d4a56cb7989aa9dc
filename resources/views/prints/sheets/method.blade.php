@push('rules')
    .card { font-size: 12pt; }
    .card .step { page-break-inside: avoid; border-bottom: 0.5pt solid #b9b3a6; padding: 5pt 0; }
    .card .do { font-weight: bold; font-size: 13pt; margin: 0; }
    .card p { margin: 0 0 1pt; }
@endpush
@foreach ($practical->lists as $index => $list)
    <section @class(['sheet card', 'first' => $isFirst && $loop->first])>
        @include('prints.parts.head')
        <h1>{{ $list->standard->title }}</h1>
        <div class="half">@include('prints.parts.map', ['map' => $list->map, 'id' => "method-map-$index", 'width' => 246])</div>
        <div class="half right">
            <h3>Present</h3>
            @include('prints.parts.tray', ['rows' => $list->tray(), 'columns' => $list->layout->columns])
            <h3>Take care</h3>
            <div class="caution">@foreach ($list->cautions as $caution)<p>{{ $caution }}</p>@endforeach</div>
        </div>
        <div class="clear"></div>
        @foreach ($list->card as $number => $step)
            <div class="step">
                <p class="do">{{ $number + 1 }}. {{ $step->do }}</p>
                <p>{{ $step->look }} {{ $step->hand }}</p>
                <p class="fault">Usual fault: {{ lcfirst($step->fault) }}</p>
                @if ($step->caution)<p class="caution book">{{ $step->caution }}</p>@endif
            </div>
        @endforeach
    </section>
@endforeach
