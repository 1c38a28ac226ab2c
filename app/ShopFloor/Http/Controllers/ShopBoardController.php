<?php

declare(strict_types=1);

namespace App\ShopFloor\Http\Controllers;

use Aenum\Core\Trade\LoadKind;
use App\Curing\Models\OvenLoad;
use App\Intake\Queries\JobSearch;
use App\Preparation\Commands\BareSteelTimer;
use App\ShopFloor\ViewModels\BoardColumn;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The shop's board, and search. */
final class ShopBoardController
{
    public function __invoke(): View
    {
        return view('shop-floor.board', [
            'columns' => BoardColumn::all(),
            'running' => OvenLoad::of(LoadKind::Cure)
                ->where('status', 'running')
                ->with(['oven', 'items.part', 'items.batch.part.batches'])
                ->orderBy('shut_at')
                ->get(),
            'cooling' => OvenLoad::of(LoadKind::Cure)
                ->where('status', 'pulled')
                ->with(['oven', 'results', 'items.part'])
                ->orderByDesc('pulled_at')
                ->limit(3)
                ->get(),
            'bare' => BareSteelTimer::all(),
        ]);
    }

    public function find(Request $request): View
    {
        $asked = trim((string) $request->string('q'));
        $found = JobSearch::asked($asked);

        return view('intake.find', ['asked' => $asked, 'found' => $found['jobs'], 'meant' => $found['meant']]);
    }
}
