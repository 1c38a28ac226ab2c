<?php

declare(strict_types=1);

namespace Aenum\Core\Advice;

use Aenum\Core\Preparation\Stripping\Agent;
use Aenum\Core\Preparation\Stripping\Agents;
use Aenum\Core\Routing\JobFacts;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\Step;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Finding;
use Aenum\Core\Rules\RuleBook;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Units\ObjectMemo;

/** One way to get a part bare: the agents it uses, step by step, and what is left to the blast. */
final readonly class StripOption
{
    public const BLAST = 'blast';

    public const CONVERTER = 'converter';

    public const DEGREASE = 'degrease';

    /** Ways by an agent that takes coatings off. */
    private const STRIPPERS = [
        'quick_gel', 'dcm_gel', 'benzyl', 'benzyl_soak', 'acid_stripper', 'clear_bath', 'caustic', 'burn_off',
    ];

    /**
     * @param  list<Agent>  $agents  in order; none for straight to the blast
     * @param  list<StripStep>  $steps
     * @param  list<ArrivalCondition>  $toBlast  what the blast still has to take off
     * @param  list<Finding>  $findings  what the rules say of it
     * @param  float  $litres  of what is put on
     */
    private function __construct(
        public string $key,
        public string $name,
        public array $agents,
        public array $steps,
        public array $toBlast,
        public array $findings,
        public float $handMinutes,
        public float $waitMinutes,
        public float $litres,
        public float $blastMinutes,
        public float $mediaKg,
    ) {
    }

    /** It goes to the nozzle after that. */
    public function blasts(): bool
    {
        return $this->blastMinutes > 0;
    }

    /** It needs something that is banned or asks for a permit in many places. */
    public function isRegulated(): bool
    {
        return array_filter($this->agents, fn (Agent $agent): bool => $agent->isRegulated) !== [];
    }

    /** No rule stops it. */
    public function allowed(): bool
    {
        return $this->against() === [];
    }

    /** @return list<Finding> why it must not be done */
    public function against(): array
    {
        return array_values(array_filter($this->findings, fn (Finding $finding): bool => $finding->isStop()));
    }

    /** @return list<Finding> what a name is needed for */
    public function toSign(): array
    {
        $signs = fn (Finding $finding): bool => $finding->rule->severity === Severity::Sign;

        return array_values(array_filter($this->findings, $signs));
    }

    /** Minutes somebody works, the blast included. */
    public function allHands(): float
    {
        return $this->handMinutes + $this->blastMinutes;
    }

    /**
     * Every way for what is on a part, the one with the least work first, then the regulated, the forbidden last.
     *
     * @param  \Closure(list<ArrivalCondition>): array{float, float}  $blast  minutes and media kg to blast what is left
     * @return non-empty-list<self>
     */
    public static function all(JobFacts $facts, \Closure $blast): array
    {
        $on = array_values(
            array_filter($facts->part->onIt, fn (ArrivalCondition $what): bool => $what !== ArrivalCondition::Bare),
        );
        $coatings = $facts->part->coatings();
        $none = fn (array $left): array => [0.0, 0.0];
        $ways = [self::of(self::BLAST, 'Straight to the blast', [], $facts, $on, $blast)];
        foreach (array_map(Agents::get(...), self::STRIPPERS) as $agent) {
            if ($coatings !== [] && array_filter($coatings, $agent->takesOff(...)) === $coatings) {
                $name = ucfirst($agent->name).', then a light blast';
                $ways[] = self::of($agent->key, $name, [$agent], $facts, $on, $blast);
            }
        }
        if (array_intersect(['rust', 'light_rust'], array_column($on, 'value')) !== []) {
            $first = $coatings === [] ? [] : [Agents::get('benzyl')];
            $name = $first === [] ? 'Rust converter, no blast' : 'Stripper, then rust converter, no blast';
            $ways[] = self::of(self::CONVERTER, $name, [...$first, Agents::get('converter')], $facts, $on, $none);
        }
        if ($on === [ArrivalCondition::Grease] || $on === []) {
            $name = $on === [] ? 'Nothing to take off' : 'Degrease only';
            $ways[] = self::of(self::DEGREASE, $name, [], $facts, $on, $none);
        }
        usort(
            $ways,
            fn (self $a, self $b): int => [$b->allowed(), $a->isRegulated(), $a->allHands()]
                <=> [$a->allowed(), $b->isRegulated(), $b->allHands()],
        );

        return $ways;
    }

    /**
     * The way a part goes: as somebody chose, else as its route has it.
     *
     * @param  non-empty-list<self>  $ways
     */
    public static function pick(array $ways, PartRouting $route, ?string $chosen): self
    {
        $allowed = array_column(
            array_map(
                fn (self $way): array => [$way->key, $way],
                array_filter($ways, fn (self $way): bool => $way->allowed()),
            ),
            1,
            0,
        );
        $stripped = $route->find(0, fn (Step $step): bool => $step->kind->strips());
        $planned = match (true) {
            $route->has(StepKind::RustConvert) => self::CONVERTER,
            $stripped !== null => $route->steps[$stripped]->agent->key ?? self::BLAST,
            default => self::DEGREASE,
        };

        return $allowed[$chosen ?? ''] ??
            ($allowed[$planned] ?? ($allowed[self::BLAST] ?? (array_values($allowed)[0] ?? $ways[0])));
    }

    /**
     * @param  list<Agent>  $agents
     * @param  list<ArrivalCondition>  $on
     * @param  \Closure(list<ArrivalCondition>): array{float, float}  $blast
     */
    private static function of(
        string $key,
        string $name,
        array $agents,
        JobFacts $facts,
        array $on,
        \Closure $blast,
    ): self {
        $area = $facts->part->areaOfAllM2();
        $takesGrease = array_filter(
            $agents,
            fn (Agent $agent): bool => $agent->takesOff(ArrivalCondition::Grease),
        ) !== [];
        if ($facts->part->isGreasy() && ! $takesGrease) {
            array_unshift($agents, Agents::get('degreaser'));
        }
        $left = $on;
        $steps = [];
        $litres = 0.0;
        foreach ($agents as $agent) {
            $takes = array_values(array_filter($left, $agent->takesOff(...)));
            $takes = $takes === [] && $agent->takesOff(ArrivalCondition::Grease) ? [ArrivalCondition::Grease] : $takes;
            $left = array_values(
                array_filter($left, fn (ArrivalCondition $one): bool => ! in_array($one, $takes, true)),
            );
            array_push($steps, ...StripStep::of($agent, $takes, $area));
            $litres += $agent->litresFor($area);
        }
        $toBlast = array_values(
            array_filter($left, fn (ArrivalCondition $one): bool => $one !== ArrivalCondition::Grease),
        );
        [$minutes, $media] = $blast($toBlast);

        return new self(
            $key,
            $name,
            $agents,
            $steps,
            $toBlast,
            self::findings($agents, $facts),
            array_sum(array_map(fn (StripStep $step): float => $step->minutes, $steps)),
            array_sum(array_map(fn (StripStep $step): float => $step->dwell, $steps)),
            $litres,
            $minutes,
            $media,
        );
    }

    /**
     * What the book says of a part under these agents.
     *
     * @param  list<Agent>  $agents
     * @return list<Finding>
     */
    private static function findings(array $agents, JobFacts $facts): array
    {
        $steps = array_map(
            fn (Agent $agent): Step => new Step(Agents::stepFor($agent), 0, 0, '', agent: $agent),
            $agents,
        );

        /** @var ObjectMemo|null $plans */
        static $plans = null;
        $plans ??= new ObjectMemo;
        $key = implode(' ', array_map(fn (Agent $agent): string => $agent->key, $agents));
        $plan = $plans->get($facts, $key, fn (): PartRouting => $steps === []
            ? PartRouting::withoutSteps($facts)
            : new PartRouting($facts, $steps));

        return RuleBook::judge($plan, Checkpoint::Strip);
    }
}
