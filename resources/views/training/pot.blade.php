@use('Aenum\Core\Trade\Station')
@use('Aenum\Core\Training\Hazard')
@use('Aenum\Core\Training\Pot')
@use('Aenum\Core\Training\PotMove')
@php($pot = $table['pot'])
@php($last = end($table['hazards']) ?: [])
<x-layout :title="$exercise->name" :at="Station::Blast">
    <p><a class="inline-flex items-center min-h-[44px]" href="/practice">The pot, practised</a></p>
    <div class="flex flex-wrap items-baseline justify-between gap-3 mb-2">
        <h1>{{ $exercise->name }}</h1>
        <p>{{ $exercise->story }} <b>Goal: {{ lcfirst($exercise->goal) }}</b></p>
    </div>
    <div class="grid grid-cols-[minmax(0,1fr)_22rem] max-[1000px]:grid-cols-1 gap-5">
        <div class="grid gap-3 content-start">
            <figure class="panel">@include('training.picture')</figure>
            <div class="verdict" data-tone="{{ $last ? 'stop' : 'good' }}" aria-live="polite">
                @if ($table['over'])
                    <strong>{{ $table['score'] }} of 100.</strong>
                    @if ($table['score'] === 100)
                        <p>Nothing wasted, nothing hurt.</p>
                    @else
                        <p>It is there, in {{ count($table['moves']) }} moves; {{ $table['best'] }} do.</p>
                    @endif
                @elseif ($last)
                    @foreach ($last as $hazard)
                        <strong>{{ ucfirst($hazard->name()) }}.</strong>
                        <p>{{ $hazard->happened() }} <b>Instead:</b> {{ $hazard->instead() }}</p>
                    @endforeach
                @else<strong>{{ $table['flow']->sounds() }}</strong>
                    <p>{{ $pot->bar() }} bar in the pot, {{ $pot->mediaKg }} kg of media, the media valve
                        {{ $pot->quarters }} quarters
                        open.{{ $pot->loose ? ' The hose is loose: shut the air off, pin it.' : '' }}</p>
                @endif
            </div>
            @if ($table['moves'])
                <details>
                    <summary>{{ count($table['moves']) }} moves so far</summary>
                    <ol class="list-decimal pl-8">
                        @foreach ($table['moves'] as $n => $move)
                            <li>{{ ucfirst($move->label()) }}@foreach ($table['hazards'][$n] as $hazard)
                                    <b class="wrong">{{ $hazard->name() }}</b>
                                @endforeach
                            </li>
                        @endforeach
                    </ol>
                </details>
            @endif
        </div>
        <div class="grid gap-3 content-start">
            <form method="post" action="/practice/{{ $exercise->key }}/move" class="grid grid-cols-2 gap-2"
                aria-label="Moves"><x-once />
                @foreach ([['pin_couplings', 'drain_separator'], ['open_supply', 'close_supply'],
                    ['turn_up', 'turn_down'], ['open_choke', 'half_choke'], ['close_choke', 'fill'],
                    ['more_media', 'less_media'], ['open_vent', 'close_vent'], ['press', 'let_go'],
                    ['lift_safety']] as $pair)
                    @foreach ($pair as $key)
                        <button class="btn btn-quiet !px-2 leading-tight" name="move"
                            value="{{ $key }}"
                            @disabled($table['over'])>{{ ucfirst(PotMove::from($key)->label()) }}</button>
                    @endforeach
                @endforeach
            </form>
            <form method="post" action="/practice/{{ $exercise->key }}/start"><x-once /><button
                    class="btn {{ $table['over'] ? 'btn-do' : '' }} w-full">Begin again</button></form>
            <p class="hint">A practice pot, not yours: its gauges are in bar and kilograms, and the real one has
                its maker's sheet.</p>
        </div>
    </div>
</x-layout>
