@if ($paginator->hasPages())
    <nav class="flex gap-3 mt-4" aria-label="Pages">
        @unless ($paginator->onFirstPage())
            <a class="btn btn-quiet" href="{{ $paginator->previousPageUrl() }}" rel="prev">Newer</a>
        @endunless
        @if ($paginator->hasMorePages())
            <a class="btn btn-quiet" href="{{ $paginator->nextPageUrl() }}" rel="next">Older</a>
        @endif
    </nav>
@endif
