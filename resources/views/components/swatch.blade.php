@props(['colour'])
<svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true" class="inline-block flex-none">
    <rect x="1" y="1" width="20" height="20" rx="3" fill="{{ $colour }}" stroke="currentColor"
        stroke-width="1.5" />
</svg>
