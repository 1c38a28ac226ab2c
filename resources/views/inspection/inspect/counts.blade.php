{{-- Bags counted back, masks counted off. $part, $fitted --}}
<section class="panel grid gap-2" aria-label="Counts">
    <h3>Counted</h3>
    @if ($part->bags->isEmpty() && $fitted->isEmpty())
        <p class="hint">No bag was filled and no mask is on its books.</p>
    @endif
    @foreach ($part->bags as $bag)
        @can('work')
            <x-count-back :action="'/bags/'.$bag->id.'/count'" :id="'bag-'.$bag->id" name="back"
                :label="$part->name.', bag '.$bag->name.': '.$bag->count.' × '.$bag->holds"
                :value="$bag->counted_back" :does="$bag->isBack() ? 'All back' : 'Count back'"
                :of="', bag '.$bag->name" />
        @endcan
    @endforeach
    @foreach ($fitted as $fitting)
        @can('work')
            <x-count-back :action="'/mask-applications/'.$fitting->id.'/off'" :id="'off-'.$fitting->id" name="removed"
                :label="$part->name.', '.$fitting->pin->words().': '.$fitting->countWords()" :value="$fitting->removed"
                :does="$fitting->isOff() ? 'All off' : 'Count off'" :of="' pin '.$fitting->pin->number" />
        @endcan
    @endforeach
</section>
