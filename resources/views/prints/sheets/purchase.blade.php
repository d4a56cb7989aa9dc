@php
    use App\Http\Prints\PurchaseList;
    $purchase = PurchaseList::of($practical);
@endphp
<section @class(['sheet', 'first' => $isFirst])>
    @include('prints.parts.head')
    <h1>Purchase list</h1>
    @foreach ($purchase->rows as $row)
        <h2>{{ $row->product }}</h2>
        <p>{{ $row->specification }}</p>
        <table>
            <tr><td>Needed, spares included</td><td class="figure">{{ $row->needed }}</td></tr>
            <tr><td>On hand</td><td class="figure">{{ $row->onHand }}</td></tr>
            <tr><td>To order: cases of {{ $row->perCase }}</td><td class="figure">{{ $row->cases }} ({{ $row->ordered }} carcasses, about {{ $about($row->massMg) }})</td></tr>
            <tr><td>Price</td><td class="figure">{{ $row->price ?? 'not known yet' }}</td></tr>
            <tr><td>Cost</td><td class="figure">{{ $row->cost ?? '–' }}</td></tr>
            <tr><td>Cost per student</td><td class="figure">{{ $row->perStudent ?? '–' }}</td></tr>
            @if ($row->thawFrom)<tr><td>Frozen: into the refrigerator by</td><td class="figure">{{ $row->thawFrom }}</td></tr>@endif
        </table>
    @endforeach
    @if (count($purchase->rows) > 1)
        <h2>All together</h2>
        <table><tr><td>About {{ $about($purchase->massMg) }}</td><td class="figure">{{ $purchase->cost ?? '–' }}</td></tr></table>
    @endif
</section>
