<?php

declare(strict_types=1);

namespace Aenum\Core\Training;

/** Something to bring a pot to, from where it stands; the shortest safe way there is worked out, not written down. */
final readonly class Exercise
{
    private const HURTS = 60;

    private const SPOILS = 20;

    private const EXTRA_MOVE = 5;

    /** @param  \Closure(Pot): bool  $reached */
    private function __construct(
        public string $key,
        public string $name,
        public string $story,
        public string $goal,
        public Pot $start,
        private \Closure $reached,
    ) {
    }

    /** @return array<string, self> by key, the easiest first */
    public static function all(): array
    {
        $running = new Pot(
            pinned: true,
            supply: true,
            set: 5,
            quarters: 3,
            mediaKg: 20,
            pressed: true,
            settled: true,
        );
        $evenAt = fn (int $bar): \Closure => fn (Pot $pot): bool => $pot->pressed &&
            $pot->choke &&
            ! $pot->gritty &&
            ! $pot->leaky &&
            $pot->bar() === $bar &&
            $pot->flow() === Flow::Even;
        $even = $evenAt(5);
        $all = [
            new self(
                'mixture',
                'Find the mixture',
                'It blasts at 5 bar and pulses: the media valve is hardly open.',
                'An even flow at 5 bar.',
                new Pot(pinned: true, supply: true, set: 5, quarters: 1, mediaKg: 20, pressed: true, settled: true),
                $even,
            ),
            new self(
                'too_rich',
                'Too much of it',
                'It rumbles at 5 bar and the hose shivers.',
                'An even flow at 5 bar.',
                new Pot(pinned: true, supply: true, set: 5, quarters: 5, mediaKg: 20, pressed: true, settled: true),
                $even,
            ),
            new self(
                'shut_down',
                'Shut down',
                'The last part is done; it still blasts evenly.',
                'Air off, pot vented, media valve shut.',
                $running,
                fn (Pot $pot): bool => ! $pot->pressed &&
                    ! $pot->supply &&
                    $pot->vent &&
                    $pot->bar() === 0 &&
                    $pot->quarters === 0 &&
                    ! $pot->leaky,
            ),
            new self(
                'start_up',
                'Start up',
                'Morning. Everything is shut, the couplings are not pinned, and the separator has water from '
                    .'yesterday.',
                'An even flow at 5 bar, with dry air.',
                new Pot(water: 3, vent: true),
                fn (Pot $pot): bool => $even($pot) && $pot->pinned && $pot->water === 0 && ! $pot->plugged,
            ),
            new self(
                'plug',
                'Clear a plug',
                'At 5 bar it hisses: air and no grit, with the media valve open.',
                'An even flow at 5 bar, choke open.',
                new Pot(
                    pinned: true,
                    supply: true,
                    set: 5,
                    quarters: 3,
                    mediaKg: 20,
                    pressed: true,
                    settled: true,
                    plugged: true,
                ),
                $even,
            ),
            new self(
                'refill',
                'Refill',
                'It hisses: the pot is empty. A drum of dry media stands beside it.',
                'A full pot, and an even flow at 5 bar.',
                new Pot(pinned: true, supply: true, set: 5, quarters: 3, mediaKg: 0, pressed: true, settled: true),
                fn (Pot $pot): bool => $even($pot) && $pot->mediaKg >= Pot::FULL_KG - 4,
            ),
            new self(
                'lower',
                'Less pressure',
                'It blasts at 6 bar; the next part is thin sheet and wants 3.',
                'An even flow at 3 bar.',
                new Pot(pinned: true, supply: true, set: 6, quarters: 3, mediaKg: 20, pressed: true, settled: true),
                $evenAt(3),
            ),
            new self(
                'damp_day',
                'A damp day',
                'It plugged at 7 bar, the separator is full, the day is humid, and the part wants 5.',
                'An even flow at 5 bar, dry air, and the choke half open so that damp media keeps moving.',
                new Pot(
                    pinned: true,
                    water: 4,
                    supply: true,
                    set: 7,
                    quarters: 3,
                    mediaKg: 12,
                    pressed: true,
                    settled: true,
                    plugged: true,
                    humid: true,
                ),
                fn (Pot $pot): bool => $even($pot) && $pot->water === 0 && $pot->halfChoke,
            ),
        ];

        return array_column(array_map(fn (self $exercise): array => [$exercise->key, $exercise], $all), 1, 0);
    }

    /** Whether the pot is where it was to be brought. */
    public function reached(Pot $pot): bool
    {
        return ($this->reached)($pot);
    }

    /**
     * The pot after some moves, and what went wrong at each.
     *
     * @param  list<PotMove>  $moves
     * @return array{Pot, list<list<Hazard>>}
     */
    public function play(array $moves): array
    {
        $pot = $this->start;
        $hazards = [];
        foreach ($moves as $move) {
            [$pot, $hazards[]] = $pot->after($move);
        }

        return [$pot, $hazards];
    }

    /**
     * 0 to 100: moves past the shortest way cost a little, spoiling costs more, hurting most.
     *
     * @param  list<PotMove>  $moves
     */
    public function score(array $moves): int
    {
        [, $hazards] = $this->play($moves);
        $lost = self::EXTRA_MOVE * max(0, count($moves) - count($this->shortest()));
        foreach (array_merge(...$hazards) as $hazard) {
            $lost += $hazard->hurts() ? self::HURTS : self::SPOILS;
        }

        return max(0, 100 - $lost);
    }

    /**
     * The fewest moves that get there with nothing going wrong, by trying all of them, the shorter ones first.
     *
     * @return list<PotMove>
     */
    public function shortest(): array
    {
        $edge = [[$this->start, []]];
        $seen = [$this->start->key() => true];
        while ($edge !== []) {
            $next = [];
            foreach ($edge as [$pot, $moves]) {
                foreach (PotMove::cases() as $move) {
                    [$after, $hazards] = $pot->after($move);
                    $key = $after->key();
                    if ($hazards !== [] || isset($seen[$key])) {
                        continue;
                    }
                    $way = [...$moves, $move];
                    if ($this->reached($after)) {
                        return $way;
                    }
                    $seen[$key] = true;
                    $next[] = [$after, $way];
                }
            }
            $edge = $next;
        }

        return [];
    }
}
