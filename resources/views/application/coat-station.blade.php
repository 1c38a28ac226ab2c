@use('Aenum\Core\Application\BoothCare')
@use('Aenum\Core\Trade\Station')
@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Inspection\Queries\DriftNotes')
<x-station :pick="$pick" lead="Gun settings, passes and grams are worked out for the lot in hand.">
    <x-slot:side>
        <x-air :entry="$air" />
        @include('application.coat.ground-checks')
        <a class="btn btn-quiet" href="/practice/booth">Practise in the booth</a>
    </x-slot:side>
    @if ($pick->batch)
        @php($batch = $pick->batch)
        @php($due = $pick->walk->coatDue())
        @foreach (DriftNotes::ofPowder($due?->powder) as $note)
            <p class="panel"><b>Heed.</b> {{ $note }} <a href="/learn">See it</a></p>
        @endforeach
        @if ($batch->bareSteelClock())
            <x-bare-steel :clock="$batch->bareSteelClock()" :batch="$batch" />
        @endif
        @if ($due === null)
            <x-verdict headline="Nothing waits for powder: every coat planned is on and baked." />
        @elseif ($board === null)
            <x-verdict :headline="ucfirst($due->role).' '.$due->powder->name.' is on. Its bake is next.'" />
            @include('application.coat.blow-off', ['spraying' => $last])
        @else
            @include('application.coat.bench')
        @endif
    @endif
    <details class="panel">
        <summary>Before the gun goes up</summary>
        <ul class="list-disc pl-6">
            @foreach (BoothCare::habits() as $habit)
                <li>{{ $habit }}</li>
            @endforeach
        </ul>
    </details>
    @include('application.coat.changes')
</x-station>
