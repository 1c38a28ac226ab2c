<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aenum\Core\Word\LoadKind;
use Aenum\Core\Word\Station;
use App\Actions\Bench\Air;
use App\Actions\Cure\HangLoad;
use App\Actions\Inspect\ReleaseCheck;
use App\Actions\Rail\MoveJob;
use App\Models\Job;
use App\Models\Move;
use App\Models\Oven;
use App\Models\OvenLoad;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A station's bench, and signing a job on from it. */
final class StationController
{
    public function show(Station $station): View
    {
        return $station === Station::Cure
            ? $this->cure()
            : view('stations.bench', [
                'station' => $station,
                'jobs' => Job::hanging()
                    ->where('station', $station)
                    ->with([
                        'customer',
                        'parts.coats.powder',
                        'parts.coats.results',
                        'parts.clocks',
                        'parts.pins',
                        ...$station === Station::Intake
                            ? [
                                'parts.coats.powder.rows',
                                'parts.signatures',
                                'parts.job',
                                'parts.traits',
                                'parts.steps',
                                'parts.rack',
                            ]
                            : [],
                        'moves.user',
                    ])
                    ->get(),
                'air' => $station === Station::Coat ? Air::latest()?->line : null,
                'lately' => Move::query()
                    ->with(['user', 'job'])
                    ->where('from_station', $station)
                    ->whereIn('kind', ['sent_on', 'released'])
                    ->orderByDesc('at')
                    ->limit(6)
                    ->get(),
            ]);
    }

    private function cure(): View
    {
        $lately = OvenLoad::of(LoadKind::Cure)
            ->where('status', 'pulled')
            ->orderByDesc('pulled_at')
            ->limit(4)
            ->pluck('id');
        $bakes = OvenLoad::of(LoadKind::Cure)
            ->with(['oven', 'items.part', 'results'])
            ->where(fn ($bake) => $bake->whereIn('status', ['running', 'planned'])->orWhereIn('id', $lately))
            ->orderBy('id')
            ->get();

        return view('cure.bench', [
            'station' => Station::Cure,
            'jobs' => Job::hanging()
                ->where('station', Station::Cure)
                ->with(['customer', 'parts.coats.powder', 'parts.coats.results', 'parts.sections'])
                ->get(),
            'hanging' => HangLoad::hanging(),
            'ovens' => Oven::query()->whereNull('retired_at')->orderByDesc('heater_kw')->get(),
            'running' => $bakes->where('status', 'running')->sortBy('shut_at'),
            'planned' => $bakes->where('status', 'planned'),
            'pulled' => $bakes->where('status', 'pulled')->sortByDesc('pulled_at'),
        ]);
    }

    public function sign(Request $request, Job $job, MoveJob $move): RedirectResponse
    {
        $in = $request->validate($this->rules() + ['then' => ['nullable', Rule::in(['on', 'stay'])]]);
        $seenAt = Station::from($in['seen_at']);
        /** @var User $user */
        $user = $request->user();
        $next = ($in['then'] ?? 'stay') === 'on' ? $seenAt->next() : null;
        DB::transaction(function () use ($move, $job, $user, $in, $seenAt, $next): void {
            $move->sign($job, $user, $in['note'] ?? null, $seenAt);
            if ($next !== null) {
                $move->send($job, $user, $next, null, $seenAt, $in['note'] ?? null);
            }
        });
        if ($next !== null) {
            return redirect("/station/{$seenAt->value}")->with(
                'said',
                "Job {$job->number} is signed and hangs at {$next->label()} now.",
            );
        }

        return redirect("/jobs/{$job->id}")->with('said', "Signed at {$seenAt->label()}.");
    }

    public function send(Request $request, Job $job, MoveJob $move): RedirectResponse
    {
        $in = $request->validate($this->rules() + ['to' => ['required', Rule::enum(Station::class)]], [
            'to.*' => 'Station to send to is not picked.',
        ]);
        $to = Station::from($in['to']);
        /** @var User $user */
        $user = $request->user();
        $move->send($job, $user, $to, $in['note'] ?? null, Station::from($in['seen_at']));

        return redirect("/jobs/{$job->id}")->with('said', "Job {$job->number} hangs at {$to->label()} now.");
    }

    public function release(Request $request, Job $job, MoveJob $move): RedirectResponse
    {
        $in = $request->validate(['note' => ['nullable', 'string', 'max:500']]);
        $check = ReleaseCheck::of(
            $job->loadMissing([
                'parts.coats.results',
                'parts.coats.inspections',
                'parts.coats.powder',
                'parts.bags',
                'parts.pins.fittings',
            ]),
        );
        if ($check->stops !== []) {
            throw ValidationException::withMessages(['release' => 'Not released: '.implode(' ', $check->stops)]);
        }
        if ($check->doubts !== [] && trim((string) ($in['note'] ?? '')) === '') {
            throw ValidationException::withMessages([
                'note' => 'Note is empty; there are open points, so write why the job may leave.',
            ]);
        }
        /** @var User $user */
        $user = $request->user();
        $move->release($job, $user, $in['note'] ?? null);

        return redirect("/jobs/{$job->id}/record")->with('said', "Job {$job->number} is released.");
    }

    public function decline(Request $request, Job $job, MoveJob $move): RedirectResponse
    {
        $in = $request->validate(
            ['reason' => ['required', 'string', 'max:500']],
            ['reason.required' => 'Reason is empty; write why the work is declined.'],
        );
        /** @var User $user */
        $user = $request->user();
        $move->decline($job, $user, $in['reason']);

        return redirect("/jobs/{$job->id}")->with('said', "Job {$job->number} is declined.");
    }

    /** @return array<string, mixed> */
    private function rules(): array
    {
        return ['note' => ['nullable', 'string', 'max:500'], 'seen_at' => ['required', Rule::enum(Station::class)]];
    }
}
