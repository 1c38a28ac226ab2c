<?php

declare(strict_types=1);

namespace App\Scheduling\ViewModels;

use Aenum\Core\Scheduling\DelayCause;
use App\Intake\Models\Batch;
use App\Platform\Presentation\Units;
use App\Scheduling\Models\DayPlan;

/** A batch that will be late, and why. */
final readonly class LateRow
{
    /** @param  array<array-key, mixed>  $says  as the plan keeps it */
    private function __construct(public Batch $batch, private array $says)
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
        $batches = Batch::query()->with(
            ['part.job', 'part.batches'],
        )->findMany(array_column($says, 'lot'))->keyBy('id');
        $rows = [];
        foreach ($says as $row) {
            $batch = $batches[$row['lot']] ?? null;
            if ($batch !== null && $batch->isOpen()) {
                $rows[] = new self($batch, $row);
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

        return match (DelayCause::tryFrom((string) ($this->says['by'] ?? ''))) {
            DelayCause::Machine => "{$step} waits {$waits} for {$for}.",
            DelayCause::Hands => "{$step} waits {$waits} for the hands of {$for}.",
            DelayCause::Means => "{$step} waits {$waits} for a rack.",
            default => 'Its own steps and waits take longer than there is, with the shop to itself.',
        };
    }
}
