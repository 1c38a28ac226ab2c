{{-- The bakes that serve, side by side; one press sets one. --}}
@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Platform\Presentation\Units')
<section class="panel" aria-label="Bakes that serve" id="choices">
    @if ($choices === [])
        <p class="hint">No single bake serves this load.</p>
    @else
        <div class="overflow-x-auto">
            <table class="w-full">
                <thead>
                    <tr>
                        <th scope="col">Bakes that serve</th>
                        <th scope="col">Oven</th>
                        <th scope="col">Door to pull</th>
                        <th scope="col">Time to pull it in</th>
                        <th scope="col">Hottest metal</th>
                        <th scope="col">Energy</th>
                        <th></th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($choices as $one)
                        <tr>
                            <th scope="row">{{ ucfirst($one->prefer->label()) }}@if ($one->prefer === $house)
                                    <span class="hint font-normal">the house's</span>
                                @endif
                            </th>
                            <td>{{ $u->temp($one->plan->atBest->setpointC) }}</td>
                            <td>{{ Units::minutes($one->plan->minutes - $bake->door_open_s / 60) }}</td>
                            <td>{{ $one->windowMinutes >= $look
                                ? 'an hour and more' : Units::minutes($one->windowMinutes) }}</td>
                            <td>{{ $u->temp($one->hottestC) }}</td>
                            <td>{{ Units::energy($one->energyKwh) }}</td>
                            <td>
                                @can('work')
                                    <form method="post" action="/bakes/{{ $bake->id }}/best">
                                        <x-once />
                                        <input type="hidden" name="prefer" value="{{ $one->prefer->value }}">
                                        <button class="btn"
                                            aria-label="Set the {{ $one->prefer->label() }} bake">Set</button>
                                    </form>
                                @endcan
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
        <p class="hint">The widest window is the coolest bake that costs at most a quarter more time than the
            shortest and leaves six minutes between done and too much.</p>
    @endif
</section>
