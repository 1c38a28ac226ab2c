{{-- Where a part's pages hang together. --}}
@props(['part', 'at'])
<p class="no-print"><a class="inline-flex items-center min-h-[44px]" href="/jobs/{{ $part->job_id }}">Job
        {{ $part->job->number }}, {{ $part->job->title }}</a></p>
<div class="flex flex-wrap items-center justify-between gap-3 mb-3">
    <h1>{{ $part->count }} × {{ $part->name }}</h1>
    <nav class="flex flex-wrap gap-x-5 no-print" aria-label="This part">
        @foreach (['route' => 'What it is and its route', 'bench' => 'Part bench', 'pins' => 'Pictures and pins',
            'agreement' => 'Agreed'] as $page => $name)
            <a class="inline-flex items-center min-h-[44px] {{ $page === $at ? 'font-semibold no-underline' : '' }}"
                href="/parts/{{ $part->id }}/{{ $page }}"
                @if ($page === $at) aria-current="page" @endif>{{ $name }}</a>
        @endforeach
    </nav>
</div>
