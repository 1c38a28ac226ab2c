<?php

declare(strict_types=1);

namespace App\Inspection\Http\Controllers;

use App\Catalog\Models\Oven;
use App\Catalog\Models\Powder;
use App\Inspection\Queries\DriftNotes;
use App\Inspection\ViewModels\DriftChart;
use App\Inspection\ViewModels\ShopStatistics;
use Illuminate\Contracts\View\View;

/** What the shop learns from its own records. */
final class StatisticsController
{
    public function __invoke(): View
    {
        return view('inspection.statistics', [
            'board' => ShopStatistics::now(),
            'notes' => DriftNotes::all(),
            'films' => $this->charts(DriftNotes::films(), Powder::query()->pluck('name', 'id')->all()),
            'doses' => $this->charts(DriftNotes::doses(), Oven::query()->pluck('name', 'id')->all()),
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
