@use('Aenum\Core\Hang\Ground')
@use('Aenum\Core\Mask\MaskCatalogue')
@use('Aenum\Core\Unit\Dimension', 'D')
@use('App\Support\ShopClock')
@use('App\Support\Units')
<x-station :pick="$pick" lead="From a part's pins the masks are picked from the shelf.">
    @if ($masks)
        @php($part = $pick->part)
        @if ($bare)<x-bare-steel :clock="$bare" :part="$part" />@endif
        @php($picture = $rack->picture())
        @php($judged = $ground ? Ground::judge($ground->figures['ohm']) : null)
        <div class="grid grid-cols-[23rem_minmax(0,1fr)] max-[1100px]:grid-cols-1 gap-4">
            <section class="panel grid gap-2 content-start" aria-label="The rack">
                <h3>The rack{{ $rack->guessed ? ', as it would usually hang' : '' }}</h3>
                <svg class="rack" viewBox="0 0 420 250" role="img" aria-label="{{ $rack->rack->across }} across, {{ $rack->rack->rows }} high, {{ $u->show(D::Length, $rack->rack->lengthMm) }} long">
                    <path class="bar" d="M{{ $picture['bar'] }} 14H{{ 420 - $picture['bar'] }}" />
                    @foreach ($picture['parts'] as $one)<path class="hook" d="M{{ $one['x'] + $one['width'] / 2 }} {{ $one['hook'] }}V{{ $one['y'] }}" /><rect x="{{ $one['x'] }}" y="{{ $one['y'] }}" width="{{ $one['width'] }}" height="{{ $one['height'] }}" rx="2" />@if ($rack->set['drain'])<path class="drain" d="M{{ $one['x'] + $one['width'] / 2 }} {{ $one['y'] + $one['height'] + 9 }}l-5 -8h10z" />@endif @endforeach
                    <text class="tick" x="210" y="245" text-anchor="middle">{{ $u->show(D::Length, $rack->rack->lengthMm) }} long, {{ $u->show(D::Length, $rack->rack->heightMm) }} high{{ $rack->rack->across > 1 ? ', '.$u->show(D::Length, $rack->rack->gapMm).' between' : '' }}</text>
                </svg>
                <p><b class="num text-[1.6rem]">{{ number_format($rack->rack->viewFactor, 2) }}</b> of the oven wall seen by the innermost. {{ $u->show(D::Mass, $rack->rack->hookKg) }} on a hook, {{ $u->show(D::Mass, $rack->rack->rackKg) }} on the rail{{ $rack->set['jigged'] ? ', '.$u->show(D::Mass, $part->mass_kg).' in the jig' : '' }}. {{ $part->count > $rack->rack->across * $rack->rack->rows ? ceil($part->count / ($rack->rack->across * $rack->rack->rows)).' racks for all '.$part->count.'.' : '' }}</p>
                @foreach ($rack->rack->wrong as $wrong)<p class="wrong">{{ $u->said($wrong) }}</p>@endforeach
                <p class="hint">{{ $rack->set['drain'] ? 'Drains by '.$rack->set['drain'].'.' : 'Hang it so that every hollow drains and vents.' }} {{ $rack->set['jigged'] ? 'Jigged, so that it cannot fall.' : '' }}</p>
                <p class="border-t border-line pt-2">@if ($judged)<b @class(['wrong' => ! $judged['ok']])>{{ $ground->figures['ohm'] >= 1e5 ? number_format($ground->figures['ohm'] / 1e6, 2).' MΩ' : ($ground->figures['ohm'] >= 1000 ? round($ground->figures['ohm'] / 1000, 1).' kΩ' : round($ground->figures['ohm'], 1).' Ω') }} to earth.</b> {{ $judged['says'] }} <span class="hint">{{ ShopClock::time($ground->at) }}</span>@else<b>Ground not measured on this rack.</b> Part to earth, under 1 MΩ.@endif</p>
                @can('work')<form method="post" action="/parts/{{ $part->id }}/ground" class="flex items-end gap-2"><x-once /><div class="grow"><x-field name="ohm" label="Part to earth" inputmode="decimal" /></div><div class="w-24"><x-pick name="unit" id="ohm-unit" label="in" :options="['1' => 'Ω', '1000' => 'kΩ', '1000000' => 'MΩ']" value="1" /></div><button class="btn">Measured</button></form>@endcan
            </section>
            <section class="panel content-start" aria-label="Masks">
                <div class="flex flex-wrap items-baseline justify-between gap-x-3"><h3>Masks</h3><p>{{ $masks->pins->isEmpty() ? '' : Units::minutes($masks->minutes()).' of hands' }}{{ $masks->tapeM() > 0 ? ', '.number_format($masks->tapeM(), 1).' m of tape' : '' }}@if ($masks->plugsSeeC). <span class="hint">Plugs see {{ $u->temp($masks->plugsSeeC) }}, tape {{ $u->temp($masks->tapeSeesC ?? $masks->plugsSeeC) }}.</span>@endif</p></div>
                @if ($masks->pins->isEmpty())<p class="hint">No pins that are masked. <a href="/parts/{{ $part->id }}/pins">Pin threads, bores, seats and faces</a>, and what goes on is picked here.</p>@endif
                <ol>@foreach ($masks->pins as $pin)
                    @php($choice = $masks->picks[$pin->id])
                    @php($on = $masks->on($pin))
                    <li class="border-t border-line py-2 grid grid-cols-[2.4rem_minmax(0,1fr)_auto] items-center gap-2">
                        <span class="pin-no" data-kind="mask">{{ $pin->number }}</span>
                        <div><p><b>{{ ucfirst($pin->kind->label()) }}{{ $pin->size_mm ? ', '.$u->show(D::Length, $pin->size_mm) : '' }}</b>{{ $pin->note ? ', '.$pin->note : '' }}: {{ $choice->mask ? $masks->needed($pin).' × '.$choice->mask->name : '' }} @unless ($choice->mask)<b class="wrong">nothing to put on it.</b>@endunless</p>
                            <p class="hint">{{ $u->said($choice->why) }} @if ($choice->mask && ! $choice->enough)<b class="wrong">The shelf holds {{ $choice->mask->held }}.</b>@endif</p>
                            @if ($pin->must_stay_bare)<p>@if ($pin->bare_signed_by)Signed bare by <b>{{ $pin->bare_signed_by }}</b>, {{ ShopClock::time($pin->bare_signed_at) }}.@else<b class="wrong">Safety: it must stay bare metal, and is signed for at release.</b>@endif</p>@endif</div>
                        <div>@if ($on && ! $on->isOff())<div class="flex items-center gap-2"><b>{{ $on->fitted }} on</b>@can('work')<form method="post" action="/fittings/{{ $on->id }}/withdraw"><x-once /><button class="btn btn-quiet !px-3" aria-label="Take back the fitting at pin {{ $pin->number }}">×</button></form>@endcan</div>
                            @else @can('work')<form method="post" action="/pins/{{ $pin->id }}/fit" class="flex items-end gap-2"><x-once />@if ($choice->mask)<input type="hidden" name="mask" value="{{ $choice->mask->id }}">@endif<div class="w-16"><label class="sr-only" for="fit-{{ $pin->id }}">Fitted at pin {{ $pin->number }}</label><input id="fit-{{ $pin->id }}" name="fitted" value="{{ $masks->needed($pin) }}" inputmode="numeric" autocomplete="off"></div><button class="btn" aria-label="Pin {{ $pin->number }}: they are on">On</button></form>@endcan @endif</div>
                    </li>
                @endforeach</ol>
                @if ($masks->cutList())<h3 class="mt-2">To cut</h3><ul class="list-disc pl-6">@foreach ($masks->cutList() as $cut)<li>{{ $u->said($cut) }}</li>@endforeach</ul>@endif
            </section>
        </div>
        @can('work')
            <form method="post" action="/parts/{{ $part->id }}/hang" class="panel grid grid-cols-4 max-[900px]:grid-cols-2 gap-x-3 gap-y-2"><x-once />
                <x-field name="across" label="Across" :value="$rack->set['across']" inputmode="numeric" /><x-field name="rows" label="Rows" :value="$rack->set['rows']" inputmode="numeric" /><x-field name="pitch" label="Pitch" :unit="$u->unit(D::Length)" :value="$u->field(D::Length, $rack->set['pitch_mm'], 1)" /><x-field name="drop" label="Row to row" :unit="$u->unit(D::Length)" :value="$u->field(D::Length, $rack->set['drop_mm'], 1)" />
                @foreach (['along' => [0, 'Along the rail'], 'up' => [1, 'Up'], 'deep' => [2, 'Deep']] as $name => [$n, $label])<x-field :name="$name" :label="$label" :unit="$u->unit(D::Length)" :value="$u->field(D::Length, $rack->set['box_mm'][$n], 1)" inputmode="decimal" />@endforeach
                <x-field name="hooks" label="Hooks each" :value="$rack->set['hooks']" inputmode="numeric" />
                <div class="col-span-2"><x-field name="drain" label="Drains by" :value="$rack->set['drain']" hint="Which hole points down, which vents." /></div>
                <label class="flex items-center gap-3 min-h-[44px] font-normal"><input type="checkbox" name="jigged" value="1" @checked($rack->set['jigged'])> Jigged: it cannot fall</label>
                <button class="btn btn-do self-center">Hang it so</button></form>
        @endcan
    @endif
    <details class="panel" @if ($errors->hasAny(['name', 'from', 'to', 'held', 'rated'])) open @endif><summary>Masks on the shelf</summary>
        <div class="scroll-x" tabindex="0" role="region" aria-label="Masks on the shelf"><table class="grid-table"><thead><tr><th scope="col">Mask</th><th scope="col">Kind</th><th scope="col" class="n">Seals</th><th scope="col" class="n">Stands</th><th scope="col" class="n">Held</th><th scope="col"><span class="sr-only">Retire</span></th></tr></thead><tbody>
            @foreach ($shelf as $mask)<tr><th scope="row">{{ $mask->name }}</th><td>{{ $mask->kind }}, {{ str_replace('_', ' ', $mask->material) }}</td><td class="n">{{ $mask->kind === 'tape' ? $u->show(D::Length, $mask->from_mm).' wide' : $u->show(D::Length, $mask->from_mm).' to '.$u->show(D::Length, $mask->to_mm) }}</td><td class="n">{{ $mask->rated_c === null ? 'no oven' : $u->temp($mask->rated_c) }}</td><td class="n">{{ $mask->held }}{{ $mask->kind === 'tape' ? ' m' : '' }}</td><td>@can('work')<form method="post" action="/masks/{{ $mask->id }}/retire"><x-once /><button class="btn btn-quiet !px-3 !min-h-[44px]" aria-label="Take {{ $mask->name }} off the shelf">×</button></form>@endcan</td></tr>@endforeach
        </tbody></table></div>
        @can('work')<form method="post" action="/masks" class="grid grid-cols-4 max-[900px]:grid-cols-2 gap-3 mt-3"><x-once />
            <x-field name="name" id="mask-name" label="Name" /><x-pick name="kind" label="Kind" :options="['plug' => 'plug', 'cap' => 'cap', 'disc' => 'disc', 'tape' => 'tape']" /><x-pick name="material" label="Of" :options="collect(MaskCatalogue::MATERIALS)->mapWithKeys(fn ($m) => [$m => str_replace('_', ' ', $m)])" /><x-field name="held" label="How many, m of tape" inputmode="numeric" />
            <x-field name="from" label="From, or tape width" :unit="$u->unit(D::Length)" /><x-field name="to" label="to" :unit="$u->unit(D::Length)" /><x-field name="rated" label="Stands" :unit="$u->unit(D::Temperature)" hint="Empty: as usual for it." /><div class="self-end"><button class="btn w-full">Put on the shelf</button></div></form>@endcan</details>
</x-station>
