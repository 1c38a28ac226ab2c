<?php

declare(strict_types=1);

namespace Aenum\Core\Training;

/**
 * A pressure pot as a state machine: what it is, and what each move makes of it.
 *
 * The pot's pressure, the flow and everything that goes wrong follow from the state; a move returns a new pot and the
 * hazards it set off. Figures are those of a practice pot, not of a particular one.
 */
final readonly class Pot
{
    public const MOST_BAR = 8;

    public const MOST_QUARTERS = 8;

    public const FULL_KG = 25;

    /** Quarter turns of the media valve between which the flow is even. */
    public const EVEN = [3, 4];

    /** Water in the separator from which it carries over into the pot. */
    private const WET = 3;

    /** A safety valve that leaks lets no more than this stand in the pot, bar. */
    private const LEAKY_BAR = 2;

    /** Half a choke pushes dry media as if the valve stood this much further open, quarters. */
    private const PUSHES = 2;

    public function __construct(
        public bool $pinned = false,
        /** 0 dry to 4 full. */
        public int $water = 0,
        public bool $supply = false,
        /** What the regulator is set to, bar. */
        public int $set = 0,
        public bool $choke = true,
        /** Quarter turns the media valve is open. */
        public int $quarters = 0,
        public bool $vent = false,
        public int $mediaKg = self::FULL_KG,
        public bool $pressed = false,
        public bool $plugged = false,
        public bool $gritty = false,
        public bool $leaky = false,
        /** Pressure still shut in after the supply was closed, bar. */
        public int $shutIn = 0,
        /** The media valve has been set by ear since the pot was filled. */
        public bool $settled = false,
        /** A hose broke loose: nothing can be done but shut the air off. */
        public bool $loose = false,
        /** The choke stands half open. */
        public bool $halfChoke = false,
        /** A humid day: the media is damp, and bridges over the valve unless the choke pushes it. */
        public bool $humid = false,
    ) {
    }

    /** Pressure in the pot, bar. */
    public function bar(): int
    {
        $bar = $this->vent || $this->loose ? 0 : ($this->supply ? $this->set : $this->shutIn);

        return $this->leaky ? min(self::LEAKY_BAR, $bar) : $bar;
    }

    /** How it stands, as one who cannot see it is told. */
    public function says(): string
    {
        $is = fn (bool $open): string => $open ? 'open' : 'shut';

        return "supply {$is($this->supply)}, regulator at {$this->set} bar, pot at {$this->bar()} bar, "
            ."choke {$this->chokeWord()}, media valve {$this->quarters} quarters open, vent {$is($this->vent)}, "
            .'dead-man '.($this->pressed ? 'pressed' : 'let go').'. '.$this->flow()->sounds();
    }

    /** How the choke stands. */
    public function chokeWord(): string
    {
        return $this->choke ? ($this->halfChoke ? 'half open' : 'open') : 'shut';
    }

    /** What the media valve lets through, quarters of a dry pot with its choke open. */
    private function feeds(): int
    {
        return $this->quarters + ($this->halfChoke && ! $this->humid ? self::PUSHES : 0);
    }

    /** What comes out of the nozzle. */
    public function flow(): Flow
    {
        return match (true) {
            ! $this->pressed || $this->bar() === 0 => Flow::Nothing,
            ! $this->choke && ! $this->plugged && $this->quarters > 0 && $this->mediaKg > 0 => Flow::Surging,
            ! $this->choke => Flow::Nothing,
            $this->plugged || $this->quarters === 0 || $this->mediaKg === 0 => Flow::AirOnly,
            $this->feeds() < self::EVEN[0] => Flow::Starved,
            $this->feeds() > self::EVEN[1] => Flow::Flooded,
            default => Flow::Even,
        };
    }

    /**
     * @return array{Pot, list<Hazard>}
     */
    public function after(PotMove $move): array
    {
        if ($this->loose && ! in_array($move, [PotMove::CloseSupply, PotMove::PinCouplings, PotMove::LetGo], true)) {
            return [$this, []];
        }

        return match ($move) {
            PotMove::PinCouplings => $this->bar() > 0
                ? [$this, []]
                : [$this->with(['pinned' => true, 'loose' => $this->loose && $this->supply]), []],
            PotMove::DrainSeparator => [$this->with(['water' => 0]), []],
            PotMove::OpenSupply => $this->comesAlive($this->with(['supply' => true, 'shutIn' => 0])),
            PotMove::CloseSupply => [$this->with(['supply' => false, 'shutIn' => $this->bar()]), []],
            PotMove::TurnUp => $this->turnUp(),
            PotMove::TurnDown => $this->turnDown(),
            PotMove::OpenChoke => [$this->with(['choke' => true, 'halfChoke' => false]), []],
            PotMove::HalfChoke => $this->blast($this->with(['choke' => true, 'halfChoke' => true])),
            PotMove::CloseChoke => $this->closeChoke(),
            PotMove::MoreMedia => $this->blast(
                $this->with(['quarters' => min(self::MOST_QUARTERS, $this->quarters + 1)]),
            ),
            PotMove::LessMedia => $this->blast($this->with(['quarters' => max(0, $this->quarters - 1)])),
            PotMove::OpenVent => [$this->with(['vent' => true, 'shutIn' => 0]), []],
            PotMove::CloseVent => $this->comesAlive($this->with(['vent' => false])),
            PotMove::LiftSafety => $this->bar() === 0
                ? [$this, []]
                : [$this->with(['shutIn' => 0, 'leaky' => true]), [Hazard::StuckSafety]],
            PotMove::Fill => $this->fill(),
            PotMove::Press => $this->press(),
            PotMove::LetGo => [$this->with(['pressed' => false]), []],
        };
    }

    /** One string for one state. */
    public function key(): string
    {
        return implode(',', array_map(fn (bool|int $value): int => (int) $value, $this->all()));
    }

    /**
     * Air comes on: loose couplings let go, and a dead-man held down means a live hose before anybody has hold of it.
     *
     * @return array{Pot, list<Hazard>}
     */
    private function comesAlive(self $after): array
    {
        return match (true) {
            $after->bar() === 0 || $this->bar() > 0 => [$after, []],
            ! $this->pinned => [$after->with(['loose' => true, 'pressed' => false]), [Hazard::Whip]],
            default => [$after, $this->pressed ? [Hazard::Surge] : []],
        };
    }

    /** @return array{Pot, list<Hazard>} */
    private function turnUp(): array
    {
        if ($this->gritty) {
            return [$this, []];
        }

        return $this->comesAlive($this->with(['set' => min(self::MOST_BAR, $this->set + 1)]));
    }

    /** @return array{Pot, list<Hazard>} */
    private function turnDown(): array
    {
        if ($this->gritty) {
            return [$this, []];
        }

        return $this->bar() > 0 || ($this->supply && $this->set > 0)
            ? [$this->with(['gritty' => true]), [Hazard::GritInRegulator]]
            : [$this->with(['set' => max(0, $this->set - 1)]), []];
    }

    /**
     * The lid moves only with the vent open; with the supply on, or pressure shut in, it comes at whoever opens it.
     *
     * @return array{Pot, list<Hazard>}
     */
    private function fill(): array
    {
        if ($this->bar() > 0 || ($this->supply && $this->set > 0)) {
            return [
                $this->with(['mediaKg' => 0, 'shutIn' => 0, 'supply' => false, 'pressed' => false]),
                [Hazard::BlownOpen],
            ];
        }

        return [$this->vent ? $this->with(['mediaKg' => self::FULL_KG, 'settled' => false]) : $this, []];
    }

    /**
     * With a plug and the dead-man pressed it clears; without one it throws the media out in slugs.
     *
     * @return array{Pot, list<Hazard>}
     */
    private function closeChoke(): array
    {
        $after = $this->with(['choke' => false, 'halfChoke' => false]);
        if (! $this->pressed || $this->bar() === 0 || $this->quarters === 0) {
            return [$after, []];
        }

        return $this->plugged
            ? [$after->with(['plugged' => false]), []]
            : [$after->with(['mediaKg' => max(0, $this->mediaKg - 5)]), [Hazard::Surge]];
    }

    /** @return array{Pot, list<Hazard>} */
    private function press(): array
    {
        return $this->pressed ? [$this, []] : $this->blast($this->with(['pressed' => true]), ! $this->settled);
    }

    /**
     * A spell of blasting in a state that has just begun.
     *
     * @return array{Pot, list<Hazard>}
     */
    private function blast(self $pot, bool $begins = false): array
    {
        $flow = $pot->flow();
        if ($flow === Flow::Nothing || $flow === Flow::Surging) {
            return [$pot, $flow === Flow::Surging ? [Hazard::Surge] : []];
        }
        $packs =
            ! $pot->plugged &&
            $pot->quarters > 0 &&
            $pot->mediaKg > 0 &&
            ($pot->water >= self::WET || $pot->feeds() >= self::EVEN[1] + 2 || ($pot->humid && ! $pot->halfChoke));
        $spent = $pot->with([
            'settled' => $pot->settled || $flow === Flow::Even,
            'mediaKg' => $pot->plugged || $packs
                ? $pot->mediaKg
                : max(0, $pot->mediaKg - (int) ceil($pot->quarters / 2)),
            'plugged' => $pot->plugged || $packs,
        ]);

        return [
            $spent,
            array_values(
                array_filter([
                    $packs ? Hazard::Plugged : null,
                    // A valve that stands open before the first breath of air lets a slug go.
                    ! $packs &&
                    ($flow === Flow::Flooded || ($begins && in_array($flow, [Flow::Even, Flow::Starved], true)))
                        ? Hazard::Flooded
                        : null,
                    // Going back to work with a valve set too far shut is work for nothing.
                    ! $begins && $pot->settled && ! $this->pressed && $flow === Flow::Starved
                        ? Hazard::Starved
                        : null,
                ]),
            ),
        ];
    }

    /** @param  array<string, bool|int>  $changes */
    private function with(array $changes): self
    {
        /**
         * @var array{
         *     bool, int, bool, int, bool, int, bool, int, bool, bool, bool, bool, int, bool, bool, bool, bool,
         * } $all
         */
        $all = array_values(array_merge($this->all(), $changes));

        return new self(...$all);
    }

    /** @return array<string, bool|int> everything it is, in the order it is made from */
    private function all(): array
    {
        /** @var array<string, bool|int> */
        return get_object_vars($this);
    }
}
