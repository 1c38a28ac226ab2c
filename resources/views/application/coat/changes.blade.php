{{-- The day's colours, the cheapest change first, and the list to clean by. $changes --}}
@use('Aenum\Core\Application\ColorChange')
@use('App\Application\ViewModels\CoatViewModel')
@use('App\Application\Queries\ColorChanges')
@use('App\Platform\Presentation\Units')
@if ($changes !== [])
    @php($from = CoatViewModel::lastPowderOf(null))
    <details class="panel" @if ($errors->hasAny(['took', 'done'])) open @endif>
        <summary>Colour change: what is due here, from {{ $from->name ?? 'a clean booth' }}</summary>
        <ol>
            @foreach ($changes as $one)
                <li class="border-t border-line py-1 flex items-center gap-2">
                    <x-swatch :colour="$one['powder']->colour" />
                    <b>{{ $one['powder']->name }}</b>
                    <span>{{ $one['change'] === null ? 'no change' : 'about '.Units::minutes($one['minutes']) }},
                        {{ $one['lots'] }} {{ $one['lots'] === 1 ? 'lot' : 'lots' }}{{
                            $one['change']?->isDear ? ': a dear neighbour, '.$one['change']->why : '' }}</span>
                </li>
            @endforeach
        </ol>
        <p class="hint">{{ ColorChanges::factor()->trust() }}</p>
        @can('work')
            @php($next = collect($changes)->first(fn ($one) => $one['change'] !== null))
            @if ($next && $from)
                <form method="post" action="/color-changes" class="grid gap-2 border-t border-line pt-2">
                    <x-once />
                    <input type="hidden" name="from" value="{{ $from->name }}">
                    <input type="hidden" name="planned" value="{{ round($next['change']->minutes, 2) }}">
                    <x-pick name="to" id="change-to" label="To"
                        :options="collect($changes)->filter(fn ($one) => $one['change'])->mapWithKeys(fn ($one) =>
                            [$one['powder']->name => $one['powder']->name])" />
                    <fieldset>
                        <legend>In this order</legend>
                        @foreach (ColorChange::STEPS as $key => $step)
                            <label class="flex items-center gap-3 min-h-[44px] font-normal">
                                <input type="checkbox" name="done[]" value="{{ $key }}"
                                    @checked(in_array($key, (array) old('done', []), true))> {{ $step }}
                            </label>
                        @endforeach
                    </fieldset>
                    <div class="flex items-end gap-3">
                        <div class="w-32"><x-field name="took" label="The change took, min" inputmode="decimal" /></div>
                        <button class="btn">Changed: log it</button>
                    </div>
                </form>
            @endif
        @endcan
    </details>
@endif
