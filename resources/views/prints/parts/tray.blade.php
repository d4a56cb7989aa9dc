{{-- The tray with its places: $rows of titles by column, $columns. --}}
<table class="tray">
    @foreach ($rows as $row)
        <tr>@for ($column = 1; $column <= $columns; $column++)<td>{{ $row[$column] ?? '' }}</td>@endfor</tr>
    @endforeach
</table>
