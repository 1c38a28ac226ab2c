<?php

declare(strict_types=1);

namespace App\Actions\Cure;

use App\Actions\Oven\LoadSchedule;
use App\Support\ShopClock;
use Carbon\CarbonImmutable;

/** What to do next with a load that is baking, and when. */
final readonly class NextMove
{
    /** This close to the pull a reading would come too late to change it, min. */
    private const TOO_LATE_TO_READ = 3.0;

    private function __construct(
        public CarbonImmutable $pullAt,
        public bool $due,
        public bool $powerIsOff,
        public float $setpointC,
        public string $headline,
        /** What the thermometer should read when it is pointed, °C; null where nothing is to be read. */
        public ?float $shouldReadC,
        /** From when to when it may be ready, as sure as the readings make it; null without any. */
        public ?string $band,
    ) {
    }

    public static function of(BakeBoard $board): self
    {
        $best = $board->outlook->bestPull() ?? $board->outlook->pullMinutes;
        $pullAt = $board->clock($best) ?? $board->now;
        $due = $board->nowRunMinutes() >= $best;
        $read = $board->bake->readings->isNotEmpty();
        $late = $read || $board->nowRunMinutes() > $best - self::TOO_LATE_TO_READ;

        return new self(
            $pullAt,
            $due,
            LoadSchedule::powerIsOff($board->bake),
            $board->load->schedule()->setpointAt($board->load->second($board->now)),
            match (true) {
                $due => 'Pull it now.',
                $late => 'Next: pull at '.self::time($pullAt).'.',
                default => "Next: point the thermometer at the {$board->decides()->item->name} at "
                    .self::time($board->clock($board->checkRunMinutes())).'.',
            },
            $due || $late ? null : self::shouldRead($board),
            $board->earliest === null && $board->latest === null
                ? null
                : self::run($board, $board->earliest).' and '.self::run($board, $board->latest),
        );
    }

    private static function shouldRead(BakeBoard $board): float
    {
        return $board->outlook->run->surfaceC($board->outlook->decides, max(0.0, 60 * $board->checkRunMinutes()));
    }

    private static function run(BakeBoard $board, ?float $runMinutes): string
    {
        return $runMinutes === null ? 'unknown' : self::time($board->clock($runMinutes));
    }

    private static function time(?CarbonImmutable $at): string
    {
        return $at === null ? 'unknown' : ShopClock::local($at)->format('H:i');
    }
}
