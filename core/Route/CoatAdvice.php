<?php

declare(strict_types=1);

namespace Aenum\Core\Route;

use Aenum\Core\Job\CoatFacts;
use Aenum\Core\Job\JobFacts;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;
use Aenum\Core\Word\Mark;
use Aenum\Core\Word\Role;

/**
 * Which coats and which pretreatment fit a part, from its metal, its past and where it will live.
 *
 * General practice of the trade; the powder makers' system sheets come first.
 */
final readonly class CoatAdvice
{
    /** Film more where stones, tools or chemicals work on it, µm. House figure. */
    private const MORE_WHERE_HIT = 40.0;

    /** @param  list<AdvisedCoat>  $stack from the metal up */
    private function __construct(public array $stack, public Pretreatment $pretreatment, public ?Said $film)
    {
    }

    /** Which coats suit this job. */
    public static function for(JobFacts $facts): self
    {
        $stack = array_values(array_filter([self::primer($facts), self::base($facts), self::clear($facts)]));

        return new self($stack, Pretreatment::for($facts), self::film($facts));
    }

    /** @return list<AdvisedCoat> coats the plan lacks */
    public function missing(): array
    {
        return array_values(array_filter($this->stack, fn (AdvisedCoat $coat): bool => ! $coat->planned));
    }

    private static function primer(JobFacts $facts): ?AdvisedCoat
    {
        $part = $facts->part;
        $first = $facts->coats[0] ?? null;
        $gas = $first !== null && $first->gasTolerant;

        return match (true) {
            $part->isCasting() && $part->is(Mark::Oily) => new AdvisedCoat(
                Role::Primer, 'gas-tolerant primer', 'A used casting goes on gassing after its bake-out.', $gas,
            ),
            $facts->outdoors() && $part->family()->rusts() => new AdvisedCoat(
                Role::Primer,
                'zinc-rich primer',
                'Bare steel outdoors rusts from every scratch; zinc gives itself up first.',
                $first !== null && $first->zincRich,
            ),
            $facts->outdoors() && $part->isLightAlloy() => new AdvisedCoat(
                Role::Primer,
                'epoxy primer',
                'Outdoor aluminium creeps white under a single coat.',
                $first !== null && $first->role === Role::Primer && ! $first->zincRich,
            ),
            $facts->outdoors() && $part->isCasting() => new AdvisedCoat(
                Role::Primer, 'gas-tolerant primer', 'Pores in a casting gas through the film.', $gas,
            ),
            $part->isHit() || $part->is(Mark::ForTenYears) => new AdvisedCoat(
                Role::Primer,
                'epoxy primer',
                $part->isHit()
                    ? 'What chips the top coat meets a second film before it meets metal.'
                    : 'One coat seldom keeps its edges for ten years.',
                $first !== null && $first->role === Role::Primer,
            ),
            default => null,
        };
    }

    private static function base(JobFacts $facts): AdvisedCoat
    {
        $is = fn (CoatFacts $coat): bool => in_array($coat->role, [Role::Base, Role::Mid], true);
        $planned = array_filter($facts->coats, $is) !== [];

        return $facts->outdoors()
            ? new AdvisedCoat(
                Role::Base,
                'weatherproof base coat',
                'An epoxy top chalks in the sun; a polyester or better stands it.',
                $planned,
            )
            : new AdvisedCoat(Role::Base, 'base coat', 'The colour and the finish.', $planned);
    }

    private static function clear(JobFacts $facts): ?AdvisedCoat
    {
        $clear = array_filter($facts->coats, fn (CoatFacts $coat): bool => $coat->role === Role::Clear) !== [];
        $why = 'Flake at the surface rubs off and darkens; a clear holds it, and dulls the brightest.';

        return $facts->hasEffect() ? new AdvisedCoat(Role::Clear, 'clear', $why, $clear) : null;
    }

    private static function film(JobFacts $facts): ?Said
    {
        $want = $facts->lives->usualFilmMicrons() + ($facts->part->isHit() ? self::MORE_WHERE_HIT : 0.0);
        $have = $facts->filmMicrons();

        return $facts->coats === [] || $have >= $want ? null : Said::of(
            'The coats planned come to {have}; {want} and more is usual {where}.',
            [
                'have' => Quantity::micron($have),
                'want' => Quantity::micron($want),
                'where' => $facts->lives->label(),
            ],
        );
    }
}
