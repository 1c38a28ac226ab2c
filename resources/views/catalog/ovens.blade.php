@use('Aenum\Core\Thermal\OvenEstimate')
@use('App\Platform\Presentation\Units')
<x-layout title="Ovens">
    <div class="flex items-baseline justify-between gap-3 mb-3">
        <h1>Ovens</h1>
        @can('manage')
            <a class="btn btn-do" href="/ovens/create">Set an oven up</a>
        @endcan
    </div>
    <div class="grid grid-cols-2 max-[900px]:grid-cols-1 gap-4">
        @forelse ($ovens as $oven)
            <article class="panel">
                <div class="flex items-baseline justify-between">
                    <h2>{{ $oven->name }}</h2>
                    <span class="flex gap-4">
                        <a class="inline-flex items-center min-h-[44px]"
                            href="/ovens/{{ $oven->id }}/history">History</a>
                        @can('manage')
                            <a class="inline-flex items-center min-h-[44px]"
                                href="/ovens/{{ $oven->id }}/edit">change</a>
                        @endcan
                    </span>
                </div>
                <p>{{ $oven->heater_kw }} kW, up to {{ $u->temp($oven->max_c) }}; from cold to {{ $u->temp(200) }}
                    empty in
                    <b>{{ ($m = OvenEstimate::minutesTo200($oven->model())) === null ? 'never'
                        : Units::minutes($m) }}</b>;
                    an open door costs {{ number_format(($oven->door_w_per_k * 180) / 1000, 0) }} kW at
                    {{ $u->temp(200) }}.</p>
            </article>
        @empty
            <p class="panel">No oven yet. Four answers set one up: how it is heated, how big, how strong the fan,
                how long from cold.</p>
        @endforelse
    </div>
</x-layout>
