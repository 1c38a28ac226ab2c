@use('Aenum\Core\Trade\Station')
@use('App\Platform\Presentation\OldInput')
<x-station :pick="$pick" lead="Masks, bare faces and loose pieces are counted here, and the lot is handed over.">
    @if ($pick->batch)
        @php($batch = $pick->batch)
        @php($part = $pick->part)
        @if ($check->stops)
            <x-verdict tone="stop" headline="It cannot leave yet." :reasons="$check->stops" />
        @elseif ($check->doubts)
            <x-verdict tone="stop" headline="It may leave when you write why." :reasons="$check->doubts" />
        @else
            <x-verdict headline="Everything is cured, measured and counted." />
        @endif
        @error('release')
            <p class="wrong">{{ $message }}</p>
        @enderror
        <div class="grid grid-cols-2 max-[1100px]:grid-cols-1 gap-4 items-start">
            <div class="grid gap-4">
                @include('inspection.inspect.counts')
                @if ($check->over->defects->isNotEmpty())
                    @include('inspection.inspect.defects', ['defects' => $check->over->defects])
                @endif
                @include('inspection.inspect.photos')
            </div>
            <x-looks :lines="$check->over->at(Station::Release)" :batch="$batch" title="Before it leaves" />
        </div>
        @can('work')
            <section class="panel" aria-label="Hand over">
                <form method="post" action="/batches/{{ $batch->id }}/release" class="grid gap-3" data-signs>
                    <x-once />
                    <div class="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] max-[900px]:grid-cols-1 gap-4">
                        <div class="grid gap-3 content-start">
                            <x-field name="taken_by" label="Taken by" maxlength="120"
                                hint="Who takes it along; empty where it is fetched or sent." />
                            <x-field name="note" id="release-note" label="Note"
                                :hint="$check->doubts ? 'Say why it may leave with the open points.' : null" />
                        </div>
                        <div>
                            <p id="sign-how">Signed by finger or pen; the name alone will do.</p>
                            <svg class="sign-pad" data-pad viewBox="0 0 1000 1000" preserveAspectRatio="none" role="img"
                                aria-labelledby="sign-how"></svg>
                            <input type="hidden" name="signature" value="{{ OldInput::text('signature') }}">
                            <button type="button" class="btn btn-quiet" data-wipe>Wipe</button>
                        </div>
                    </div>
                    <button class="btn btn-do btn-big" @disabled($check->stops !== [])>Sign and release</button>
                </form>
            </section>
        @endcan
    @endif
</x-station>
