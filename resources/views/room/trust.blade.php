@extends('room.layout')
@section('title', "Deft Blade on this device")
@section('body')
<h1>Deft Blade on this device</h1>
<p>This machine serves Deft Blade to this room at <strong>{{ $name }}</strong>. So that camera, scale and work without a network are allowed, a device has to trust it, once.</p>

<h2>1 · Compare</h2>
<p>The card on the wall, or the screen of the machine itself, shows this fingerprint. If it differs in one place, stop here and tell the instructor.</p>
@include('room.fingerprint')

<h2>2 · Take the certificate and trust it</h2>
<p><a class="do" href="{{ $certificate }}" download>Download the certificate</a></p>
<ul>
<li><strong>iPad, iPhone:</strong> open it in Settings under <em>General · VPN &amp; Device Management</em> and install it; then switch it on under <em>General · About · Certificate Trust Settings</em>.</li>
<li><strong>Android:</strong> Settings · Security · <em>Install a certificate</em> · CA certificate, then choose the file.</li>
<li><strong>Windows:</strong> open the file, <em>Install certificate</em>, into <em>Trusted Root Certification Authorities</em>.</li>
<li><strong>macOS:</strong> open the file in Keychain Access and set it to <em>Always trust</em>.</li>
<li><strong>ChromeOS, Linux:</strong> in the browser's settings under <em>Security · Manage certificates · Authorities</em>, import it for websites.</li>
</ul>

<h2>3 · Open it</h2>
<p><a class="do" href="{{ $application }}/">Open Deft Blade</a></p>
<p>If the browser still warns, the certificate is not trusted yet: go back to 2. Do not go on past the warning; nothing would be kept without a network.</p>

<h2>What this means</h2>
<ul class="caution">
<li>The device believes from now on that this machine is <strong>{{ $name }}</strong>. The certificate can vouch for that name and for no other.</li>
<li>Its key stays on this machine. Remove the certificate from the device when it leaves the school.</li>
<li>On a device that belongs to the school, ask whoever looks after it; they may rather use the school's own certificate.</li>
</ul>
@endsection
