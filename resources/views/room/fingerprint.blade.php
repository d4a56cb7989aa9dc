<p class="fingerprint" role="group" aria-label="SHA-256 fingerprint of the certificate">@foreach ($fingerprint as $four)<span>{{ $four }}</span>@endforeach</p>
