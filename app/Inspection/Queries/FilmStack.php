<?php

declare(strict_types=1);

namespace App\Inspection\Queries;

use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;
use App\Intake\Models\Coat;
use App\Routing\Queries\RoutingProgress;
use Illuminate\Support\Collection;

/**
 * The coats a film gauge reads through at a spot.
 *
 * The band is the sum of their bands. A single coat is the difference between the readings before it went on and after
 * its own bake.
 */
final readonly class FilmStack
{
    /** @param  Collection<int, Coat>  $coats  from the metal up, at least one */
    private function __construct(
        public Collection $coats,
        public Coat $top,
        public float $lowUm,
        public float $highUm,
        public ?string $zone,
    ) {
    }

    /**
     * @param  string|null  $zone  a place with a coat of its own; null for where only coats of all of it lie
     * @return self|null null where nothing is baked there yet
     */
    public static function of(RoutingProgress $walk, ?string $zone = null): ?self
    {
        $isBaked = fn (Coat $coat): bool => $walk->standings[$coat->position]->isBaked()
            || $walk->standings[$coat->position]->isDone();
        $coats = $walk->coats->on()->filter(
            fn (Coat $coat): bool => ($coat->zone === null || $coat->zone === $zone) && $isBaked($coat),
        )->values();
        $top = $coats->last();

        return $top === null ? null : new self(
            $coats,
            $top,
            (float) $coats->sum(fn (Coat $coat): float => $coat->powder->film_min_um),
            (float) $coats->sum(fn (Coat $coat): float => $coat->powder->film_max_um),
            $zone,
        );
    }

    /** What lies under the coat on top; null where it lies on metal. */
    public function below(): ?Coat
    {
        return $this->coats->get($this->coats->count() - 2);
    }

    /** @return list<string> places that have a coat of their own */
    public static function zones(RoutingProgress $walk): array
    {
        $zones = $walk->coats->on()->map(fn (Coat $coat): ?string => $coat->zone)->filter()->unique();

        return array_values($zones->all());
    }

    /** Middle of the band, µm: what the way of the nominal holds the mean to. */
    public function nominalUm(): float
    {
        return ($this->lowUm + $this->highUm) / 2;
    }

    /** What lies there, and what it comes to. */
    public function words(): Message
    {
        $names = $this->coats->map(fn (Coat $coat): string => $coat->powder->name)->join(', then ');

        return Message::of(
            $this->coats->count() === 1 ? '{coats}: {band}' : '{coats}: together {band}',
            ['coats' => $names, 'band' => Quantity::microns($this->lowUm, $this->highUm)],
        );
    }
}
