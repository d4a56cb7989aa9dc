{{-- The cut map: $map, $id of its own on the page, $width in pt. Names are text over the drawing, nothing under 9 pt. --}}
@php
    $unit = $width / 102;
    $names = $map->names(9 / $unit);
@endphp
@push('rules')
    #{{ $id }}, #{{ $id }} img { width: {{ $width }}pt; height: {{ round(134 * $unit, 1) }}pt; }
    @foreach ($names as $number => $name)
        #{{ $id }}-{{ $number }} { left: {{ round(($name['x'] + 1 - $name['width'] / 2) * $unit, 1) }}pt; top: {{ round(($name['y'] + 1) * $unit - $name['lines'] * 9 * 0.55, 1) }}pt; width: {{ round($name['width'] * $unit, 1) }}pt; }
    @endforeach
@endpush
<div class="map" id="{{ $id }}">
    <img src="data:image/svg+xml;base64,{{ base64_encode($map->svg()) }}" alt="Cut map">
    @foreach ($names as $number => $name)
        <span class="name" id="{{ $id }}-{{ $number }}">{{ $name['text'] }}</span>
    @endforeach
</div>
