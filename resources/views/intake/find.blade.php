<x-layout title="Find">
    <h1 class="mb-3">{{ $asked === '' ? 'Find' : 'Found for “' . $asked . '”' }}</h1>
    @if ($meant)
        <p class="mb-2">Taken to mean: {{ implode(', ', $meant) }}.</p>
    @endif
    @if ($found->isEmpty())
        <p>{{ $asked === ''
            ? 'Type a job number, a customer or a part into the field at the top right; the / key goes there.'
                : 'Nothing by that name or number. Try fewer letters.' }}
        </p>
    @else
        <div class="grid grid-cols-3 max-[900px]:grid-cols-1 gap-3">
            @foreach ($found as $job)
                <div><x-tag :job="$job" />
                    <p class="hint">{{ $job->whereWords() }} ·
                        {{ $job->parts->pluck('name')->join(', ') }}</p>
                </div>
            @endforeach
        </div>
    @endif
</x-layout>
