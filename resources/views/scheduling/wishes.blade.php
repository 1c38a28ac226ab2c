@use('App\Platform\Clock\ShopClock')
@can('work')
    <section class="panel mt-4 no-print" aria-label="Say something to the plan">
        <h2 class="mb-2">Say something to the plan</h2>
        <div class="grid grid-cols-2 max-[900px]:grid-cols-1 gap-4">
            <div class="grid gap-3">
                <h3>A lot</h3>
                <form method="post" action="/day/preferences" class="grid gap-3"><x-once />
                    <x-pick name="lot" id="wish-lot" label="Lot" :options="$board->batches()" />
                    <x-pick name="who" id="wish-who" label="Done by" :options="$people" empty="whoever can" />
                    <input type="hidden" name="not_before" value="{{ $tomorrow }}">
                    <div class="flex flex-wrap gap-3">
                        <button class="btn btn-do" name="kind" value="first">This first</button>
                        <button class="btn btn-quiet" name="kind" value="not_before">Not today</button>
                        <button class="btn btn-quiet" name="kind" value="by">Done by whom I picked</button>
                    </div>
                </form>
                <h3>What was said</h3>
                @forelse ($wishes as $wish)
                    <form method="post" action="/scheduling-preferences/{{ $wish->id }}/withdraw"
                        class="flex gap-3 items-center">
                        <x-once /><span>Job {{ $wish->batch->part->job->number }}, {{ $wish->batch->partName() }}:
                            {{ $wish->words() }}</span>
                        <button class="btn btn-quiet">Not any more</button>
                    </form>
                @empty
                    <p class="hint">Nothing.</p>
                @endforelse
            </div>
            <div class="grid gap-3 content-start">
                <h3>Somebody goes home</h3>
                @foreach ($away as $one)
                    <form method="post" action="/absences/{{ $one->id }}/withdraw" class="flex gap-3 items-center">
                        <x-once /><span>{{ $one->user->name }}, {{ ShopClock::time($one->from_at) }} to
                            {{ ShopClock::time($one->to_at) }}</span>
                        <button class="btn btn-quiet">Is there</button>
                    </form>
                @endforeach
                <form method="post" action="/day/away" class="grid grid-cols-2 gap-3 items-end"><x-once />
                    <x-pick name="who" id="away-who" label="Who" :options="$people" />
                    <x-field name="from" label="Away from" type="datetime-local" :value="$now" />
                    <x-field name="until" label="Back at" type="datetime-local" :value="$night" />
                    <button class="btn btn-quiet">Is away</button>
                </form>
                <h3>In a calendar</h3>
                @foreach ($feeds as $feed)
                    <form method="post" action="/calendar-feeds/{{ $feed->id }}/withdraw"
                        class="flex gap-3 items-center"><x-once /><span>{{ $feed->name() }}, opened
                            {{ $feed->opened }} times</span>
                        <button class="btn btn-quiet">Close</button>
                    </form>
                @endforeach
                <form method="post" action="/calendar-feeds" class="grid grid-cols-2 gap-3 items-end"><x-once />
                    <x-pick name="kind" id="feed-kind" label="Whose days"
                        :options="['person' => 'mine', 'oven' => 'an oven\'s', 'shop' => 'the shop\'s']" />
                    <x-pick name="oven" id="feed-oven" label="Oven" :options="$ovens" empty="none" />
                    <button class="btn btn-quiet">Give me an address</button>
                </form>
            </div>
        </div>
    </section>
@endcan
