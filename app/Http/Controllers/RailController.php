<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aenum\Core\Word\LoadKind;
use Aenum\Core\Word\Station;
use App\Actions\Bench\BareSteelWatch;
use App\Actions\Find\FindJobs;
use App\Models\Job;
use App\Models\OvenLoad;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The rail and what hangs on it. */
final class RailController
{
    public function __invoke(): View
    {
        return view('rail', [
            'jobs' => Job::hanging()
                ->with(['customer', 'parts'])
                ->get()
                ->groupBy(fn (Job $job): string => $job->station->value),
            'running' => OvenLoad::of(LoadKind::Cure)
                ->where('status', 'running')
                ->with(['oven', 'items.part'])
                ->orderBy('shut_at')
                ->get(),
            'cooling' => OvenLoad::of(LoadKind::Cure)
                ->where('status', 'pulled')
                ->with(['oven', 'results', 'items.part'])
                ->orderByDesc('pulled_at')
                ->limit(3)
                ->get(),
            'bare' => BareSteelWatch::all(),
            'stations' => Station::cases(),
        ]);
    }

    public function find(Request $request): View
    {
        $asked = trim((string) $request->string('q'));
        $found = FindJobs::asked($asked);

        return view('find', ['asked' => $asked, 'found' => $found['jobs'], 'meant' => $found['meant']]);
    }
}
