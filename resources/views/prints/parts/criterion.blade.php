<tr>
    <td>{{ $criterion->title }}</td>
    <td class="boxes">@foreach ($criterion->levels as $level){!! $tick($plain($level->points)) !!}@endforeach</td>
</tr>
