<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

use Aenum\Core\Trade\SprayOrder;
use Aenum\Core\Units\Check;

/** A place on a part that is sprayed in one go. */
final readonly class Zone
{
    /** A recess is taken as long as it is wide so many times. House figure. */
    private const LENGTH_OVER_WIDTH = 1.5;

    /** Recesses together are at most this share of the skin. House figure. */
    private const MOST_IN_RECESSES = 0.4;

    private function __construct(
        public string $key,
        public ZoneKind $kind,
        public string $name,
        /** Of all pieces together, m². */
        public float $areaM2,
        public ?float $widthMm = null,
        public ?float $depthMm = null,
        public ?int $pin = null,
    ) {
    }

    /**
     * The zones of so many pieces, in spraying order: each recess pinned, then the rest of the skin.
     *
     * @param  float  $areaM2  that takes this coat, all pieces, above 0 to 1e6
     * @param  int  $pieces  1 and more
     * @param  list<PinnedRecess>  $recesses  on each piece
     * @param  SprayOrder  $order  of the rest of the skin
     * @return non-empty-list<self>
     */
    public static function all(
        float $areaM2,
        int $pieces,
        array $recesses,
        SprayOrder $order = SprayOrder::TopDown,
    ): array {
        Check::above('area_m2', $areaM2, 0, 1e6);
        $areas = array_map(fn (PinnedRecess $one): float => $pieces * self::recessM2($one), $recesses);
        $fits = min(1.0, self::MOST_IN_RECESSES * $areaM2 / max(1e-9, array_sum($areas)));
        $zones = [];
        foreach ($recesses as $n => $one) {
            $zones[] = new self(
                "pin-{$one->pin}", ZoneKind::Recess, "recess at pin {$one->pin}", $fits * $areas[$n],
                $one->widthMm, $one->depthMm, $one->pin,
            );
        }
        $rest = $areaM2 - $fits * array_sum($areas);
        foreach (self::order($order) as [$kind, $how]) {
            $zones[] = new self($kind->value, $kind, "{$kind->label()}{$how}", $rest * $kind->share());
        }

        return $zones;
    }

    /** @return non-empty-list<array{ZoneKind, string}> and how each is gone over, behind its name */
    private static function order(SprayOrder $way): array
    {
        return match ($way) {
            SprayOrder::TopDown => [
                [ZoneKind::Inside, ''], [ZoneKind::Face, ', top down'], [ZoneKind::FarSide, ', top down'],
            ],
            SprayOrder::UndersideFirst => [
                [ZoneKind::Inside, ', undersides first'], [ZoneKind::FarSide, ''], [ZoneKind::Face, ''],
            ],
            SprayOrder::BackFirst => [[ZoneKind::FarSide, ''], [ZoneKind::Inside, ''], [ZoneKind::Face, ', last']],
            SprayOrder::CrossWise => [
                [ZoneKind::Inside, ''],
                [ZoneKind::Face, ', half the passes upright, half level'],
                [ZoneKind::FarSide, ', half the passes upright, half level'],
            ],
        };
    }

    /** Depth over width; null where it is no recess. */
    public function depthOverWidth(): ?float
    {
        return $this->widthMm === null || $this->depthMm === null ? null : $this->depthMm / $this->widthMm;
    }

    /** What its floor gets against the open face. */
    public function ratio(GunSetting $set): float
    {
        return $this->widthMm === null || $this->depthMm === null
            ? 1.0
            : Recess::slot(Recess::electricShare($set->kv, $set->air), $this->widthMm, $this->depthMm);
    }

    /** Floor and walls of one, m². */
    private static function recessM2(PinnedRecess $one): float
    {
        $long = self::LENGTH_OVER_WIDTH * $one->widthMm;

        return $one->places * ($one->widthMm * $long + 2 * $one->depthMm * ($one->widthMm + $long)) * 1e-6;
    }
}
