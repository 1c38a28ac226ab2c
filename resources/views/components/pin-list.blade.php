@props(['part', 'pins', 'change' => false])
@use('Aenum\Core\Units\Dimension', 'D')
<ol class="grid gap-1" aria-label="Pins">
    @foreach ($pins as $pin)
        <li class="flex items-start gap-2 border-t border-line pt-1">
            <span class="pin-no" data-kind="{{ $pin->kind->isMasked() ? 'mask' : 'tell' }}">{{ $pin->number }}</span>
            <span class="grow"><b>{{ ucfirst($pin->kind->label()) }}</b>
                @if ($pin->size_mm)
                    · {{ $u->show(D::Length, $pin->size_mm) }}
                    @if ($pin->depth_mm !== null)
                        wide, {{ $u->show(D::Length, $pin->depth_mm) }} deep
                    @endif
                @elseif ($pin->kind->needsSize())
                    · <span class="wrong">measure it</span>
                @endif
                @if ($pin->places > 1)
                    · {{ $pin->places }} alike
                @endif
                @if ($pin->must_stay_bare)
                    · <b class="wrong">must stay bare</b>
                @endif
                    <br>
                    @if ($pin->note)
                        {{ $pin->note }}
                    @else
                        <span class="hint">{{ $pin->kind->asks() }}</span>
                    @endif
                    @if ($pin->answered_at)
                        <br><b>{{ $pin->answer }}</b> <span class="hint">heard by {{ $pin->answered_by }}</span>
                    @elseif ($pin->isAsked())
                        <br><b class="wrong">not answered yet: masking and coating wait for it</b>
                        @can('work')
                            <form method="post" action="/pins/{{ $pin->id }}/answer" class="no-print flex gap-2 mt-1">
                                <x-once />
                                <label class="sr-only" for="answer-{{ $pin->id }}">The owner says, pin
                                    {{ $pin->number }}</label>
                                <input id="answer-{{ $pin->id }}" name="answer" placeholder="the owner says"
                                    maxlength="300">
                                <button class="btn">Answered</button>
                            </form>
                        @endcan
                    @endif
            </span>
            @if ($change)
                @can('work')
                    <form method="post" action="/pins/{{ $pin->id }}/withdraw" class="no-print"><x-once /><button
                            class="btn btn-quiet !px-3 !min-h-[44px]"
                            aria-label="Take pin {{ $pin->number }} out">×</button></form>
                @endcan
            @endif
        </li>
    @endforeach
</ol>
