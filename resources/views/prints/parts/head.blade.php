<p class="head label">
    {{ implode(' · ', array_filter([$practical->school, $practical->brief->title, $practical->day(), $practical->brief->start, $practical->brief->room])) }}
    @if ($practical->brief->isRehearsal) · Rehearsal @endif
    @unless ($practical->isSet) · <span class="fault">planned, not set yet</span> @endunless
</p>
