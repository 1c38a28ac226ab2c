<x-layout :title="$part->name.': what it is and its route'" :at="$part->job->isOpen() ? $part->job->station : null">
    <x-part-head :part="$part" at="route" />
    <div class="grid grid-cols-[24rem_minmax(0,1fr)] max-[1000px]:grid-cols-1 gap-5">
        <x-edit
            :action="'/parts/'.$part->id.'/facts'"
            :often="true"
            class="panel grid gap-3 content-start"
            name="facts"
            :hx-put="Gate::allows('work') ? '/parts/'.$part->id.'/facts' : null"
            hx-trigger="change delay:150ms, submit"
            hx-sync="this:queue last"
            hx-target="#answer"
            hx-swap="outerHTML"
        >
            @include('routing.facts')
        </x-edit>
        @include('routing.answer')
    </div>
    @if ($part->job->isOpen())
        @include('routing.ways', ['own' => $part->ownWays()])
    @endif
</x-layout>
