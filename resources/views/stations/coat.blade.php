@use('Aenum\Core\Unit\Dimension', 'D')
@use('Aenum\Core\Word\Station')
<x-station :pick="$pick" lead="Gun settings, passes and grams are worked out for the lot in hand.">
    <x-slot:side>
        <x-air :entry="$air" />
        @include('coat.earth')
        <a class="btn btn-quiet" href="/practice/booth">Practise in the booth</a>
    </x-slot:side>
    @if ($pick->lot)
        @php($lot = $pick->lot)
        @php($due = $pick->walk->coatDue())
        @foreach (App\Actions\Learn\Notes::ofPowder($due?->powder) as $note)
            <p class="panel"><b>Heed.</b> {{ $note }} <a href="/learn">See it</a></p>
        @endforeach
        @if ($lot->bareSteelClock())
            <x-bare-steel :clock="$lot->bareSteelClock()" :lot="$lot" />
        @endif
        @if ($due === null)
            <x-verdict headline="Nothing waits for powder: every coat planned is on and baked." />
        @elseif ($board === null)
            <x-verdict :headline="ucfirst($due->role).' '.$due->powder->name.' is on. Its bake is next.'" />
            @include('coat.blow-off', ['spraying' => $last])
        @else
            @include('coat.bench')
        @endif
    @endif
    <details class="panel">
        <summary>Before the gun goes up</summary>
        <ul class="list-disc pl-6">
            @foreach (Aenum\Core\Coat\BoothCare::habits() as $habit)
                <li>{{ $habit }}</li>
            @endforeach
        </ul>
    </details>
    @include('coat.changes')
</x-station>
