<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aenum\Core\Word\LoadKind;
use App\Actions\Bench\BareSteelWatch;
use App\Actions\Find\FindJobs;
use App\Actions\Rail\RailColumn;
use App\Models\OvenLoad;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The rail and what hangs on it. */
final class RailController
{
    public function __invoke(): View
    {
        return view('rail', [
            'columns' => RailColumn::all(),
            'running' => OvenLoad::of(LoadKind::Cure)
                ->where('status', 'running')
                ->with(['oven', 'items.part', 'items.lot.part.lots'])
                ->orderBy('shut_at')
                ->get(),
            'cooling' => OvenLoad::of(LoadKind::Cure)
                ->where('status', 'pulled')
                ->with(['oven', 'results', 'items.part'])
                ->orderByDesc('pulled_at')
                ->limit(3)
                ->get(),
            'bare' => BareSteelWatch::all(),
        ]);
    }

    public function find(Request $request): View
    {
        $asked = trim((string) $request->string('q'));
        $found = FindJobs::asked($asked);

        return view('find', ['asked' => $asked, 'found' => $found['jobs'], 'meant' => $found['meant']]);
    }
}
