@push('rules')
    .labels td { width: 50%; border: 0.8pt dashed #6d757b; padding: 10pt 12pt; height: 118pt; }
    .labels .what { font-family: "Barlow Condensed", sans-serif; font-weight: bold; font-size: 22pt; line-height: 1; margin: 0 0 3pt; }
    .labels p { margin: 0 0 3pt; }
@endpush
<section @class(['sheet', 'first' => $isFirst])>
    @php
        $labels = [];
        foreach ($practical->lists as $list) {
            foreach ($list->byProducts as $byProduct) {
                for ($number = 1; $number <= $byProduct->containers(); $number++) {
                    $labels[] = [$list, $byProduct, $number];
                }
            }
        }
    @endphp
    <table class="labels">
        @foreach (array_chunk($labels, 2) as $pair)
            <tr>
                @foreach ($pair as [$list, $byProduct, $number])
                    <td>
                        <p class="what">{{ $byProduct->bin->title }}@if ($byProduct->containers() > 1), {{ $number }} of {{ $byProduct->containers() }}@endif</p>
                        <p>
                            {{ ucfirst($list->product?->title ?? $list->standard->species) }}@if ($list->product?->class === 'fish'). <b>Allergen: fish</b>@endif.
                            {{ $byProduct->bin->usable ? 'To be used.' : 'Waste.' }}
                        </p>
                        <p>{{ $practical->brief->title }}, {{ $practical->day() === '' ? '____________' : $practical->day() }}</p>
                        <p>@if ($byProduct->massMg > 0)About {{ $about($byProduct->massMg) }} in all. @endif Weighs ________ By ________</p>
                        @if ($byProduct->bin->usable)<p>Into the refrigerator at ____:____</p><p>Use by ____________________</p>@endif
                    </td>
                @endforeach
                @if (count($pair) === 1)<td></td>@endif
            </tr>
        @endforeach
    </table>
</section>
