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
use Aenum\Core\Surface\Key;

/** A sound old film that nothing has keyed, under the first coat. */
final class UnkeyedFilmUnderPowder extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'unkeyed-film-under-powder',
            Group::Order,
            Severity::Sign,
            'A smooth old film gives powder nothing to grip.',
            'Abrade or sweep blast it; or sign with the reason.',
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

        return $surface !== null && $surface->films() !== [] && $surface->isFilmSound && $surface->key === Key::None
            ? "the old film on {$plan->facts->part->name} is neither abraded nor swept"
            : null;
    }
}
