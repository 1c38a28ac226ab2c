@use('Aenum\Core\Curing\MetalAging')
@use('Aenum\Core\Inspection\ReworkMethod')
@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Accounts\Models\Shop')
@use('App\Platform\Presentation\Units')
{{-- One way of mending it, with what it costs. $way, $board, $defect --}}
<article class="border-t border-line pt-2" aria-label="{{ ucfirst($way->way->label()) }}">
    <p><b>{{ ucfirst($way->way->label()) }}</b>
        @if ($way->isWork())
            · {{ Units::minutes($way->minutes) }} of hands, {{ Units::minutes($way->waitMinutes) }} of waiting,
            {{ $u->show(D::Powder, 1000 * $way->powderKg, 0) }} of powder,
            {{ Shop::current()->currency }} {{ number_format($way->money, 0) }}
        @endif
    </p>
    @if ($way->not !== null)
        <p class="wrong">Not to be had: {{ $way->not }}.</p>
    @else
        @if ($way->isWork())
        <p class="hint">
            @foreach ($way->layers as $layer)
                @if ($layer->after !== null)
                    {{ ucfirst($layer->name) }}: over-bake {{ number_format((float) $layer->now, 2) }} →
                    {{ number_format($layer->after, 2) }} of 1.
                @else
                    {{ ucfirst($layer->name) }}: its sheet does not say what it stands.
                @endif
            @endforeach
            @if ($way->countedBy)
                <b>Only with its cure {{ $way->countedBy->label() }}: set that at the cure bench.</b>
            @endif
            @if ($way->metalMinutes)
                <span @class(['wrong' => $way->heatsMetalMuch()])>Metal: {{ round($way->metalMinutes[0]) }} →
                    {{ round($way->metalMinutes[1]) }} min as at
                    {{ $u->temp(MetalAging::REFERENCE_C) }}{{ $way->heatsMetalMuch()
                        ? ': past what is worth a word, the maker\'s limit comes first' : '' }}.</span>
            @endif
            Film then about {{ $u->show(D::Film, $way->filmAfterUm, $u->isMetric() ? 0 : 1) }}, the sheets allow
            {{ $u->show(D::Film, $way->filmMostUm, $u->isMetric() ? 0 : 1) }}.
            @if ($board->keepsDate($way) !== null)
                Ready {{ $board->readyOn($way)->format('j M') }} at the earliest:
                {{ $board->keepsDate($way) ? 'the date is kept' : 'the date is not kept' }}.
            @endif
        </p>
        @endif
        @can('work')
            <form method="post" action="/defects/{{ $defect->id }}/disposition" class="flex flex-wrap items-end gap-2">
                <x-once />
                @if ($way->way->wantsName())
                    <div class="grow min-w-44">
                        <x-field name="agreed_by" label="Who accepts it, by name" maxlength="120" />
                    </div>
                @endif
                <button class="btn {{ $loop->first ? 'btn-do' : '' }}" name="way" value="{{ $way->way->value }}">
                    {{ ucfirst($way->way->label()) }}{{
                        $defect->pieces < $defect->batch->count && ! $way->way->wantsName()
                        ? ': '.$defect->pieces.' of '.$defect->batch->count : '' }}
                </button>
            </form>
        @endcan
    @endif
</article>
