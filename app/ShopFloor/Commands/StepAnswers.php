<?php

declare(strict_types=1);

namespace App\ShopFloor\Commands;

use Aenum\Core\Trade\StepOutcome;
use App\Accounts\Models\User;
use App\Intake\Models\Batch;
use App\Platform\Clock\ShopClock;
use App\Platform\Errors\Refused;
use App\Preparation\Commands\BareSteelTimer;
use App\Routing\Commands\CompleteStep;
use App\Routing\Queries\RoutingProgress;
use Carbon\CarbonImmutable;
use Carbon\Exceptions\InvalidFormatException;

/** What became of the steps a batch leaves behind undone, as answered in the form. */
final readonly class StepAnswers
{
    private const ALL = 'all';

    /** @param  array<string, array{outcome: StepOutcome, who: ?string, at: ?CarbonImmutable, why: ?string}>  $byStep */
    private function __construct(private array $byStep)
    {
    }

    /**
     * @param  array<array-key, mixed>  $typed  by step key: what, who, at (in the shop's time), why; under "all" what
     *                                          holds for those that say nothing themselves
     *
     * @throws Refused naming each field that lacks something
     */
    public static function read(array $typed): self
    {
        $byStep = $wrong = [];
        $ofAll = is_array($typed[self::ALL] ?? null) ? $typed[self::ALL] : [];
        $forAll = StepOutcome::tryFrom(is_string($ofAll['what'] ?? null) ? $ofAll['what'] : '') !== null;
        foreach (array_diff_key($typed, [self::ALL => true]) as $key => $own) {
            $silent = is_array($own) && ! is_string($own['what'] ?? null);
            $one = $silent && $forAll ? $ofAll : $own;
            $at = $silent && $forAll ? self::ALL : $key;
            $text = fn (string $name): ?string => is_array($one) && is_string($one[$name] ?? null) &&
                trim($one[$name]) !== '' ? trim($one[$name]) : null;
            $outcome = StepOutcome::tryFrom($text('what') ?? '');
            if ($outcome === null) {
                $wrong["undone.{$at}.what"] = 'Pick what happened: done, not needed, or put off.';

                continue;
            }
            $when = self::moment($text('at'));
            if ($outcome === StepOutcome::Done && $text('who') === null) {
                $wrong["undone.{$at}.who"] = 'By whom is empty; who did it?';
            }
            if ($outcome === StepOutcome::Done && ($when === null || $when->gt(ShopClock::now()->addMinute()))) {
                $wrong["undone.{$at}.at"] = 'When is not a time; allowed: a moment up to now.';
            }
            if ($outcome !== StepOutcome::Done && $text('why') === null) {
                $wrong["undone.{$at}.why"] = 'Why is empty; a few words.';
            }
            $done = $outcome === StepOutcome::Done;
            $byStep[(string) $key] = [
                'outcome' => $outcome,
                'who' => $done && $text('who') !== null ? mb_substr($text('who'), 0, 120) : null,
                'at' => $done ? $when : null,
                'why' => $text('why'),
            ];
        }
        if ($wrong !== []) {
            throw Refused::because($wrong);
        }

        return new self($byStep);
    }

    public function write(Batch $batch, User $by): void
    {
        $walk = RoutingProgress::of($batch)->walk;
        foreach ($this->byStep as $key => $one) {
            $at = $walk->position((string) $key);
            // What was logged meanwhile, on another tablet, is not told over.
            if ($at === null || ! $walk->isOpen($at)) {
                continue;
            }
            CompleteStep::told($batch, $by, $key, $one['outcome'], $one['who'], $one['at'], $one['why']);
            if ($one['outcome'] === StepOutcome::Done) {
                (new BareSteelTimer())->after($batch, $walk->steps[$at]->kind, $by, $one['at']);
            }
        }
    }

    private static function moment(?string $typed): ?CarbonImmutable
    {
        try {
            return $typed === null ? null : ShopClock::parse($typed);
        } catch (InvalidFormatException) {
            return null;
        }
    }
}
