@use('App\Platform\Clock\ShopClock')
<div class="overflow-x-auto" tabindex="0" role="group" aria-label="Steps of the day">
    <table class="grid-table">
        <thead>
            <tr>
                <th scope="col">From</th>
                <th scope="col">To</th>
                @unless ($onePerson ?? false)
                    <th scope="col">Who</th>
                @endunless
                <th scope="col">Where</th>
                <th scope="col">Job</th>
                <th scope="col">Step</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($steps as $step)
                <tr>
                    <td class="num">{{ ShopClock::hour($step->from_at) }}</td>
                    <td class="num">{{ ShopClock::hour($step->to_at) }}</td>
                    @unless ($onePerson ?? false)
                        <td>{{ $step->user?->name }}</td>
                    @endunless
                    <td>{{ $step->place() }}</td>
                    <td><a href="/jobs/{{ $step->batch->part->job_id }}">{{ $step->batch->part->job->number }}</a>,
                        {{ $step->batch->partName() }}{{ $step->loadWords() }}</td>
                    <td>{{ $step->name }}{{ $step->colour === null ? '' : ", {$step->colour}" }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
</div>
