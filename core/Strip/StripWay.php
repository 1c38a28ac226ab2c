<?php

declare(strict_types=1);

namespace Aenum\Core\Strip;

use Aenum\Core\Rule\Facts\JobFacts;

/** One way to get a part bare: the agents it uses, step by step, and what is left to the blast. */
final readonly class StripWay
{
    /**
     * @param  list<Agent>  $agents  in order; none for straight to the blast
     * @param  list<StripStep>  $steps
     * @param  list<string>  $toBlast  what the blast still has to take off
     * @param  list<string>  $against  why it must not be done
     * @param  list<string>  $names  what a name is needed for
     */
    private function __construct(
        public string $key,
        public string $name,
        public array $agents,
        public array $steps,
        public array $toBlast,
        public array $against,
        public array $names,
        public float $handMinutes,
        public float $waitMinutes,
        public float $litres,
        public float $blastMinutes,
        public float $mediaKg,
    ) {
    }

    public function allowed(): bool
    {
        return $this->against === [];
    }

    /** Minutes somebody works, the blast included. */
    public function allHands(): float
    {
        return $this->handMinutes + $this->blastMinutes;
    }

    /**
     * Every way for what is on a part, the one with the least work first, the forbidden last.
     *
     * @param  float  $areaM2  of all pieces
     * @param  \Closure(list<string>): array{float, float}  $blast  minutes and media kg to blast what is left
     * @return list<self>
     */
    public static function all(JobFacts $facts, float $areaM2, \Closure $blast): array
    {
        $on = array_values(array_filter($facts->part->onIt, fn (string $what): bool => $what !== 'bare'));
        $coatings = array_values(array_intersect(['two_part_paint', 'old_powder', 'paint'], $on));
        $ways = [self::of('blast', 'Straight to the blast', [], $facts, $on, $areaM2, $blast)];
        foreach (['benzyl', 'acid_stripper', 'caustic', 'burn_off'] as $key) {
            if ($coatings !== [] && array_filter($coatings, Agent::get($key)->takesOff(...)) === $coatings) {
                $ways[] = self::of($key, ucfirst(Agent::get($key)->name).', then a light blast', [Agent::get($key)], $facts, $on, $areaM2, $blast);
            }
        }
        if (in_array('rust', $on, true)) {
            $first = $coatings === [] ? [] : [Agent::get('benzyl')];
            $ways[] = self::of('converter', ($first === [] ? 'R' : 'Stripper, then r').'ust converter, no blast', [...$first, Agent::get('converter')], $facts, $on, $areaM2, fn (array $left): array => [0.0, 0.0]);
        }
        if ($on === ['grease'] || $on === []) {
            $ways[] = self::of('degrease', $on === [] ? 'Nothing to take off' : 'Degrease only', [], $facts, $on, $areaM2, fn (array $left): array => [0.0, 0.0]);
        }
        usort($ways, fn (self $a, self $b): int => [$b->allowed(), $a->allHands()] <=> [$a->allowed(), $b->allHands()]);

        return $ways;
    }

    /**
     * @param  list<Agent>  $agents
     * @param  list<string>  $on
     * @param  \Closure(list<string>): array{float, float}  $blast
     */
    private static function of(string $key, string $name, array $agents, JobFacts $facts, array $on, float $areaM2, \Closure $blast): self
    {
        $part = $facts->part;
        $grease = in_array('grease', $on, true) || $part->oily;
        if ($grease && array_filter($agents, fn (Agent $agent): bool => $agent->takesOff('grease')) === []) {
            array_unshift($agents, Agent::get('degreaser'));
        }
        $left = $on;
        $steps = $against = $names = [];
        $litres = 0.0;
        foreach ($agents as $agent) {
            $takes = array_values(array_filter($left, $agent->takesOff(...)));
            $takes = $takes === [] && $agent->takesOff('grease') ? ['grease'] : $takes;
            $left = array_values(array_diff($left, $takes));
            array_push($steps, ...self::steps($agent, $takes, $areaM2));
            $litres += $agent->litresPerM2 * $agent->coats * $areaM2;
            [$no, $sign] = self::objections($agent, $part->metal, $part->hardened, $part->heatTreated);
            array_push($against, ...$no);
            array_push($names, ...$sign);
        }
        $toBlast = array_values(array_diff($left, ['grease']));
        [$minutes, $media] = $blast($toBlast);

        return new self($key, $name, $agents, $steps, $toBlast, $against, $names,
            array_sum(array_map(fn (StripStep $step): float => $step->minutes, $steps)), array_sum(array_map(fn (StripStep $step): float => $step->dwell, $steps)), $litres, $minutes, $media);
    }

    /**
     * @param  list<string>  $takes
     * @return list<StripStep>
     */
    private static function steps(Agent $agent, array $takes, float $areaM2): array
    {
        $what = str_replace('_', ' ', implode(' and ', $takes));
        $late = $agent->tooLong(...$takes);
        $steps = [];
        for ($coat = 1; $coat <= $agent->coats; $coat++) {
            $steps[] = new StripStep(
                "{$agent->key}-{$coat}", ucfirst($agent->name).($agent->coats > 1 ? ', coat '.$coat : ''), 2 + $agent->minutesPerM2 * $areaM2,
                $agent->dwell(...$takes) / $agent->coats, is_finite($late) ? $late : null,
                $coat === 1 ? "Takes the {$what} off; it has to stay on, wet, that long." : 'The first coat has opened the surface; the second goes through.',
            );
        }
        foreach (['rinse' => $agent->rinse, 'neutralise' => $agent->neutralise] as $key => $does) {
            if ($does !== null) {
                $steps[] = new StripStep("{$agent->key}-{$key}", $does, 3 + $areaM2, 0, null, $key === 'rinse' ? 'What stays on lifts the film later.' : 'What is left of the agent goes on working under the film.');
            }
        }
        if ($agent->waitAfter > 0) {
            $steps[] = new StripStep("{$agent->key}-wait", 'Wait', 0, $agent->waitAfter, null, $agent->key === 'converter' ? 'The converted layer needs its day before it carries a film.' : 'Until it is dry and cold.');
        }

        return $steps;
    }

    /** @return array{list<string>, list<string>} */
    private static function objections(Agent $agent, string $metal, bool $hardened, bool $heatTreated): array
    {
        $is = array_flip(array_keys(array_filter([$metal => true, 'hardened' => $hardened, 'heat_treated' => $heatTreated])));
        $no = array_intersect_key($agent->never, $is);
        $sign = array_intersect_key($agent->withName, $is);

        return [self::said($agent, $no), self::said($agent, $sign)];
    }

    /**
     * @param  array<string, string>  $why
     * @return list<string>
     */
    private static function said(Agent $agent, array $why): array
    {
        return array_values(array_map(fn (string $w): string => ucfirst($agent->name).': '.$w, $why));
    }
}
