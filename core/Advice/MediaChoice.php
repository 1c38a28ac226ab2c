<?php

declare(strict_types=1);

namespace Aenum\Core\Advice;

use Aenum\Core\Preparation\Blasting\BlastPlan;
use Aenum\Core\Preparation\Blasting\Media;
use Aenum\Core\Preparation\Blasting\Medium;
use Aenum\Core\Routing\BlastFacts;
use Aenum\Core\Routing\JobFacts;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Catalog\MediumBows;
use Aenum\Core\Rules\Catalog\PeaksThroughFilm;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Finding;
use Aenum\Core\Rules\RuleBook;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\ObjectMemo;
use Aenum\Core\Units\Quantity;

/**
 * Every medium for one part: why, and why not. The rules say what must not be; the rest is how well it does the work.
 */
final readonly class MediaChoice
{
    /** Under this share of the film the teeth are too short to hold it. House figure. */
    private const LEAST_BITE = 0.1;

    /** A film nobody has planned yet, µm. House figure. */
    private const USUAL_FILM = 70.0;

    /** What is left of a medium's worth where it leaves something on, holds little, peaks through, or bows. */
    private const LEAVES = 0.2;

    private const SLIDES = 0.4;

    private const PEAKS = 0.6;

    private const BOWS = 0.5;

    /** A grain used once costs this share more to run than one that lasts. House figure. */
    private const WEARS = 0.15;

    /** @param  list<Message>  $why */
    private function __construct(
        public Medium $medium,
        public bool $allowed,
        public float $score,
        public array $why,
    ) {
    }

    /**
     * @param  list<ArrivalCondition>  $onIt  what the blast must take off
     * @param  float  $bar  at the nozzle
     * @return non-empty-list<self> the best first, the forbidden last
     */
    public static function rank(JobFacts $facts, array $onIt, float $bar): array
    {
        $judge = fn (Medium $medium): self => self::judge($medium, $facts, $onIt, $bar);
        $all = array_map($judge, array_values(Media::all()));
        usort($all, fn (self $a, self $b): int => [$b->allowed, $b->score] <=> [$a->allowed, $a->score]);

        return $all ?: throw new \LogicException('there are media');
    }

    /** @param  list<ArrivalCondition>  $onIt */
    private static function judge(Medium $medium, JobFacts $facts, array $onIt, float $bar): self
    {
        $rz = BlastPlan::rz($medium, $facts->part->metal, $bar);
        $plan = self::plan($facts, new BlastFacts($medium, $bar, $rz));
        $findings = RuleBook::judge($plan, Checkpoint::Medium);
        $allowed = array_filter($findings, fn (Finding $finding): bool => $finding->isStop()) === [];
        $stays = array_values(array_filter($onIt, fn (ArrivalCondition $on): bool => ! $medium->takesOff($on)));
        $fired = array_map(fn (Finding $finding): string => $finding->rule::class, $findings);
        $film = $facts->filmMicrons() > 0 ? $facts->filmMicrons() : self::USUAL_FILM;
        $score =
            $medium->rate *
            ($stays === [] ? 1.0 : self::LEAVES) *
            ($rz / $film < self::LEAST_BITE ? self::SLIDES : 1.0) *
            ($rz / $film > PeaksThroughFilm::MOST_SHARE ? self::PEAKS : 1.0) *
            (in_array(MediumBows::class, $fired, true) ? self::BOWS : 1.0) *
            (1 - self::WEARS / $medium->cycles);
        $why = array_map(fn (Finding $finding): Message => $finding->words(), $findings);
        if ($stays !== []) {
            $why[] = Message::from('It does not take '.ArrivalCondition::list($stays).' off.');
        }

        return new self(
            $medium,
            $allowed,
            $score,
            $allowed ? [...$why, ...self::merits($medium, $rz, $film)] : $why,
        );
    }

    /** The part blasted so; one object for the same facts, so that the rules are evaluated once. */
    private static function plan(JobFacts $facts, BlastFacts $blast): PartRouting
    {
        /** @var ObjectMemo|null $plans */
        static $plans = null;
        $plans ??= new ObjectMemo;
        $key = "{$blast->medium->key} {$blast->pressureBar}";

        return $plans->get($facts, $key, fn (): PartRouting => new PartRouting($facts->blastedWith($blast), []));
    }

    /** @return list<Message> */
    private static function merits(Medium $medium, float $rz, float $film): array
    {
        $bite = match (true) {
            $rz / $film < self::LEAST_BITE => 'little for the film to hold to',
            $rz / $film > PeaksThroughFilm::MOST_SHARE => 'peaks near the top of the film',
            default => 'right for the film planned',
        };

        return [
            Message::of('Leaves about {rz} of profile: {bite}.', [
                'rz' => Quantity::micron(round($rz)),
                'bite' => $bite,
            ]),
            Message::of('Cleans at {percent} % of aluminium oxide; a grain lasts about {uses}.', [
                'percent' => (int) round(100 * $medium->rate),
                'uses' => $medium->cycles <= 1.5 ? 'one use' : sprintf('%.0f uses', $medium->cycles),
            ]),
        ];
    }
}
