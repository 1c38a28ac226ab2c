{{-- A lot that no bake waits for: why, and the station it is signed on to. --}}
@props(['one', 'says' => null])
<div class="grid gap-1">
    <p><a href="/jobs/{{ $one->batch->part->job_id }}">Job {{ $one->batch->part->job->number }}</a>,
        {{ $one->batch->title() }}: {{ $says ?? $one->says }}</p>
    @if ($one->to !== null)
        @can('work')
            <form method="post" action="/batches/{{ $one->batch->id }}/go">
                <x-once />
                <input type="hidden" name="seen_at" value="cure">
                <input type="hidden" name="to" value="{{ $one->to->value }}">
                <button class="btn btn-do w-full" name="then" value="on">Sign, on to {{ $one->to->label() }}</button>
            </form>
        @endcan
    @endif
</div>
