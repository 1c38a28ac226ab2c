<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Masking;

use Aenum\Core\Units\Dimension;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

/**
 * Which mask from the shelf goes onto a pin: the nearest that seals and stands every bake it will sit through.
 *
 * A bore or a female thread takes a plug, a stud a cap, a face or seat a disc of its size or tape.
 */
final readonly class MaskPick
{
    /** A tape laid over a face overlaps its neighbour by so much, mm. House figure. */
    private const TAPE_OVERLAP_MM = 3.0;

    /** A disc this near the size asked needs no cutting, mm. */
    private const SAME_SIZE_MM = 0.5;

    /** An earth point without a size, mm. House figure. */
    private const EARTH_POINT_MM = 12.0;

    private function __construct(
        public ?StockMask $mask,
        public Message $why,
        public float $minutes,
        /** What to cut from disc sheet or tape; null where nothing is cut. */
        public ?Message $cut,
        /** Tape for all places of all pieces, m; 0 where none. */
        public float $tapeM,
        /** Whether the shelf holds enough. */
        public bool $enough,
    ) {
    }

    /**
     * @param  float|null  $sizeMm  across; null where nobody measured it
     * @param  bool  $stud  the thread is on the outside
     * @param  int  $places  on one piece
     * @param  float|null  $hottestC  part metal of the hottest bake it sits through; null for none
     * @param  list<StockMask>  $stock
     */
    public static function for(
        PinKind $kind,
        ?float $sizeMm,
        bool $stud,
        int $places,
        int $pieces,
        ?float $hottestC,
        array $stock,
    ): self {
        if ($sizeMm === null && $kind !== PinKind::EarthFace) {
            return self::nothing(Message::from('The pin has no size; measure it.'));
        }
        $size = $sizeMm ?? self::EARTH_POINT_MM;
        $count = $places * $pieces;
        $turnedDown = [];
        foreach ($kind->takes($stud) as $shape) {
            $fits = array_filter(
                $stock,
                fn (StockMask $mask): bool => $mask->kind === $shape && $mask->seals($size),
            );
            $stands = array_values(array_filter($fits, fn (StockMask $mask): bool => $mask->stands($hottestC)));
            $turnedDown = [
                ...$turnedDown,
                ...array_diff(array_column($fits, 'name'), array_column($stands, 'name')),
            ];
            if ($stands !== []) {
                return self::with(self::best($stands, $size, $count), $size, $count, $turnedDown, $hottestC);
            }
        }

        return self::nothing(self::whyNone($kind->takes($stud), $size, $turnedDown, $hottestC));
    }

    /** @param  non-empty-list<StockMask>  $stands */
    private static function best(array $stands, float $size, int $count): StockMask
    {
        $rank = fn (StockMask $mask): array => [
            $mask->held < $count,
            abs($mask->middleMm() - $size),
            $mask->toMm - $mask->fromMm,
        ];
        usort($stands, fn (StockMask $a, StockMask $b): int => $rank($a) <=> $rank($b));

        return $stands[0];
    }

    private static function nothing(Message $why): self
    {
        return new self(null, $why, 0.0, null, 0.0, false);
    }

    /**
     * @param  list<MaskKind>  $kinds
     * @param  list<string>  $turnedDown
     */
    private static function whyNone(array $kinds, float $size, array $turnedDown, ?float $hottestC): Message
    {
        if ($turnedDown === [] || $hottestC === null) {
            $what = implode(' or ', array_map(fn (MaskKind $kind): string => $kind->label(), $kinds));

            return Message::of('No {what} on the shelf seals {size}.', [
                'what' => $what,
                'size' => Quantity::mm($size, 1),
            ]);
        }

        return Message::of('{names} fits, but does not stand {bake} with {margin} to spare.', [
            'names' => implode(', ', array_unique($turnedDown)),
            'bake' => Quantity::celsius($hottestC),
            'margin' => Quantity::kelvin(MaskMaterial::MARGIN_K),
        ]);
    }

    /** @param  list<string>  $turnedDown */
    private static function with(
        StockMask $mask,
        float $size,
        int $count,
        array $turnedDown,
        ?float $hottestC,
    ): self {
        $tape = $mask->kind === MaskKind::Tape;
        $strips = $tape ? self::strips($mask, $size) : 1;
        $length = $size + 2 * self::TAPE_OVERLAP_MM;
        $metres = $tape ? ($count * $strips * $length) / 1000 : 0.0;
        $cut = match (true) {
            $tape => Message::of('{count} × {strips} strips of {length}; burnish the edges, trim to the line.', [
                'count' => $count,
                'strips' => $strips,
                'length' => Quantity::mm($length, 0),
            ]),
            $mask->kind === MaskKind::Disc && abs($mask->toMm - $size) > self::SAME_SIZE_MM => Message::of(
                '{count} discs of {size} from {name}.',
                ['count' => $count, 'size' => Quantity::mm($size, 1), 'name' => $mask->name],
            ),
            default => null,
        };

        return new self(
            $mask,
            self::why($mask, $size, $turnedDown, $hottestC),
            $count * $strips * $mask->kind->minutes(),
            $cut,
            $metres,
            $mask->held >= ($tape ? $metres : $count),
        );
    }

    private static function strips(StockMask $tape, float $size): int
    {
        $covers = max(1.0, $tape->fromMm - self::TAPE_OVERLAP_MM);

        return max(1, (int) ceil(($size + self::TAPE_OVERLAP_MM) / $covers));
    }

    /** @param  list<string>  $turnedDown */
    private static function why(StockMask $mask, float $size, array $turnedDown, ?float $hottestC): Message
    {
        $fits =
            $mask->kind === MaskKind::Tape
                ? Message::of('Tape, {width} wide', ['width' => Quantity::mm($mask->fromMm, 0)])
                : Message::of('Seals {range}, asked {size}', [
                    'range' => Quantity::range(Dimension::Length, $mask->fromMm, $mask->toMm, 1),
                    'size' => Quantity::mm($size, 1),
                ]);
        $heat =
            $hottestC === null
                ? Message::from('; sees no oven.')
                : Message::of('; stands {rated}, the hottest bake is {bake}.', [
                    'rated' => Quantity::celsius((float) $mask->ratedC),
                    'bake' => Quantity::celsius($hottestC),
                ]);
        $not =
            $turnedDown === []
                ? ''
                : ' Not '.implode(', ', array_unique($turnedDown)).': it would not stand the bake.';

        return Message::all([$fits, $heat, $not], '');
    }
}
