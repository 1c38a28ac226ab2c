<?php

declare(strict_types=1);

namespace Aenum\Core\Advice;

use Aenum\Core\Preparation\Stripping\Agent;
use Aenum\Core\Preparation\Stripping\Agents;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Trade\StepKind;

/** One thing to do at the strip bench, with the clock that belongs to it. */
final readonly class StripStep
{
    /** Setting up for one coat, and for one rinse, min of hands. House figures. */
    private const COAT_SET_UP = 2.0;

    private const RINSE_SET_UP = 3.0;

    /**
     * @param  float  $minutes  of hands
     * @param  float  $dwell  minutes it must stay; 0 where there is no clock
     * @param  float|null  $tooLong  minutes after which it has had too long; null where that does no harm
     */
    private function __construct(
        public string $key,
        public string $does,
        public float $minutes,
        public float $dwell,
        public ?float $tooLong,
        public string $why,
    ) {
    }

    /** The step of a route that is done when a clock of that key is; null where the clock is only on the way there. */
    public static function closes(string $key): ?StepKind
    {
        [$agent, $coat] = explode('-', $key, 2) + [1 => ''];
        $found = Agents::find($agent);

        return $found !== null && $coat === (string) $found->coats ? Agents::stepFor($found) : null;
    }

    /**
     * An agent put on, left, rinsed off and waited for.
     *
     * @param  list<ArrivalCondition>  $takes  what it takes off
     * @return list<self>
     */
    public static function of(Agent $agent, array $takes, float $areaM2): array
    {
        return [
            ...self::coats($agent, $takes, $areaM2),
            ...self::rinses($agent, $areaM2),
            ...self::waits($agent),
        ];
    }

    /**
     * @param  list<ArrivalCondition>  $takes
     * @return list<self>
     */
    private static function coats(Agent $agent, array $takes, float $areaM2): array
    {
        $what = implode(' and ', array_map(fn (ArrivalCondition $on): string => $on->label(), $takes));
        $late = $agent->tooLong(...$takes);
        $steps = [];
        for ($coat = 1; $coat <= $agent->coats; $coat++) {
            $steps[] = new self(
                "{$agent->key}-{$coat}",
                ucfirst($agent->name).($agent->coats > 1 ? ', coat '.$coat : ''),
                self::COAT_SET_UP + $agent->minutesPerM2 * $areaM2,
                $agent->dwell(...$takes) / $agent->coats,
                is_finite($late) ? $late : null,
                $coat === 1
                    ? "Takes the {$what} off; it has to stay on, wet, that long."
                    : 'The first coat has opened the surface; the second goes through.',
            );
        }

        return $steps;
    }

    /** @return list<self> */
    private static function rinses(Agent $agent, float $areaM2): array
    {
        $minutes = self::RINSE_SET_UP + $areaM2;
        $steps = [];
        if ($agent->rinse !== null) {
            $why = 'What stays on lifts the film later.';
            $steps[] = new self("{$agent->key}-rinse", $agent->rinse, $minutes, 0, null, $why);
        }
        if ($agent->neutralise !== null) {
            $why = 'What is left of the agent goes on working under the film.';
            $steps[] = new self("{$agent->key}-neutralise", $agent->neutralise, $minutes, 0, null, $why);
        }

        return $steps;
    }

    /** @return list<self> */
    private static function waits(Agent $agent): array
    {
        return $agent->waitAfter > 0
            ? [new self("{$agent->key}-wait", 'Wait', 0, $agent->waitAfter, null, $agent->waitWhy)]
            : [];
    }
}
