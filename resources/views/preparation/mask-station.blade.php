@use('App\Routing\Queries\GroundReading')
@use('Aenum\Core\Preparation\Masking\MaskKind')
@use('Aenum\Core\Preparation\Masking\MaskMaterial')
@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Preparation\ViewModels\RackDrawing')
@use('App\Platform\Clock\ShopClock')
@use('App\Platform\Presentation\Units')
@use('App\Platform\Presentation\EnumLabels')
<x-station :pick="$pick" lead="From a part's pins the masks are picked from the shelf.">
    @if ($masks)
        @php($part = $pick->part)
        @php($hung = $rack->rack)
        @php($set = $hung->set)
        @if ($bare)
            <x-bare-steel :clock="$bare" :batch="$pick->batch" />
        @endif
        <div class="grid grid-cols-[23rem_minmax(0,1fr)] max-[1100px]:grid-cols-1 gap-4">
            <section class="panel grid gap-2 content-start" aria-label="The rack">
                <h3>The rack{{ $rack->guessed ? ', as it would usually hang' : '' }}</h3>
                <svg
                    class="rack"
                    viewBox="0 0 {{ RackDrawing::WIDTH }} {{ RackDrawing::HEIGHT }}"
                    role="img"
                    aria-label="{{ $set->across }} across, {{ $set->rows }} high, {{
                        $u->show(D::Length, $hung->lengthMm) }} long"
                >
                    <path class="bar" d="M{{ $drawing->bar() }} 14H{{ RackDrawing::WIDTH - $drawing->bar() }}" />
                    @foreach ($drawing->parts() as $one)
                        <path class="hook" d="M{{ $one['x'] + $one['width'] / 2 }} {{ $one['hook'] }}V{{ $one['y']
                            }}" />
                        <rect x="{{ $one['x'] }}" y="{{ $one['y'] }}" width="{{ $one['width'] }}"
                            height="{{ $one['height'] }}" rx="2" />
                        @if ($set->drain)
                            <path
                                class="drain"
                                d="M{{ $one['x'] + $one['width'] / 2 }} {{ $one['y'] + $one['height'] + 9 }}l-5 -8h10z"
                            />
                        @endif
                    @endforeach
                    <text class="tick" x="210" y="245" text-anchor="middle">
                        {{ $u->show(D::Length, $hung->lengthMm) }} long, {{ $u->show(D::Length, $hung->heightMm) }}
                        high{{ $set->across > 1 ? ', '.$u->show(D::Length, $hung->gapMm).' between' : '' }}
                    </text>
                </svg>
                <p>
                    <b class="num text-[1.6rem]">{{ number_format($hung->viewFactor, 2) }}</b> of the oven wall seen
                        by the
                    innermost. {{ $u->show(D::Mass, $hung->hookKg) }} on a hook,
                    {{ $u->show(D::Mass, $hung->rackKg) }} on the
                    rail{{ $set->jigged ? ', '.$u->show(D::Mass, $part->mass_kg).' in the jig' : '' }}.
                    @if ($hung->racksFor($pick->batch->count) > 1)
                        {{ $hung->racksFor($pick->batch->count) }} racks for all {{ $pick->batch->count }}.
                    @endif
                </p>
                @foreach ($rack->findings as $finding)
                    <x-finding-line :finding="$finding" />
                @endforeach
                <p class="hint">
                    {{ $set->drain ? 'Drains by '.$set->drain.'.' : 'Hang it so that every hollow drains and vents.' }}
                    {{ $set->jigged ? 'Jigged, so that it cannot fall.' : '' }}
                </p>
                <p class="border-t border-line pt-2">
                    @if ($ground)
                        <x-ground :line="$ground" />
                    @else
                        <b>Ground not measured on this rack.</b> Part to ground has to be under 1 MΩ.
                    @endif
                </p>
                <p class="border-t border-line pt-2">{{ ucfirst($u->said($hooks->words())) }}</p>
                @can('work')
                    <form method="post" action="/hooks">
                        <x-once />
                        <input type="hidden" name="size" value="{{ $hooks->size->value }}">
                        <button class="btn btn-quiet">These hooks are clean now</button>
                    </form>
                    <form method="post" action="/batches/{{ $pick->batch->id }}/ground"
                        class="flex flex-wrap items-end gap-2">
                        <x-once />
                        <div class="grow">
                            <x-field name="ohm" label="Part to ground" inputmode="decimal" />
                        </div>
                        <div class="w-24">
                            <x-pick
                                name="unit"
                                id="ohm-unit"
                                label="in"
                                :options="['1' => 'Ω', '1000' => 'kΩ', '1000000' => 'MΩ']"
                                value="1"
                            />
                        </div>
                        <div class="w-44">
                            <x-pick name="volts" id="ground-volts" label="Meter" :options="GroundReading::METERS"
                                empty="not said" />
                        </div>
                        <button class="btn">Save reading</button>
                    </form>
                @endcan
            </section>
            <section class="panel content-start" aria-label="Masks">
                <div class="flex flex-wrap items-baseline justify-between gap-x-3">
                    <h3>Masks</h3>
                    <p>
                        @if ($masks->pins->isNotEmpty())
                            {{ Units::minutes($masks->minutes()) }} of hands{{ $masks->tapeM() ? ',' : '' }}
                        @endif
                        @if ($masks->tapeM())
                            {{ $u->show(D::Size, $masks->tapeM(), 1) }} of tape.
                        @endif
                        @if ($masks->heat->plugsSeeC)
                            <span class="hint">
                                Plugs see {{ $u->temp($masks->heat->plugsSeeC) }},
                                tape {{ $u->temp($masks->heat->tapeSeesC ?? $masks->heat->plugsSeeC) }}.
                            </span>
                        @endif
                    </p>
                </div>
                @if ($masks->pins->isEmpty())
                    <p class="hint">
                        No pins that are masked.
                        <a href="/parts/{{ $part->id }}/pins">Pin threads, bores, seats and faces</a>, and what goes
                            on is
                        picked here.
                    </p>
                @endif
                <ol>
                    @foreach ($masks->pins as $pin)
                        <x-mask-row :masks="$masks" :pin="$pin" />
                    @endforeach
                </ol>
                @if ($masks->cutList())
                    <h3 class="mt-2">To cut</h3>
                    <ul class="list-disc pl-6">
                        @foreach ($masks->cutList() as $cut)
                            <li>{{ $u->said($cut) }}</li>
                        @endforeach
                    </ul>
                @endif
            </section>
        </div>
        @can('work')
            <form
                method="post"
                action="/batches/{{ $pick->batch->id }}/hang"
                class="panel grid grid-cols-4 max-[900px]:grid-cols-2 gap-x-3 gap-y-2"
            >
                <x-once />
                <x-field name="across" label="Across" :value="$set->across" inputmode="numeric" />
                <x-field name="rows" label="Rows" :value="$set->rows" inputmode="numeric" />
                @foreach ($rack->lengths() as $name => [$label, $mm])
                    <x-field
                        :name="$name"
                        :label="$label"
                        :unit="$u->unit(D::Length)"
                        :value="$u->field(D::Length, $mm, 1)"
                        inputmode="decimal"
                    />
                @endforeach
                <x-field name="hooks" label="Hooks each" :value="$set->hooks" inputmode="numeric" />
                <div class="col-span-2">
                    <x-field name="drain" label="Drains by" :value="$set->drain"
                        hint="Which hole points down, which vents." />
                </div>
                <label class="flex items-center gap-3 min-h-[44px] font-normal">
                    <input type="checkbox" name="jigged" value="1" @checked($set->jigged)> Jigged: it cannot fall
                </label>
                <button class="btn btn-do self-center">Hang it so</button>
            </form>
        @endcan
    @endif
    <details class="panel" @if ($errors->hasAny(['name', 'from', 'to', 'held', 'rated'])) open @endif>
        <summary>Masks on the shelf</summary>
        <div class="scroll-x" tabindex="0" role="region" aria-label="Masks on the shelf">
            <table class="grid-table">
                <thead>
                    <tr>
                        <th scope="col">Mask</th>
                        <th scope="col">Kind</th>
                        <th scope="col" class="n">Seals</th>
                        <th scope="col" class="n">Stands</th>
                        <th scope="col" class="n">Held</th>
                        <th scope="col"><span class="sr-only">Retire</span></th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($shelf as $mask)
                        <tr>
                            <th scope="row">{{ $mask->name }}</th>
                            <td>{{ $mask->kind->label() }}, {{ str_replace('_', ' ', $mask->material) }}</td>
                            <td class="n">{{ $u->said($mask->sealsWords()) }}</td>
                            <td class="n">{{ $mask->rated_c === null ? 'no oven' : $u->temp($mask->rated_c) }}</td>
                            <td class="n">{{ $u->said($mask->heldWords()) }}
                                @can('work')
                                    <form method="post" action="/masks/{{ $mask->id }}/count"
                                        class="inline-flex gap-2 items-center">
                                        <x-once />
                                        <label class="sr-only" for="held-{{ $mask->id }}">{{ $mask->name }}, counted
                                            anew</label>
                                        <input id="held-{{ $mask->id }}" name="held" value="{{ $mask->held }}"
                                            inputmode="numeric" class="!w-20">
                                        <button class="btn btn-quiet !px-3 !min-h-[44px]">Count</button>
                                    </form>
                                @endcan
                            </td>
                            <td>
                                @can('work')
                                    <form method="post" action="/masks/{{ $mask->id }}/retire">
                                        <x-once />
                                        <button
                                            class="btn btn-quiet !px-3 !min-h-[44px]"
                                            aria-label="Take {{ $mask->name }} off the shelf"
                                        >×</button>
                                    </form>
                                @endcan
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
        @can('work')
            <form method="post" action="/masks" class="grid grid-cols-4 max-[900px]:grid-cols-2 gap-3 mt-3">
                <x-once />
                <x-field name="name" id="mask-name" label="Name" />
                <p class="hint col-span-full">
                    @foreach (MaskKind::cases() as $kind)
                        <b>{{ ucfirst($kind->label()) }}:</b> {{ $kind->says() }}
                    @endforeach
                    @foreach (MaskMaterial::cases() as $material)
                        <b>{{ ucfirst($material->label()) }}:</b> {{ $material->handling() }}
                    @endforeach
                </p>
                <x-pick name="kind" label="Kind" :options="EnumLabels::of(MaskKind::cases())" />
                <x-pick name="material" label="Of" :options="EnumLabels::of(MaskMaterial::cases())" />
                <x-field name="held" label="How many, or metres of tape" inputmode="numeric" />
                <x-field name="from" label="From, or tape width" :unit="$u->unit(D::Length)" />
                <x-field name="to" label="to" :unit="$u->unit(D::Length)" />
                <x-field name="rated" label="Stands" :unit="$u->unit(D::Temperature)" hint="Empty: as usual for it." />
                <div class="self-end">
                    <button class="btn w-full">Put on the shelf</button>
                </div>
            </form>
        @endcan
    </details>
</x-station>
