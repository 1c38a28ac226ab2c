<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Learn\LearnBoard;
use App\Actions\Learn\Notes;
use App\Charts\DriftChart;
use App\Models\Oven;
use App\Models\Powder;
use Illuminate\Contracts\View\View;

/** What the shop learns from its own records. */
final class LearnController
{
    public function __invoke(): View
    {
        return view('learn', [
            'board' => LearnBoard::now(),
            'notes' => Notes::all(),
            'films' => $this->charts(Notes::films(), Powder::query()->pluck('name', 'id')->all()),
            'doses' => $this->charts(Notes::doses(), Oven::query()->pluck('name', 'id')->all()),
        ]);
    }

    /**
     * @param  array<int, list<float>>  $series
     * @param  array<array-key, mixed>  $names
     * @return list<DriftChart> the longest first
     */
    private function charts(array $series, array $names): array
    {
        $charts = [];
        foreach ($series as $id => $values) {
            if (count($values) > 1) {
                $charts[] = DriftChart::of((string) ($names[$id] ?? ''), $values);
            }
        }
        usort($charts, fn (DriftChart $a, DriftChart $b): int => count($b->chart->values) <=> count($a->chart->values));

        return $charts;
    }
}
