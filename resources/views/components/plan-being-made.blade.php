{{-- A newer plan is being made: the page fetches itself again until it stands. $board DayViewModel --}}
@props(['board'])
@if ($board->isBeingMade)
    <p class="hint mb-3 no-print" role="status" hx-get="{{ request()->fullUrl() }}" hx-trigger="load delay:2s"
        hx-target="#plan" hx-select="#plan" hx-swap="outerHTML">{{
        $board->plannedAt() === null
            ? 'It stands here in a few seconds.'
            : 'Something has changed since: a newer plan is being made.' }}</p>
@endif
