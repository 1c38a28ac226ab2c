<?php

declare(strict_types=1);

namespace App\Curing\ViewModels;

use Aenum\Core\Trade\BakeTo;
use App\Curing\Queries\LoadOutcome;
use App\Platform\Clock\ShopClock;
use App\Platform\Presentation\Units;

/** The verdict on a bake: a headline and its reasons. */
final readonly class BakeVerdict
{
    /** Nearer than this to what it may get, K, is worth saying. */
    private const NEAR_K = 10.0;

    /** @param  list<string>  $reasons */
    private function __construct(public string $tone, public string $headline, public array $reasons)
    {
    }

    public static function of(BakeViewModel $board, Units $u): self
    {
        if ($board->bake->isPulled()) {
            return self::pulled($board);
        }
        $look = $board->outlook;
        $decides = ucfirst($board->decides()->item->name);
        $suffers = ucfirst($board->suffers()->item->name);
        $read = $board->bake->isRunning() && $look->bestPull() !== null;
        $ready = $look->readyMinutes === null
            ? null
            : $board->sinceShut($read ? $board->bestPull() : $look->readyMinutes);
        $pull = $board->sinceShut($read ? max($board->bestPull(), $look->pullMinutes) : $look->pullMinutes);
        $spoilt = $look->spoiltMinutes === null ? null : $board->sinceShut($look->spoiltMinutes);
        $done = $board->decides()->aim->to->past();
        $passed = $look->items[$look->suffers]->passed;
        [$tone, $headline] = match (true) {
            $ready === null => [
                'stop',
                sprintf(
                    '%s never gets there at %s: its core settles at %s.',
                    $decides,
                    $u->temp($board->bake->setpoint_c),
                    $u->temp($look->run->coreC($look->decides, $look->viewS)),
                ),
            ],
            $passed !== null && ! $board->bake->isRunning() => [
                'stop',
                sprintf(
                    'Too hot: %s would get %s, and %s allows %s. Set the oven cooler.',
                    lcfirst($suffers),
                    $u->temp($look->items[$look->suffers]->atPull->peakC),
                    $passed->why,
                    $u->temp($passed->celsius),
                ),
            ],
            $spoilt !== null && $spoilt < $ready && $board->bake->isRunning() => [
                'stop',
                sprintf(
                    'Take the %s out by %s; %s needs until %s.',
                    lcfirst($suffers),
                    self::at($board, $look->spoiltMinutes),
                    lcfirst(self::same($decides, $suffers, 'the rest')),
                    self::at($board, $look->readyMinutes),
                ),
            ],
            $spoilt !== null && $spoilt < $ready => [
                'stop',
                sprintf(
                    '%s decides, %s after the door shuts. %s would be over-baked from minute %s: %s.',
                    $decides,
                    Units::minutes($ready),
                    self::same($suffers, $decides, 'It'),
                    number_format($spoilt, 0),
                    $board->decides()->bakeItem->is($board->suffers()->bakeItem)
                        ? 'it is one piece, so hang fewer at a time or set it cooler'
                        : 'bake them apart, or take it out by then',
                ),
            ],
            $pull < $ready - 0.05 => [
                'stop',
                sprintf(
                    'Too short: %s is %s only %s after the door shuts.',
                    $decides,
                    $done,
                    Units::minutes($ready),
                ),
            ],
            $spoilt !== null && $pull > $spoilt => [
                'stop',
                sprintf('Too long: %s is over its limit from minute %s.', $suffers, number_format($spoilt, 0)),
            ],
            default => [
                'good',
                sprintf('%s decides: %s, %s after the door shuts.', $decides, $done, Units::minutes($ready)),
            ],
        };

        return new self($tone, $headline, self::reasons($board, $u, $decides, $suffers));
    }

    /** What it came to: what was measured before what was computed at the pull. */
    private static function pulled(BakeViewModel $board): self
    {
        $short = [];
        foreach (LoadOutcome::all($board->bake) as $one) {
            if (! $one->standing->isDone()) {
                $short[] = ucfirst("{$one->title}, {$one->coat->role}: ").Units::current()
                    ->said($one->standing->words()).'.';
            }
        }

        return $short === []
            ? new self('good', 'Out of the oven, and every fresh layer is what it was meant to be.', [])
            : new self('stop', 'Out of the oven; not every layer is what it was meant to be.', $short);
    }

    /** @return list<string> */
    private static function reasons(BakeViewModel $board, Units $u, string $decides, string $suffers): array
    {
        $look = $board->outlook;
        $reasons = [];
        $item = $look->items[$look->decides]->atPull;
        $sheet = $board->decides()->aim->sheet;
        if ($board->decides()->aim->to === BakeTo::Flow) {
            $reasons[] = sprintf(
                '%s must be melted for %s above %s%s, and stay under half a dose so that the next coat bonds.',
                $decides,
                Units::minutes($sheet->flowPointMinutes()),
                $u->temp($sheet->flowPointC()),
                $sheet->isFlowAssumed() ? ' (assumed: the data sheet gives no gel temperature)' : '',
            );
        } elseif ($item->reachesMinutes !== null) {
            $reasons[] = sprintf(
                'Its core reaches %s at minute %s and has a dose of %s at the pull.',
                $u->temp($sheet->windowC),
                number_format($board->sinceShut($item->reachesMinutes), 0),
                Units::share($item->dose),
            );
        }
        $over = $look->items[$look->suffers]->atPull->overbake;
        $reasons[] = match (true) {
            $board->suffers()->aim->to->stopsShort() => sprintf(
                '%s has a dose of %s at the pull; the next coat bonds while it is under %s.',
                $suffers,
                Units::share($board->suffers()->aim->doseSoFar + $look->items[$look->suffers]->atPull->dose),
                Units::share($board->suffers()->aim->doseLimit()),
            ),
            $over === null => "The sheet of {$board->suffers()->coat()->powder->name} does not say how long it "
                .'stands, so over-bake is not judged.',
            default => sprintf(
                '%s is nearest to over-bake, at %s of what its powder stands%s.',
                $suffers,
                Units::share($look->items[$look->suffers]->excess * $board->bake->overbake_limit),
                $look->spoiltMinutes === null
                    ? ''
                    : sprintf(
                        '; it passes the limit at minute %s',
                        number_format($board->sinceShut($look->spoiltMinutes), 0),
                    ),
            ),
        };
        array_push($reasons, ...self::holds($board, $u));
        $door = $board->doorCostMinutes();
        if ($door !== null) {
            $reasons[] = sprintf(
                'The door standing open for %d s costs %s.',
                (int) $board->bake->door_open_s,
                Units::minutes($door),
            );
        }
        if ($board->bake->way->isOfTheClock()) {
            $way = $board->bake->way->label();
            $reasons[] = "This bake is counted {$way}: the clock ignores what the metal does.";
        }

        return $reasons;
    }

    /** @return list<string> what holds the heat, where something gets near it */
    private static function holds(BakeViewModel $board, Units $u): array
    {
        $near = null;
        foreach ($board->load->hung as $i => $hung) {
            $room = $hung->aim->limit()->celsius - $board->outlook->items[$i]->atPull->peakC;
            if (! $hung->aim->gone && $room < ($near[0] ?? self::NEAR_K)) {
                $near = [$room, $hung];
            }
        }
        if ($near === null) {
            return [];
        }
        $limit = $near[1]->aim->limit();

        return [
            sprintf(
                '%s may get no hotter than %s: %s.',
                ucfirst($near[1]->item->name),
                $u->temp($limit->celsius),
                $limit->why,
            ),
        ];
    }

    private static function at(BakeViewModel $board, ?float $runMinutes): string
    {
        $at = $runMinutes === null ? null : $board->clock($runMinutes);

        return $at === null ? 'the end' : ShopClock::hour($at);
    }

    private static function same(string $name, string $other, string $pronoun): string
    {
        return $name === $other ? $pronoun : $name;
    }
}
