{{-- What was decided, how far it is, and every decision before it. $defect, $rework, $board, $batch --}}
@use('App\Platform\Clock\ShopClock')
@foreach ($defect->reworks as $one)
    <p class="border-t border-line pt-1"><b>{{ ucfirst($one->way->label()) }}</b>{{ $one->agreed_by
        ? ', '.$one->agreed_by : '' }}, by {{ $one->user->name }},
        {{ ShopClock::local($one->at)->format('j M Y H:i') }}{{ $one->closed_at
            ? '; closed '.ShopClock::local($one->closed_at)->format('j M Y H:i') : '; under way' }}</p>
@endforeach
@if ($rework->closed_at === null)
    @if ($board->isMended())
        @include('inspection.defects.cause')
    @else
        <p>{{ ucfirst($board->walk->progress()) }}; next at {{ $board->walk->nextStation()->label() }}.
            <a href="/station/{{ $batch->station->value }}?lot={{ $batch->id }}">To
                {{ $batch->station->label() }}</a></p>
        @can('work')
            <form method="post" action="/reworks/{{ $rework->id }}/withdraw"><x-once />
                <button class="btn btn-quiet">Decide anew</button></form>
        @endcan
    @endif
@endif
