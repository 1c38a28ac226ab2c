<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

use Aenum\Core\Trade\ClearNeed;
use Aenum\Core\Trade\Effect;
use Aenum\Core\Trade\PartFlag;
use Aenum\Core\Trade\Role;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

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
    private function __construct(public array $stack, public Pretreatment $pretreatment, public ?Message $film)
    {
    }

    /** So many coats insulate: the ones above no longer find earth. General practice of the trade. */
    private const CONDUCTIVE_FROM = 3;

    /** Film of a kind, µm. General practice of the trade: zinc primers 20 to 30 more. */
    private const PRIMER_UM = 65.0;

    private const ZINC_UM = 90.0;

    private const GAS_UM = 100.0;

    private const TOP_UM = 75.0;

    private const CLEAR_UM = 60.0;

    private const SILVER_UM = 65.0;

    /** Which coats suit this job. */
    public static function for(JobFacts $facts): self
    {
        $stack = array_values(array_filter([
            self::conductive($facts), self::primer($facts), self::silver($facts), self::base($facts),
            self::clear($facts),
        ]));

        return new self($stack, Pretreatment::for($facts), self::film($facts));
    }

    /** @return list<AdvisedCoat> coats the plan lacks */
    public function missing(): array
    {
        return array_values(array_filter($this->stack, fn (AdvisedCoat $coat): bool => ! $coat->planned));
    }

    private static function conductive(JobFacts $facts): ?AdvisedCoat
    {
        $first = $facts->coats[0] ?? null;

        return count($facts->coats) < self::CONDUCTIVE_FROM ? null : new AdvisedCoat(
            Role::Primer,
            'conductive primer',
            'Three coats and more insulate; over a conductive one the last still finds earth.',
            'It keeps no rust away by itself.',
            $first !== null && $first->conductive,
            self::PRIMER_UM,
        );
    }

    private static function primer(JobFacts $facts): ?AdvisedCoat
    {
        $part = $facts->part;
        $first = $facts->coats[0] ?? null;
        $isPrimer = $first !== null && $first->role === Role::Primer;
        $gas = fn (string $why): AdvisedCoat => new AdvisedCoat(
            Role::Primer, 'gas-tolerant primer', $why,
            'It does not take the bake-out\'s place, and fills no pit that shows.',
            $first !== null && $first->gasTolerant, self::GAS_UM,
        );
        $epoxy = fn (string $why, bool $planned): AdvisedCoat => new AdvisedCoat(
            Role::Primer, 'epoxy primer', $why, 'It chalks where the sun reaches it: always covered.', $planned,
            self::PRIMER_UM,
        );

        return match (true) {
            $part->isCasting() && $part->is(PartFlag::Oily) => $gas(
                'A used casting goes on gassing after its bake-out.',
            ),
            $facts->outdoors() && $part->family()->rusts() => new AdvisedCoat(
                Role::Primer,
                'zinc-rich primer',
                'Bare steel outdoors rusts from every scratch; zinc gives itself up first.',
                'It wants blasted steel and good earth, and does not hide a rough surface.',
                $first !== null && $first->zincRich,
                self::ZINC_UM,
            ),
            $facts->outdoors() && $part->isLightAlloy() => $epoxy(
                'Outdoor aluminium creeps white under a single coat.',
                $isPrimer && ! $first->zincRich,
            ),
            $facts->outdoors() && $part->isCasting() => $gas('Pores in a casting gas through the film.'),
            $part->isHit() || $part->is(PartFlag::ForTenYears) => $epoxy(
                $part->isHit()
                    ? 'What chips the top coat meets a second film before it meets metal.'
                    : 'One coat seldom keeps its edges for ten years.',
                $isPrimer,
            ),
            self::has($facts, Effect::Bright) => $epoxy(
                'A bright base shows what is below; a flowed primer evens it.',
                $isPrimer,
            ),
            default => null,
        };
    }

    /** What a transparent colour shines through to. */
    private static function silver(JobFacts $facts): ?AdvisedCoat
    {
        return ! self::has($facts, Effect::Transparent) ? null : new AdvisedCoat(
            Role::Base,
            'silver base',
            'A transparent colour shows what is below it; its shade follows the film.',
            'It does not forgive an uneven film: stripes stay.',
            array_filter($facts->coats, fn (CoatFacts $coat): bool => $coat->effect->hasFlake()) !== [],
            self::SILVER_UM,
        );
    }

    private static function base(JobFacts $facts): AdvisedCoat
    {
        $is = fn (CoatFacts $coat): bool => in_array($coat->role, [Role::Base, Role::Mid], true);
        $planned = array_filter($facts->coats, $is) !== [];
        $wont = match (true) {
            self::has($facts, Effect::Textured) => 'A texture takes no second coat, and too thin loses its pattern.',
            $facts->part->is(PartFlag::FailedTry) => 'It covers no fault of the metal: pits and gouges show.',
            default => 'Pits and gouges show through any film.',
        };

        return $facts->outdoors()
            ? new AdvisedCoat(
                Role::Base,
                'weatherproof base coat',
                'An epoxy top chalks in the sun; a polyester or better stands it.',
                $wont,
                $planned,
                self::TOP_UM,
            )
            : new AdvisedCoat(Role::Base, 'base coat', 'The colour and the finish.', $wont, $planned, self::TOP_UM);
    }

    private static function clear(JobFacts $facts): ?AdvisedCoat
    {
        $clear = array_filter($facts->coats, fn (CoatFacts $coat): bool => $coat->role === Role::Clear) !== [];
        $completes = array_filter(
            $facts->coats,
            fn (CoatFacts $coat): bool => $coat->clear === ClearNeed::Completes,
        ) !== [];
        $why = $completes
            ? 'The clear is half of the effect.'
            : 'Flake at the surface rubs off and darkens; a clear holds it.';

        return $facts->asksClear() ? new AdvisedCoat(
            Role::Clear, 'clear', $why, 'It dulls the brightest a little: say so beforehand.', $clear, self::CLEAR_UM,
        ) : null;
    }

    private static function has(JobFacts $facts, Effect $effect): bool
    {
        return array_filter($facts->coats, fn (CoatFacts $coat): bool => $coat->effect === $effect) !== [];
    }

    private static function film(JobFacts $facts): ?Message
    {
        $want = $facts->lives->usualFilmMicrons() + ($facts->part->isHit() ? self::MORE_WHERE_HIT : 0.0);
        $have = $facts->filmMicrons();

        return $facts->coats === [] || $have >= $want ? null : Message::of(
            'The coats planned come to {have}; {want} and more is usual {where}.',
            [
                'have' => Quantity::micron($have),
                'want' => Quantity::micron($want),
                'where' => $facts->lives->label(),
            ],
        );
    }
}
