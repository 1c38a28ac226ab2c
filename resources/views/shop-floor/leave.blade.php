<x-layout :title="'Leaving '.$batch->station->label()" :at="$batch->station">
    <div class="max-w-4xl grid gap-4">
        <p><a class="inline-flex items-center min-h-[44px]"
            href="/station/{{ $batch->station->value }}?lot={{ $batch->id }}">Back to
                {{ $batch->station->label() }}</a></p>
        <h1>{{ ucfirst($batch->title()) }}: what happened?</h1>
        <p>On to {{ $to->label() }} it would leave {{ count($passed) === 1 ? 'a step' : count($passed).' steps' }}
            undone. What is not logged is asked for once, and stands in the record.</p>
        @error('undone')
            <p class="wrong">{{ $message }}</p>
        @enderror
        <form method="post" action="/batches/{{ $batch->id }}/go" class="grid gap-4">
            <x-once />
            <input type="hidden" name="seen_at" value="{{ $batch->station->value }}">
            <input type="hidden" name="to" value="{{ $to->value }}">
            <input type="hidden" name="note" value="{{ $note }}">
            <div class="panel grid gap-1">
                @if (count($passed) > 1)
                    <x-undone step="all" name="All of them, but where said otherwise below" :me="$me" :now="$now" />
                @endif
                @foreach ($passed as $line)
                    <x-undone :step="$line->key" :name="$line->name" :me="$me" :now="$now" />
                @endforeach
            </div>
            <button class="btn btn-do btn-big" name="then" value="on">Sign, on to {{ $to->label() }}</button>
        </form>
    </div>
</x-layout>
