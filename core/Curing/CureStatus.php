<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

use Aenum\Core\Units\Message;

/**
 * Status of one coat on one batch: measurement outranks simulation, then operator entry.
 *
 * The one place that says whether a coat is what it was baked for; job, bench, ledger and record all ask it.
 */
final readonly class CureStatus
{
    /**
     * @param  CureState|null  $computed  worst region after the last bake for this coat; null where none is logged
     * @param  bool  $served  whether, as computed, every region is what it was baked for
     * @param  bool|null  $measured  what was measured last since that bake: cured (true) or short (false); null for
     *                               nothing
     * @param  bool  $told  somebody says that it was baked, and no bake of it is logged since
     * @param  float  $dose  least of any region, all bakes together
     * @param  float|null  $overbake  most of any region, all bakes together; null where the sheet is silent
     */
    public function __construct(
        public ?CureState $computed,
        public bool $served,
        public ?bool $measured,
        public bool $told,
        public float $dose,
        public ?float $overbake,
    ) {
    }

    /** A coat no bake of which is logged. */
    public static function raw(): self
    {
        return new self(null, false, null, false, 0.0, null);
    }

    /**
     * The worse of two, where pieces of different pasts hang together.
     *
     * @param  non-empty-list<self>  $all
     */
    public static function worst(array $all): self
    {
        usort($all, fn (self $a, self $b): int => $a->rank() <=> $b->rank() ?: $a->dose <=> $b->dose);

        return $all[0];
    }

    /** Baked, by the log. */
    public function isBaked(): bool
    {
        return $this->computed !== null;
    }

    /** Whether it is what it was baked for, by what was measured before what was computed. */
    public function isDone(): bool
    {
        return $this->measured ?? ($this->told || ($this->served && ! $this->isOverbaked()));
    }

    /** More than its powder stands, and nothing measured says otherwise: no bake mends that. */
    public function isOverbaked(): bool
    {
        return $this->computed === CureState::Overbaked && $this->measured === null;
    }

    /** Whether another bake is what it needs. */
    public function goesBackIn(): bool
    {
        return ($this->isBaked() || $this->measured === false) && ! $this->isDone() && ! $this->isOverbaked();
    }

    /** Whether the bake of it is behind it, well or badly. */
    public function closesBake(): bool
    {
        return $this->isDone() || $this->isOverbaked();
    }

    /** What it is, and what says so: a test before the computed cure. */
    public function words(): Message
    {
        $cure = ['cure' => round(100 * $this->dose).' % of cure'];

        return match (true) {
            $this->measured === false => Message::of('undercured by test, predicted {cure}', $cure),
            $this->measured === true && $this->served => Message::of(
                'cured, confirmed by test, predicted {cure}',
                $cure,
            ),
            $this->measured === true => Message::of('cured by test, predicted {cure}', $cure),
            $this->computed !== null => Message::of('{state}, {cure}', ['state' => $this->computed->label()] + $cure),
            $this->told => Message::from('baked as told, no bake logged'),
            default => Message::from('not baked'),
        };
    }

    private function rank(): int
    {
        return match (true) {
            $this->measured === false => 0,
            ! $this->isBaked() && ! $this->told => 1,
            ! $this->closesBake() => 2,
            $this->isOverbaked() => 3,
            default => 4,
        };
    }
}
