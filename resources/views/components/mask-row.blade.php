{{-- One pin that is masked: what goes on, what is on, and whether it must stay bare. --}}
@props(['masks', 'pin'])
@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Platform\Clock\ShopClock')
@php($choice = $masks->picks[$pin->id])
@php($on = $masks->on($pin))
<li class="border-t border-line py-2 grid grid-cols-[2.4rem_minmax(0,1fr)_auto] items-center gap-2">
    <span class="pin-no" data-kind="mask">{{ $pin->number }}</span>
    <div>
        <p>
            <b>{{ ucfirst($pin->kind->label()) }}{{ $pin->size_mm ? ', '.$u->show(D::Length, $pin->size_mm) : ''
                }}</b>{{ $pin->note ? ', '.$pin->note : '' }}:
            @if ($choice->mask)
                {{ $masks->needed($pin) }} × {{ $choice->mask->name }}
            @else
                <b class="wrong">nothing to put on it.</b>
            @endif
        </p>
        <p class="hint">
            {{ $u->said($choice->why) }}
            @if ($choice->mask && ! $choice->enough)
                <b class="wrong">The shelf holds {{ $choice->mask->held }}.</b>
            @endif
        </p>
        @if ($pin->must_stay_bare)
            <p>
                @if ($pin->bare_signed_by)
                    Signed bare by <b>{{ $pin->bare_signed_by }}</b>, {{ ShopClock::time($pin->bare_signed_at) }}.
                @else
                    <b class="wrong">Safety: it must stay bare metal, and is signed for at release.</b>
                @endif
            </p>
        @endif
    </div>
    <div>
        @if ($on && ! $on->isOff())
            <div class="flex items-center gap-2">
                <b>{{ $on->fitted }} on</b>
                @can('work')
                    <form method="post" action="/mask-applications/{{ $on->id }}/off">
                        <x-once />
                        <input type="hidden" name="removed" value="{{ $on->fitted }}">
                        <button class="btn"
                            aria-label="Pin {{ $pin->number }}: all {{ $on->fitted }} are off">Off</button>
                    </form>
                    <form method="post" action="/mask-applications/{{ $on->id }}/withdraw">
                        <x-once />
                        <button class="btn btn-quiet !px-3"
                            aria-label="Take back the fitting at pin {{ $pin->number }}">×</button>
                    </form>
                @endcan
            </div>
        @else
            @can('work')
                <form method="post" action="/pins/{{ $pin->id }}/fit" class="flex items-end gap-2">
                    <x-once />
                    <input type="hidden" name="lot" value="{{ $masks->batch->id }}">
                    @if ($choice->mask)
                        <input type="hidden" name="mask" value="{{ $choice->mask->id }}">
                    @endif
                    <div class="w-16">
                        <label class="sr-only" for="fit-{{ $pin->id }}">Fitted at pin {{ $pin->number }}</label>
                        <input
                            id="fit-{{ $pin->id }}"
                            name="fitted"
                            value="{{ $masks->needed($pin) }}"
                            inputmode="numeric"
                            autocomplete="off"
                        >
                    </div>
                    <button class="btn" aria-label="Pin {{ $pin->number }}: they are on">On</button>
                </form>
            @endcan
        @endif
    </div>
</li>
