<?php

declare(strict_types=1);

namespace App\Application\ViewModels;

use Aenum\Core\Application\CoatPlan;
use Aenum\Core\Application\ZoneKind;
use Aenum\Core\Application\ZonePlan;

/**
 * A section through the part as the gun sees it, with the film on each zone drawn thick and numbered in spraying order.
 */
final readonly class CoatChart
{
    public const WIDE = 480;

    public const HIGH = 250;

    private const LEFT = 96;

    private const RIGHT = 450;

    private const TOP = 72;

    private const BOTTOM = 182;

    /** Film at its band's top is drawn so thick, units. */
    private const FILM = 16.0;

    /** Recesses beyond these are told in the table only. */
    private const MOST_RECESSES = 4;

    private const DEEPEST = 84.0;

    /** @param  list<ZonePlan>  $recesses */
    private function __construct(private CoatPlan $plan, private array $recesses)
    {
    }

    public static function of(CoatPlan $plan): self
    {
        $recesses = array_filter($plan->zones, fn (ZonePlan $one): bool => $one->zone->kind === ZoneKind::Recess);

        return new self($plan, array_slice(array_values($recesses), 0, self::MOST_RECESSES));
    }

    /** The metal, as a path. */
    public function metal(): string
    {
        $path = 'M'.self::LEFT.' '.self::TOP;
        foreach ($this->notches() as [$from, $to, $floor]) {
            $path .= "L{$from} ".self::TOP."L{$from} {$floor}L{$to} {$floor}L{$to} ".self::TOP;
        }

        return $path.'L'.self::RIGHT.' '.self::TOP.'L'.self::RIGHT.' '.self::BOTTOM.'L'.self::LEFT.' '.self::BOTTOM.'Z';
    }

    /** @return list<array{path: string, thin: bool, thick: bool}> the film on every zone */
    public function films(): array
    {
        $films = [];
        $face = $this->zone(ZoneKind::Face);
        $at = self::LEFT;
        foreach ([...$this->notches(), [self::RIGHT, self::RIGHT, self::TOP]] as $n => [$from, $to, $floor]) {
            $films[] = $this->band($face, $at, $from, self::TOP, -1);
            if (isset($this->recesses[$n])) {
                $films[] = $this->band($this->recesses[$n], $from, $to, $floor, -1);
            }
            $at = $to;
        }
        $films[] = $this->band($this->zone(ZoneKind::FarSide), self::LEFT, self::RIGHT, self::BOTTOM, 1);
        $inside = $this->zone(ZoneKind::Inside);
        foreach ([[self::LEFT, -1], [self::RIGHT, 1]] as [$x, $side]) {
            $out = $x + $side * $this->thick($inside);
            $films[] = $this->filled($inside, "M{$x} ".self::TOP."L{$out} ".self::TOP."L{$out} ".self::BOTTOM
                ."L{$x} ".self::BOTTOM.'Z');
        }

        return $films;
    }

    /** @return list<array{x: float, y: float, number: int, um: float, note: string, at: array{int, int}}> */
    public function marks(): array
    {
        $marks = [];
        $notches = $this->notches();
        foreach ($this->plan->zones as $n => $one) {
            $recess = array_search($one, $this->recesses, true);
            $place = match (true) {
                $recess !== false => [($notches[$recess][0] + $notches[$recess][1]) / 2 - 24, 26.0],
                $one->zone->kind === ZoneKind::Recess => null,
                $one->zone->kind === ZoneKind::Face => [self::LEFT + 8.0, 26.0],
                $one->zone->kind === ZoneKind::FarSide => [(self::LEFT + self::RIGHT) / 2 - 24, 226.0],
                default => [24.0, (self::TOP + self::BOTTOM) / 2 - 14.0],
            };
            if ($place !== null) {
                $marks[] = [
                    'x' => $place[0], 'y' => $place[1], 'number' => $n + 1, 'um' => $one->filmUm,
                    'note' => $one->isThin ? ' thin' : '',
                    'at' => $one->zone->kind === ZoneKind::Inside ? [-20, 44] : [22, 7],
                ];
            }
        }

        return $marks;
    }

    /** What a reader who does not see it is told. */
    public function label(): string
    {
        $names = array_map(
            fn (ZonePlan $one, int $n): string => ($n + 1).' '.$one->zone->name.($one->isThin ? ', thin' : ''),
            $this->plan->zones,
            array_keys($this->plan->zones),
        );

        return 'A cut through the part with its film, in spraying order: '.implode('; ', $names);
    }

    /** @return list<array{float, float, float}> from, to, floor of each recess, left to right */
    private function notches(): array
    {
        $notches = [];
        $room = (self::RIGHT - self::LEFT - 90) / max(1, count($this->recesses));
        foreach ($this->recesses as $n => $one) {
            $deep = min(4.0, $one->zone->depthOverWidth() ?? 0.0);
            $wide = min($room - 24, self::DEEPEST / max(0.6, $deep));
            $middle = self::LEFT + 90 + $room * ($n + 0.5);
            $notches[] = [
                round($middle - $wide / 2, 1),
                round($middle + $wide / 2, 1),
                round(self::TOP + $wide * $deep, 1),
            ];
        }

        return $notches;
    }

    private function zone(ZoneKind $kind): ZonePlan
    {
        foreach ($this->plan->zones as $one) {
            if ($one->zone->kind === $kind) {
                return $one;
            }
        }

        return $this->plan->zones[0];
    }

    private function thick(ZonePlan $one): float
    {
        return round(min(2.0, $one->filmUm / $this->plan->task->highUm) * self::FILM, 1);
    }

    /** @return array{path: string, thin: bool, thick: bool} */
    private function band(ZonePlan $one, float $from, float $to, float $y, int $out): array
    {
        $edge = $y + $out * $this->thick($one);

        return $this->filled($one, "M{$from} {$y}L{$from} {$edge}L{$to} {$edge}L{$to} {$y}Z");
    }

    /** @return array{path: string, thin: bool, thick: bool} */
    private function filled(ZonePlan $one, string $path): array
    {
        return ['path' => $path, 'thin' => $one->isThin, 'thick' => $one->isThick];
    }
}
