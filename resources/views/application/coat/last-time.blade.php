@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Application\Queries\UncuredReadingsInput')
@use('App\Intake\Queries\SimilarParts')
@use('App\Platform\Clock\ShopClock')
@use('App\Platform\Presentation\Units')
{{-- What this powder took before, and what came of it. $spraying --}}
<section class="panel grid gap-1" aria-label="Last time">
    <h3>Last time
        <span class="hint font-normal">{{ $spraying->part->name }},
            {{ ShopClock::local($spraying->done_at)->format('j M Y') }}</span></h3>
    <p>
        {{ $spraying->zones->map->asSprayed()->join('; ') }}.
    </p>
    <p class="hint">
        {{ $spraying->usedG() === null ? 'Not weighed' : $u->show(D::Powder, $spraying->usedG(), 0).' used' }},
        {{ $spraying->minutes === null ? 'not timed' : Units::minutes($spraying->minutes) }},
        {{ $spraying->raw_um === null ? 'uncured film not measured'
            : 'film '.UncuredReadingsInput::words($spraying).' by the uncured powder' }}{{
            $spraying->note ? '; '.$spraying->note : '' }}.
    </p>
    @foreach (SimilarParts::ofOne($spraying->part) as $learned)
        <p class="hint">{{ $learned }}</p>
    @endforeach
    @if ($board->open === null)
        <p><a class="btn btn-quiet" href="{{ $board->asLastTime($spraying) }}">As last time</a></p>
    @endif
</section>
