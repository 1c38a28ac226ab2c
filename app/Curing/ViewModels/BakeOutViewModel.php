<?php

declare(strict_types=1);

namespace App\Curing\ViewModels;

use Aenum\Core\Curing\MetalAging;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;
use App\Curing\Queries\BakeOutState;
use App\Curing\Queries\LoadCorrection;
use App\Curing\Queries\LoadSchedule;
use App\Intake\Models\Part;
use App\Platform\Clock\ShopClock;
use App\Routing\Queries\MetalHeatHistory;

/** A bake-out at the current time, in words for its page. */
final readonly class BakeOutViewModel extends BakeOutState
{
    /**
     * How much heat every metal that ages will have had when this is over.
     *
     * @return list<array{part: Part, says: Message}>
     */
    public function ageing(): array
    {
        $says = [];
        foreach ($this->items as $n => $item) {
            if ($item->part->metalKind()->ageHardens()) {
                $sum = MetalHeatHistory::of(
                    $item->part,
                    $this->load,
                    $item->batch,
                ) + $this->plan->items[$n]['metalMinutes'];
                $says[] = ['part' => $item->part, 'says' => self::losesStrength($item)
                    ? MetalAging::words($sum)
                    : Message::from('Not marked as heat treated or load bearing, so no limit on time at temperature is '
                        .'asked for. If it is, mark it on the part first.')];
            }
        }

        return $says;
    }

    public function tone(): string
    {
        return $this->plan->good() && ! $this->stops() ? 'good' : 'stop';
    }

    /** When to pull as far as is known, and how sure that is. */
    public function sureLine(): string
    {
        [$low, $told, $high] = $this->band;
        $isRead = $this->correction->residualsK !== [];
        $says = LoadCorrection::sureLine($this->load, $isRead, $this->readItems());
        $at = fn (float $minutes): string => ShopClock::time($this->clock($minutes) ?? $this->now);

        return match (true) {
            ! $isRead => $says,
            $told === null => 'Most ovens that read so never get it there at this setpoint: set it hotter.',
            $low === null || $high === null => $says,
            default => "Between {$at($low)} and {$at($high)}. {$says}",
        };
    }

    /** What happens at the moment told. */
    public function dueWords(): string
    {
        return match (true) {
            $this->load->host !== null => 'out with the cure at about',
            $this->load->timer_out_at !== null => 'the timer turns it off; take it out at',
            default => 'pull at',
        };
    }

    /** The key of what the thermometer is best pointed at. */
    public function pointed(): string
    {
        return $this->readItems()[$this->plan->decides]->key();
    }

    /** Where what is set is hotter or longer than anything on the parts asks for; null where it is not. */
    public function habit(): ?Message
    {
        $aim = $this->asked();
        $isMore = $this->load->target_c > $aim->targetC + 0.5 || $this->load->hold_minutes > $aim->holdMinutes + 0.5;

        return $this->load->isPlanned() && $isMore
            ? Message::of('Set hotter or longer than its route asks, which is {hold} at {target}.', [
                'hold' => Quantity::minutes($aim->holdMinutes),
                'target' => Quantity::celsius($aim->targetC),
            ])
            : null;
    }

    /** What it has had by now. */
    public function soFar(): ?Message
    {
        if (! $this->load->isRunning()) {
            return null;
        }
        $slowest = $this->plan->items[$this->plan->decides];
        $now = LoadSchedule::second($this->load->ran(), $this->now) / 60;
        $held = $slowest['reaches'] === null ? 0.0 : max(0.0, $now - $slowest['reaches']);

        return Message::of('Pulled now: {part} is held {held} of {hold}.', [
            'part' => $this->slowest()->name,
            'held' => Quantity::minutes(round(min($held, $slowest['held']))),
            'hold' => Quantity::minutes((float) $this->load->hold_minutes),
        ]);
    }
}
