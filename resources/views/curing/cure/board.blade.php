@use('App\Platform\Presentation\Units')
<div id="board-inner">
    <div class="grid grid-cols-[minmax(0,1fr)_21.5rem] max-[1000px]:grid-cols-1 gap-4">
        <div class="grid gap-3 content-start min-w-0">
            <x-verdict :tone="$verdict->tone" :headline="$verdict->headline" />
            @foreach ($door as $one)
                <x-finding-card :finding="$one->finding" :part="$one->part" />
            @endforeach
            <div class="panel busy !py-2"><x-oven-chart :chart="$chart" /></div>
        </div>
        <div class="grid gap-3 content-start">
            @includeWhen($bake->isPlanned(), 'curing.cure.side-planned')
            @includeWhen($bake->isRunning(), 'curing.cure.side-running')
            @includeWhen($bake->status === 'pulled', 'curing.cure.side-pulled')
        </div>
    </div>
    <div class="grid gap-4 mt-4">
        @if ($bake->status !== 'pulled')
            <section class="panel" aria-label="Why">
                <h2>Why</h2>
                <ul class="list-disc pl-5">
                    @foreach ($verdict->reasons as $reason)
                        <li>{{ $reason }}</li>
                    @endforeach
                    <li>About {{ Units::energy($board->outlook->energyKwh) }}, {{ $shop->currency }}
                        {{ number_format($board->outlook->energyKwh * $shop->kwh_price, 1) }} at
                        {{ $shop->currency }} {{ $shop->kwh_price }} a kWh.</li>
                </ul>
            </section>
            @include('curing.cure.split')
            @include('curing.cure.ways')
        @endif
        @include('curing.cure.ledger')
    </div>
</div>
