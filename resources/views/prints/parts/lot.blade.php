@php
    use App\Http\Prints\PrintedLot;
    use DeftBlade\Core\Weighing\Mass;

    $lot = $printed->lot;
@endphp
<img class="code" src="data:image/svg+xml;base64,{{ base64_encode($qr->svg($printed->url)) }}" alt="{{ $printed->url }}">
<p class="what">{{ $lot->title }}@if ($lot->is_off), below standard @endif</p>
<p class="until">@if ($lot->is_barred) DO NOT USE: cooled too slowly @elseif ($lot->frozen_since) Frozen {{ PrintedLot::day($lot->frozen_since) }} @else Use by {{ PrintedLot::day($lot->use_by) }} @endif</p>
<p><b>{{ $units->mass(Mass::ofMilligrams($lot->on_hand_mg)) }}</b>@if ($lot->container), {{ $lot->container }}@endif</p>
<p>{{ $lot->use === null ? 'RAW' : 'Of' }} {{ mb_strtolower($lot->species) }}, made {{ PrintedLot::day($lot->made_on, 'j M') }}</p>
@if ($lot->allergen)<p><b>Allergen: {{ $lot->allergen }}.@if ($lot->is_cooked_only) Cooked only.@endif</b></p>@endif
<p>{{ $printed->by }}</p>
