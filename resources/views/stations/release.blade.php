<x-station :pick="$pick" lead="Masks, bare faces and loose pieces are counted here, and the lot is handed over.">
    @if ($pick->lot)
        @php($lot = $pick->lot)
        @php($part = $pick->part)
        <x-pin-brief :part="$part" :station="$pick->station" />
        <section class="panel grid gap-3" aria-label="Release">
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
            @can('work')
                @foreach ($part->bags as $bag)
                    <x-count-back :action="'/bags/'.$bag->id.'/count'" :id="'bag-'.$bag->id" name="back"
                        :label="$part->name.', bag '.$bag->name.': '.$bag->count.' × '.$bag->holds"
                        :value="$bag->counted_back" :does="$bag->isBack() ? 'All back' : 'Count back'"
                        :of="', bag '.$bag->name" />
                @endforeach
                @foreach ($part->pins as $pin)
                    @foreach ($pin->fittings->where('lot_id', $lot->id) as $fitting)
                        <x-count-back :action="'/fittings/'.$fitting->id.'/off'" :id="'off-'.$fitting->id"
                            name="removed" :label="$part->name.', '.$pin->words().': '.$fitting->countWords()"
                            :value="$fitting->removed" :does="$fitting->isOff() ? 'All off' : 'Count off'"
                            :of="' pin '.$pin->number" />
                    @endforeach
                    @if ($pin->must_stay_bare && ! $pin->bare_signed_by)
                        <x-count-back :action="'/pins/'.$pin->id.'/bare'" :id="'bare-'.$pin->id" name="name"
                            :label="$part->name.', '.$pin->words().' is bare metal: name of who looked'"
                            does="Sign bare" :of="': pin '.$pin->number" :figure="false" />
                    @endif
                @endforeach
                <form method="post" action="/lots/{{ $lot->id }}/release" class="grid gap-3">
                    <x-once />
                    <x-field name="note" id="release-note" label="Note"
                        :hint="$check->doubts ? 'Say why it may leave with the open points.' : null" />
                    <button class="btn btn-do btn-big" @disabled($check->stops !== [])>Sign and release</button>
                </form>
            @endcan
        </section>
    @endif
</x-station>
