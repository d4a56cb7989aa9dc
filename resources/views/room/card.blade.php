@extends('room.layout')
@section('title', "Deft Blade in this room")
@push('rules')
    .code { float: right; width: 200px; height: 200px; margin: 0 0 12px 20px; background: #fff; }
    @media (max-width: 480px) { .code { float: none; display: block; margin: 0 auto 16px; } }
@endpush
@section('body')
<h1>Deft Blade in this room</h1>
<img class="code" src="{{ $code }}" alt="Code that opens {{ $pages }}">
<ol>
<li>Join the network of this room.</li>
<li>Point the camera at the code, or type <strong>{{ $pages }}</strong></li>
<li>Compare the fingerprint there with the one below. If it differs, stop and tell the instructor.</li>
<li>Follow the page. Next time, open <strong>{{ $application }}</strong></li>
</ol>
@include('room.fingerprint')
<p>Made for this machine alone. Hang it where only the class sees it, and take it down when another is made.</p>
@endsection
