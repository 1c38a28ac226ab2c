{{-- Shares with their intervals; the words carry every figure. --}}
@props(['rows', 'label'])
<ul aria-label="{{ $label }}">
    @forelse ($rows as $row)
        <li class="border-t border-line py-1">
            <span class="block">{{ $row->name }}</span>
            <span class="flex items-center gap-2">
                <svg class="share-bar w-36 shrink-0" viewBox="0 0 100 14" aria-hidden="true">
                    <rect class="share-all" width="100" height="14" />
                    <rect class="share-of" width="{{ round(100 * $row->share->share, 1) }}" height="14" />
                    <line class="share-range" x1="{{ round(100 * $row->share->low, 1) }}"
                        x2="{{ round(100 * $row->share->high, 1) }}" y1="7" y2="7" />
                </svg>
                <span class="hint">{{ $row->words() }}</span>
            </span>
        </li>
    @empty
        <li class="hint">Nothing to tell yet.</li>
    @endforelse
</ul>
