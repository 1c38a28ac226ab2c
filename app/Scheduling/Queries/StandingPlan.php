<?php

declare(strict_types=1);

namespace App\Scheduling\Queries;

use App\Platform\Clock\ShopClock;
use App\Scheduling\Models\DayPlan;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** The plan as it stands, and whether the shop has changed since. Reading it never plans. */
final readonly class StandingPlan
{
    /** What is late is looked at again so often, min. */
    public const LOOK_AGAIN_MIN = 10;

    private function __construct(public ?DayPlan $plan, public int $lastWritten)
    {
    }

    public static function read(): self
    {
        return new self(DayPlan::standing(), (int) DB::table('audit_entries')->max('id'));
    }

    /** Whether it knows everything that was written, and is young enough. */
    public function isCurrent(): bool
    {
        return $this->plan !== null && $this->plan->trail_to === $this->lastWritten
            && $this->plan->made_at->diffInMinutes(ShopClock::now(), true) < self::LOOK_AGAIN_MIN;
    }

    /** The plan; an empty one, not stored, before the first. */
    public function orEmpty(): DayPlan
    {
        if ($this->plan !== null) {
            return $this->plan;
        }
        $none = ['late_min' => 0.0, 'bound_min' => 0.0, 'change_min' => 0.0];
        $empty = new DayPlan($none + ['made_at' => ShopClock::now()]);
        $empty->setAttribute('says', null);

        return $empty->setRelation('steps', new Collection);
    }
}
