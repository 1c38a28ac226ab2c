{{-- The usual caution beside a step: what the core says, or the words between the tags. --}}
@props(['says' => null])
<p class="caution">
    <b>Caution</b>
    <span>{{ $says === null ? $slot : $u->said($says) }} Local codes and the makers' sheets come first.</span>
</p>
