<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\SurfaceLedger;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Surface\Layer;

/** An old film nobody has found sound, under the first coat. */
final class UnsoundFilmUnderPowder extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'unsound-film-under-powder',
            Group::Order,
            Severity::Stop,
            'Powder holds no better than the old film under it.',
            'Strip or blast it off; or check it all over and record that it is sound.',
            self::PRACTICE,
            [Checkpoint::Route, Checkpoint::Coat],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PlannedRouting, Remedy::CleanAgain];
    }

    public function applies(PartRouting $plan): ?string
    {
        $surface = SurfaceLedger::beforePowder($plan);

        if ($surface === null || $surface->isFilmSound) {
            return null;
        }
        $films = array_map(fn (Layer $one): string => $one->label(), $surface->films());

        return $films === []
            ? null
            : "{$plan->facts->part->name} still carries ".implode(' and ', $films).' when the first coat goes on';
    }
}
