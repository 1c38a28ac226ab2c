<?php

declare(strict_types=1);

namespace App\Curing\ViewModels;

use Aenum\Core\Curing\CureState;
use Aenum\Core\Curing\Infrared;
use App\Accounts\Models\Shop;
use App\Curing\Queries\LoadSchedule;
use App\Platform\Clock\ShopClock;
use App\Platform\Presentation\Units;
use Carbon\CarbonImmutable;

/** The next action on a running load, and when. */
final readonly class NextAction
{
    /** This close to the pull a reading would come too late to change it, min. */
    private const TOO_LATE_TO_READ = 3.0;

    /** Past the pull by less than this is on time, min. */
    private const WORTH_SAYING_MIN = 2.0;

    private function __construct(
        public CarbonImmutable $pullAt,
        public bool $due,
        public bool $powerIsOff,
        public float $setpointC,
        public string $headline,
        /** What the thermometer should read when it is pointed, °C; null where nothing is to be read. */
        public ?float $shouldReadC,
        /** What the gun shows for it, door and mirror image counted, °C; null where nothing is to be read. */
        public ?float $shouldShowC,
        /** From when to when it may be ready, as sure as the readings make it; null without any. */
        public ?string $band,
        /** Minutes past the pull; 0 before it. */
        public float $overMinutes,
        /** @var list<string> past the pull, what each layer has taken by now */
        public array $soFar,
    ) {
    }

    public static function of(BakeViewModel $board): self
    {
        $best = $board->bestPull();
        $pullAt = $board->clock($best) ?? $board->now;
        $due = $board->nowRunMinutes() >= $best;
        $over = $due ? $board->nowRunMinutes() - $best : 0.0;
        $read = $board->bake->readings->isNotEmpty();
        $late = $read || $board->nowRunMinutes() > $best - self::TOO_LATE_TO_READ;

        return new self(
            $pullAt,
            $due,
            LoadSchedule::powerIsOff($board->bake),
            $board->load->schedule()->setpointAt($board->load->second($board->now)),
            match (true) {
                $due => self::overdue($board, $over),
                $late => 'Next: pull at '.self::time($pullAt).'.',
                default => "Next: point the thermometer at the {$board->decides()->item->name} at "
                    .self::time($board->clock($board->checkRunMinutes())).'.',
            },
            $due || $late ? null : self::shouldRead($board),
            $due || $late ? null : self::shouldShow($board),
            $board->earliest === null && $board->latest === null
                ? null
                : self::run($board, $board->earliest).' and '.self::run($board, $board->latest),
            $over,
            $over >= self::WORTH_SAYING_MIN ? self::soFar($board) : [],
        );
    }

    /** Whether this shop opens the door to read. */
    public function readsOpen(): bool
    {
        return Shop::current()->reads_door_open ?? true;
    }

    /** How late it is, in words. */
    public function overWords(): string
    {
        return $this->overMinutes < self::WORTH_SAYING_MIN
            ? 'Everything is done.'
            : Units::minutes($this->overMinutes).' past its pull';
    }

    private static function overdue(BakeViewModel $board, float $over): string
    {
        if ($over < self::WORTH_SAYING_MIN) {
            return 'Pull it now.';
        }
        $late = Units::minutes($over);
        $suffers = $board->suffers()->item->name;

        return $board->outlook->spoiltMinutes !== null && $board->outlook->spoiltMinutes <= $board->nowRunMinutes()
            ? "Pull it now: {$late} past its pull, and {$suffers} has had more than the house limit."
            : "Pull it now: {$late} past its pull; nothing is over its limit yet.";
    }

    /** @return list<string> */
    private static function soFar(BakeViewModel $board): array
    {
        return array_map(function (CureLedgerLine $line): string {
            $over = $line->overbakeAfter === null
                ? 'its sheet does not say what it stands'
                : 'over-bake '.Units::share($line->overbakeAfter).' of 1';
            $then = $line->state === CureState::Overbaked
                ? ' Look at colour and gloss, rub it, and agree on it or strip it.'
                : '';
            $coat = "{$line->layer->coat->role} {$line->layer->coat->powder->name}";

            return ucfirst("{$line->hung->item->name}, {$coat}: {$line->state->label()}, dose "
                .Units::share($line->doseAfter).", {$over}.{$then}");
        }, CureLedgerLine::all($board));
    }

    private static function shouldRead(BakeViewModel $board): float
    {
        return $board->surfaceC($board->outlook->decides, self::checkS($board));
    }

    /** What the gun itself shows then, at the film's emissivity, as this shop uses it. */
    private static function shouldShow(BakeViewModel $board): float
    {
        $ambient = $board->bake->ambient_c;
        $open = Shop::current()->reads_door_open ?? true;

        return Infrared::shownCelsius(
            self::shouldRead($board),
            $board->readItems()[$board->outlook->decides]->coveredEmissivity,
            $open ? $ambient : $board->shellC(self::checkS($board)),
            $ambient,
        );
    }

    private static function checkS(BakeViewModel $board): float
    {
        return max(0.0, 60 * $board->checkRunMinutes());
    }

    private static function run(BakeViewModel $board, ?float $runMinutes): string
    {
        return $runMinutes === null ? 'never, as some would' : self::time($board->clock($runMinutes));
    }

    private static function time(?CarbonImmutable $at): string
    {
        return $at === null ? 'unknown' : ShopClock::hour($at);
    }
}
