@push('rules')
    .sign td { height: 21pt; vertical-align: bottom; }
    .sign .hand { width: 150pt; }
    .sign .time { width: 52pt; }
@endpush
<section @class(['sheet sign', 'first' => $isFirst])>
    @include('prints.parts.head')
    <h1>Sign-in list</h1>
    <table>
        <tr><th>Station</th><th>Student</th><th>Starts</th><th class="hand">Signature</th><th class="time">In</th><th class="time">Out</th></tr>
        @foreach ($practical->stations() as $student)
            <tr><td class="label">{{ $student->station }}</td><td>{{ $student->name }}</td><td>{{ $practical->timeAt($student->startS) }}</td><td class="write"></td><td class="write"></td><td class="write"></td></tr>
        @endforeach
    </table>
</section>
