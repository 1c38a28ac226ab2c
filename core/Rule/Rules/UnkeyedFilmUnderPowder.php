<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Route\SurfaceLedger;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
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
            [Moment::Route, Moment::Coat],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PlannedRouting, Remedy::CleanAgain];
    }

    public function applies(Plan $plan): ?string
    {
        $surface = SurfaceLedger::beforePowder($plan);

        return $surface !== null && $surface->films() !== [] && $surface->isFilmSound && $surface->key === Key::None
            ? "the old film on {$plan->facts->part->name} is neither abraded nor swept"
            : null;
    }
}
