<?php

declare(strict_types=1);

namespace Aenum\Core\Mask;

/**
 * Which mask from the shelf goes onto a pin: the nearest that seals and stands every bake it will sit through.
 *
 * A bore or a female thread takes a plug, a stud a cap, a face or seat a disc of its size or tape.
 */
final readonly class MaskPick
{
    /** Minutes to put one on and take it off again, by kind. House figures. */
    private const MINUTES = ['plug' => 0.4, 'cap' => 0.4, 'disc' => 0.8, 'tape' => 2.5];

    /** A tape laid over a face overlaps its neighbour by so much, mm. */
    private const TAPE_OVERLAP_MM = 3.0;

    private function __construct(
        public ?StockMask $mask,
        public string $why,
        public float $minutes,
        /** What to cut from disc sheet or tape, in words; null where nothing is cut. */
        public ?string $cut,
        /** Tape for all places of all pieces, m; 0 where none. */
        public float $tapeM,
        /** Whether the shelf holds enough. */
        public bool $enough,
    ) {
    }

    /**
     * @param  list<StockMask>  $stock
     * @param  int  $places  on one piece
     * @param  float|null  $hottestC  part metal of the hottest bake it sits through; null for none
     */
    public static function for(PinKind $kind, ?float $sizeMm, bool $stud, int $places, int $pieces, ?float $hottestC, array $stock): self
    {
        $kinds = match ($kind) {
            PinKind::Thread => $stud ? ['cap'] : ['plug'],
            PinKind::Bore => ['plug'],
            PinKind::GroundPoint => ['disc', 'tape'],
            default => ['disc', 'tape'],
        };
        if ($sizeMm === null && $kind !== PinKind::GroundPoint) {
            return new self(null, 'The pin has no size; measure it.', 0.0, null, 0.0, false);
        }
        $size = $sizeMm ?? 12.0;
        $count = $places * $pieces;
        $turnedDown = [];
        foreach ($kinds as $shape) {
            $fits = array_values(array_filter($stock, fn (StockMask $mask): bool => $mask->kind === $shape && ($shape === 'tape' || ($mask->fromMm <= $size && $size <= $mask->toMm))));
            $stands = array_values(array_filter($fits, fn (StockMask $mask): bool => $hottestC === null || ($mask->ratedC !== null && $mask->ratedC >= $hottestC)));
            foreach (array_diff(array_column($fits, 'name'), array_column($stands, 'name')) as $name) {
                $turnedDown[] = $name;
            }
            if ($stands !== []) {
                usort($stands, fn (StockMask $a, StockMask $b): int => [$b->held >= $count, abs(self::middle($a) - $size), $a->toMm - $a->fromMm] <=> [$a->held >= $count, abs(self::middle($b) - $size), $b->toMm - $b->fromMm]);

                return self::with($stands[0], $size, $count, $turnedDown, $hottestC);
            }
        }
        $what = implode(' or ', $kinds);

        return new self(null, $turnedDown === [] ? sprintf('No %s on the shelf seals %.1f mm.', $what, $size) : sprintf('%s fits, but does not stand %.0f °C.', implode(', ', array_unique($turnedDown)), $hottestC), 0.0, null, 0.0, false);
    }

    private static function middle(StockMask $mask): float
    {
        return ($mask->fromMm + $mask->toMm) / 2;
    }

    /** @param  list<string>  $turnedDown */
    private static function with(StockMask $mask, float $size, int $count, array $turnedDown, ?float $hottestC): self
    {
        $why = $mask->kind === 'tape' ? sprintf('Tape, %.0f mm wide', $mask->fromMm) : sprintf('Seals %.1f to %.1f mm, asked %.1f mm', $mask->fromMm, $mask->toMm, $size);
        $why .= $hottestC === null ? '; sees no oven.' : sprintf('; stands %.0f °C, the hottest bake is %.0f °C.', $mask->ratedC, $hottestC);
        if ($turnedDown !== []) {
            $why .= ' Not '.implode(', ', array_unique($turnedDown)).': it would not stand the bake.';
        }
        $tape = 0.0;
        $cut = null;
        $minutes = self::MINUTES[$mask->kind];
        if ($mask->kind === 'tape') {
            $strips = max(1, (int) ceil(($size + self::TAPE_OVERLAP_MM) / max(1.0, $mask->fromMm - self::TAPE_OVERLAP_MM)));
            $length = $size + 2 * self::TAPE_OVERLAP_MM;
            $tape = $count * $strips * $length / 1000;
            $minutes *= $strips;
            $cut = sprintf('%d × %d strips of %.0f mm; burnish the edges, trim to the line.', $count, $strips, $length);
        } elseif ($mask->kind === 'disc' && abs($mask->toMm - $size) > 0.5) {
            $cut = sprintf('%d discs of %.1f mm from %s.', $count, $size, $mask->name);
        }

        return new self($mask, $why, $count * $minutes, $cut, $tape, $mask->held >= ($mask->kind === 'tape' ? $tape : $count));
    }
}
