<?php

declare(strict_types=1);

namespace Aenum\Core\Files;

use Aenum\Core\Routing\JobFacts;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\RoutePlanner;
use Aenum\Core\Routing\Step;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Finding;
use Aenum\Core\Rules\RuleBook;
use Aenum\Core\Units\InvalidInput;
use Aenum\Core\Units\UnitSystem;

/** The aenum-route/1 format: what is known of a job, and, where a person has reordered them, its steps. */
final readonly class RouteFile
{
    public const FORMAT = 'aenum-route/1';

    public const PLAN_FORMAT = 'aenum-route-plan/1';

    public const MOST_STEPS = 100;

    /** @param  list<Step>|null  $steps null for as laid out */
    private function __construct(public JobFacts $facts, public ?array $steps)
    {
    }

    /** @throws InvalidInput naming the key, what stood there and what is allowed */
    public static function parse(string $json): self
    {
        $file = Node::parse($json)->object([
            'format',
            'note',
            'part',
            'where',
            'humidity_pct',
            'coats',
            'blast',
            'equipment',
            'house',
            'signed',
            'steps',
        ]);
        $file->need('format', '"'.self::FORMAT.'"')->oneOf([self::FORMAT]);
        $steps = $file->find('steps')?->list(0, self::MOST_STEPS);

        return new self(JobNode::read($file), $steps === null ? null : array_map(StepNode::read(...), $steps));
    }

    /** The job as it stands: the steps given, or as they are laid out. */
    public function plan(): PartRouting
    {
        return new PartRouting($this->facts, $this->steps ?? RoutePlanner::lay($this->facts));
    }

    /** @return array<string, mixed> as aenum-route-plan/1 */
    public function answer(): array
    {
        $plan = $this->plan();
        $findings = RuleBook::judge($plan, Checkpoint::Counter, Checkpoint::Route);

        return [
            'format' => self::PLAN_FORMAT,
            'may_go_on' => array_filter($findings, fn (Finding $finding): bool => $finding->holds()) === [],
            'minutes' => round($plan->handMinutes(), 1),
            'wait_min' => round($plan->waitMinutes(), 1),
            'steps' => array_map(StepNode::write(...), $plan->steps),
            'findings' => array_map(self::finding(...), $findings),
        ];
    }

    /** @return array<string, mixed> */
    private static function finding(Finding $finding): array
    {
        return [
            'rule' => $finding->rule->key,
            'severity' => $finding->rule->severity->value,
            'evidence' => $finding->evidence->in(UnitSystem::Metric),
            'reason' => $finding->rule->reason->in(UnitSystem::Metric),
            'way_out' => $finding->rule->wayOut->in(UnitSystem::Metric),
            'signed_by' => $finding->signedBy,
        ];
    }
}
