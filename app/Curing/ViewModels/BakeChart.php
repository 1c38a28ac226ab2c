<?php

declare(strict_types=1);

namespace App\Curing\ViewModels;

use Aenum\Core\Trade\BakeTo;
use App\Curing\Queries\LoadedItem;
use App\Platform\Presentation\Units;

/** Chart data of a cure. */
final readonly class BakeChart
{
    private function __construct(private BakeViewModel $board, private Units $units)
    {
    }

    public static function of(BakeViewModel $board, Units $units): OvenChartData
    {
        $one = new self($board, $units);
        $look = $board->outlook;

        return new OvenChartData(
            title: 'The bake',
            description: $one->description(),
            run: $look->run,
            names: array_map(fn (LoadedItem $hung): string => $hung->item->name, $board->load->hung),
            endS: $look->viewS,
            doorS: $board->bake->door_open_s,
            setpointC: $board->bake->setpoint_c,
            lineC: $one->lineC(),
            lineLabel: $one->lineLabel(),
            window: $look->readyMinutes === null
                ? null
                : [
                    'from' => 60 * $look->readyMinutes,
                    'to' => $look->spoiltMinutes === null ? $look->viewS : 60 * $look->spoiltMinutes,
                    'label' => '',
                ],
            marks: $one->marks(),
            readings: LoadEventMarks::readings($board->bake, $units),
            nowS: $board->bake->isRunning() ? 60 * $board->nowRunMinutes() : null,
        );
    }

    private function flowOnly(): bool
    {
        return $this->board->decides()->aim->to === BakeTo::Flow;
    }

    private function lineLabel(): string
    {
        $assumed = $this->flowOnly() && $this->board->decides()->aim->sheet->isFlowAssumed() ? ' (assumed)' : '';

        return ($this->flowOnly() ? 'flows from ' : 'cure window from ').$this->units->temp($this->lineC()).$assumed;
    }

    private function lineC(): float
    {
        $sheet = $this->board->decides()->aim->sheet;

        return $this->flowOnly() ? $sheet->flowPointC() : $sheet->windowC;
    }

    /** @return list<array{kind: string, second: float, label: string}> */
    private function marks(): array
    {
        $board = $this->board;
        $look = $board->outlook;
        $mark = fn (string $kind, float $minutes, string $word): array => [
            'kind' => $kind,
            'second' => 60 * $minutes,
            'label' => $word.' '.number_format($board->sinceShut($minutes), 0),
        ];
        $pulled = $board->bake->isPulled();
        $pull = $board->bake->isRunning() ? $board->bestPull() : $look->pullMinutes;
        $marks = [
            ['kind' => 'door', 'second' => $board->bake->door_open_s, 'label' => 'door shut'],
            ...LoadEventMarks::events($board->bake, $this->units),
        ];
        if (! $pulled && $board->bake->readings->isEmpty()) {
            $marks[] = $mark('check', $board->checkRunMinutes(), 'check');
        }
        $marks[] = $mark('pull', $pull, $pulled ? 'pulled' : 'pull');
        if ($look->spoiltMinutes !== null) {
            $marks[] = $mark(
                'spoilt',
                $look->spoiltMinutes,
                $board->suffers()->aim->to->stopsShort() ? 'bonds no more' : 'limit',
            );
        }

        return $marks;
    }

    private function description(): string
    {
        $look = $this->board->outlook;
        $at = fn (int $i, LoadedItem $hung): string => $hung->item->name.
            ' '.
            $this->units->temp($look->run->coreC($i, 60 * $look->pullMinutes)).
            ' at the pull';
        $hung = $this->board->load->hung;

        return sprintf(
            'Predicted temperatures over %d minutes at a setpoint of %s. %s; pull at minute %.0f after the door shuts.',
            (int) ($look->viewS / 60),
            $this->units->temp($this->board->bake->setpoint_c),
            implode('; ', array_map($at, array_keys($hung), $hung)),
            $this->board->sinceShut($look->pullMinutes),
        );
    }
}
