<?php

declare(strict_types=1);

namespace App\Curing\ViewModels;

use Aenum\Core\Curing\CureState;
use Aenum\Core\Curing\ItemOutlook;
use App\Curing\Queries\LayerHistory;
use App\Curing\Queries\LoadedItem;

/** A layer in a bake: dose before and after. */
final readonly class CureLedgerLine
{
    /** @param  bool  $first  whether it is the first of its part, which says what is said of the part */
    private function __construct(
        public LoadedItem $hung,
        public LayerHistory $layer,
        public bool $first,
        public string $doneAt,
        public float $doseAfter,
        public ?float $overbakeAfter,
        public bool $overLimit,
        public CureState $state,
        public float $peakC,
        public string $metal,
    ) {
    }

    /** @return list<self> */
    public static function all(BakeViewModel $board): array
    {
        $lines = [];
        foreach ($board->load->hung as $i => $hung) {
            $item = $board->outlook->items[$i];
            $metal = self::metal($board, $i, $hung);
            foreach ($hung->layers as $n => $layer) {
                $gain = $item->under[$n] ?? $item->atPull;
                $after = $gain->overbake === null ? null : ($layer->overbake ?? 0.0) + $gain->overbake;
                $lines[] = new self(
                    $hung,
                    $layer,
                    $n === 0,
                    self::doneAt($board, $hung, $item),
                    $layer->dose + $gain->dose,
                    $after,
                    $after !== null && $after > $board->bake->overbake_limit,
                    $gain->state($board->bake->way, $layer->dose, $layer->overbake ?? 0.0),
                    $gain->peakC,
                    $metal,
                );
            }
        }

        return $lines;
    }

    private static function doneAt(BakeViewModel $board, LoadedItem $hung, ItemOutlook $item): string
    {
        $left = $hung->bakeItem->out_at;
        $isShort = $board->bake->isPulled() && ($item->readyMinutes ?? INF) > $board->outlook->pullMinutes + 0.02;

        return match (true) {
            $left !== null => 'out at '.number_format($board->sinceShut($board->load->second($left) / 60), 1),
            $isShort => 'pulled before',
            $item->readyMinutes !== null => number_format($board->sinceShut($item->readyMinutes), 1),
            $board->bake->way->isOfTheClock() => 'by the clock',
            default => 'not in this picture',
        };
    }

    private static function metal(BakeViewModel $board, int $i, LoadedItem $hung): string
    {
        $had = $hung->metalMinutesSoFar;

        return $hung->item->metal->ageHardens()
            ? number_format($had, 0).' → '.number_format($had + $board->metalMinutes($i, $hung), 0)
            : 'does not age';
    }
}
