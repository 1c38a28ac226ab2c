{{-- Looked at while the powder is raw. --}}
<section class="panel grid gap-2" aria-label="Before the oven">
    <h3>Before the oven
        <span class="hint font-normal">wrong now costs a blow-off, wrong after the bake a strip</span></h3>
    <ul class="grid grid-cols-2 max-[900px]:grid-cols-1 gap-2">
        @foreach ($board->checks() as $one)
            <li class="flex items-center justify-between gap-3 border-t border-line pt-2">
                <span>{{ $one['says'] }}</span>
                @if ($one['ticked'])
                    <b>looked at</b>
                @else
                    <form method="post" action="/sprayings/{{ $board->open->id }}/checks">
                        <x-once />
                        <input type="hidden" name="what" value="{{ $one['what']->value }}">
                        <input type="hidden" name="pin" value="{{ $one['pin']?->id }}">
                        <button class="btn btn-quiet"
                            aria-label="Looked at: {{ $one['what']->label() }}{{ $one['pin'] ? ', pin '
                                .$one['pin']->number : '' }}">Tick</button>
                    </form>
                @endif
            </li>
        @endforeach
    </ul>
</section>
