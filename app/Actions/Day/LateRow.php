<?php

declare(strict_types=1);

namespace App\Actions\Day;

use Aenum\Core\Plan\HeldUpBy;
use App\Models\DayPlan;
use App\Models\Lot;
use App\Support\Units;

/** A lot the plan cannot keep, and why. */
final readonly class LateRow
{
    /** @param  array<array-key, mixed>  $says  as the plan keeps it */
    private function __construct(public Lot $lot, private array $says)
    {
    }

    /**
     * The latest first.
     *
     * @return list<self>
     */
    public static function all(DayPlan $plan): array
    {
        $says = array_filter($plan->says['late'] ?? [], fn (mixed $row): bool => is_array($row) && isset($row['lot']));
        $lots = Lot::query()->with(['part.job', 'part.lots'])->findMany(array_column($says, 'lot'))->keyBy('id');
        $rows = [];
        foreach ($says as $row) {
            $lot = $lots[$row['lot']] ?? null;
            if ($lot !== null && $lot->isOpen()) {
                $rows[] = new self($lot, $row);
            }
        }

        return $rows;
    }

    /** How late, in words. */
    public function late(): string
    {
        return Units::minutes((float) ($this->says['late_min'] ?? 0)).' late';
    }

    /** Why, in a sentence. */
    public function why(): string
    {
        $waits = Units::minutes((float) ($this->says['waits_min'] ?? 0));
        $step = ucfirst((string) ($this->says['step'] ?? 'its next step'));
        $for = (string) ($this->says['for'] ?? '');

        return match (HeldUpBy::tryFrom((string) ($this->says['by'] ?? ''))) {
            HeldUpBy::Machine => "{$step} waits {$waits} for {$for}.",
            HeldUpBy::Hands => "{$step} waits {$waits} for the hands of {$for}.",
            HeldUpBy::Means => "{$step} waits {$waits} for a rack.",
            default => 'Its own steps and waits take longer than there is, with the shop to itself.',
        };
    }
}
