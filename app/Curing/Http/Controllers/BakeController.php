<?php

declare(strict_types=1);

namespace App\Curing\Http\Controllers;

use Aenum\Core\Curing\BakePlanner;
use Aenum\Core\Curing\BakePreference;
use Aenum\Core\Curing\TimingCriterion;
use Aenum\Core\Units\Dimension;
use App\Accounts\Models\Shop;
use App\Accounts\Models\User;
use App\Catalog\Models\Oven;
use App\Curing\Commands\LoadCure;
use App\Curing\Commands\SplitBake;
use App\Curing\Models\OvenLoad;
use App\Curing\Queries\BakeModelFactory;
use App\Curing\Queries\LoadOutcome;
use App\Curing\Queries\LoggedBake;
use App\Curing\ViewModels\AfterBake;
use App\Curing\ViewModels\BakeChart;
use App\Curing\ViewModels\BakeVerdict;
use App\Curing\ViewModels\BakeViewModel;
use App\Curing\ViewModels\CachedBakeView;
use App\Curing\ViewModels\EarlyRemovalOffer;
use App\Curing\ViewModels\OvenChart;
use App\Platform\Presentation\Units;
use App\Platform\Validation\MeasuredQuantity;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A planned cure: created, viewed, adjusted, split. */
final class BakeController
{
    public function hang(Request $request, LoadCure $hang): RedirectResponse
    {
        $in = $request->validate(
            [
                'oven_id' => ['required', Rule::exists('ovens', 'id')->whereNull('retired_at')],
                'items' => ['required', 'array'],
                'items.*.count' => ['nullable', 'integer', 'between:1,10000'],
            ],
            [
                'items.required' => 'Nothing is picked; tick at least one part to hang.',
                'items.*.count.*' => 'Pieces must be a whole number from 1.',
                'oven_id.*' => 'Oven is not picked.',
            ],
        );
        $counts = [];
        foreach ($in['items'] as $batch => $row) {
            if (! empty($request->input("items.{$batch}.hang")) && ($row['count'] ?? null) !== null) {
                $counts[(int) $batch] = (int) $row['count'];
            }
        }
        /** @var User $user */
        $user = $request->user();
        $bake = $hang(Oven::query()->findOrFail((int) $in['oven_id']), $counts, $user);

        return redirect("/bakes/{$bake->id}");
    }

    public function show(OvenLoad $bake): View
    {
        abort_if($bake->status === 'withdrawn', 404);

        return view('curing.cure.bake', $this->data($bake));
    }

    /** The part of the page that answers the settings, or the clock. */
    public function board(Request $request, OvenLoad $bake): Response
    {
        abort_if($bake->status === 'withdrawn', 404);
        /** @var User $user */
        $user = $request->user();
        $render = fn (): string => view('curing.cure.board', $this->data($bake))->render();

        // What was refused just now is for one pair of eyes.
        return response($request->session()->has('errors') ? $render() : CachedBakeView::of($bake, $user, $render));
    }

    public function adjust(Request $request, OvenLoad $bake): View|RedirectResponse
    {
        $max = $bake->oven->max_c;
        $in = $request->validate(
            [
                'setpoint' => ['required', new MeasuredQuantity(Dimension::Temperature, 40, $max)],
                'minutes' => ['required', 'numeric', 'gt:0', 'max:1440'],
                'door_open_s' => ['required', 'numeric', 'between:0,3600'],
                'start' => ['nullable', new MeasuredQuantity(Dimension::Temperature, -40, $max)],
                'way' => ['required', Rule::enum(TimingCriterion::class)],
            ],
            [
                'minutes.*' => 'Minutes must be a number; allowed: above 0, up to 1440.',
                'door_open_s.*' => 'Door open must be seconds; allowed: 0 to 3600.',
            ],
        );
        if (! $bake->isPlanned()) {
            throw ValidationException::withMessages([
                'load' => 'This load is baking; log a changed setpoint instead.',
            ]);
        }
        $bake->update([
            'setpoint_c' => MeasuredQuantity::read(Dimension::Temperature, $in['setpoint']),
            'minutes' => (float) $in['minutes'],
            'door_open_s' => (float) $in['door_open_s'],
            'start_c' => MeasuredQuantity::read(Dimension::Temperature, $in['start'] ?? null),
            'way' => $in['way'],
        ]);

        return $request->hasHeader('HX-Request')
            ? view('curing.cure.board', $this->data($bake))
            : redirect("/bakes/{$bake->id}");
    }

    /** The bakes that serve, side by side. */
    public function choices(OvenLoad $bake): View
    {
        abort_unless($bake->isPlanned(), 404);

        return view('curing.cure.choices', [
            'bake' => $bake,
            'choices' => BakeModelFactory::from($bake)->planner()->choices(),
            'house' => Shop::current()->prefer,
            'look' => BakePlanner::WINDOW_LOOK_MIN,
        ]);
    }

    public function best(Request $request, OvenLoad $bake, LoadCure $hang): RedirectResponse
    {
        $in = $request->validate(['prefer' => ['nullable', Rule::enum(BakePreference::class)]]);
        if (! $bake->isPlanned()) {
            throw ValidationException::withMessages(['load' => 'This load is baking already.']);
        }
        $prefer = BakePreference::tryFrom($in['prefer'] ?? '') ?? Shop::current()->prefer;
        $hang->setBest($bake, $prefer);

        return redirect("/bakes/{$bake->id}")->with('said', "Set: {$prefer->label()}.");
    }

    public function split(Request $request, OvenLoad $bake, SplitBake $split): RedirectResponse
    {
        /** @var User $user */
        $user = $request->user();
        $bakes = $split($bake, $user);

        return redirect('/station/cure')->with(
            'said',
            'Parted into '.count($bakes).' loads; each is set to its own bake.',
        );
    }

    /** @return array<string, mixed> */
    private function data(OvenLoad $bake): array
    {
        $bake->load([
            'results.part',
            'results.coat',
            'results.section',
            'readings.item.part',
            'readings.section',
            'readings.user',
            'shutBy',
            'pulledBy',
        ]);
        $board = BakeViewModel::of($bake);
        $units = Units::current();
        $verdict = BakeVerdict::of($board, $units);
        $parts = $bake->isPlanned() && $board->outlook->bestPull() === null && count($board->load->hung) > 1;
        $split = $parts ? SplitBake::proposal($board->load) : [];

        return [
            'bake' => $bake,
            'board' => $board,
            'verdict' => $verdict,
            'door' => $bake->isPlanned() ? $board->doorFindings() : [],
            'chart' => new OvenChart(BakeChart::of($board, $units), $units),
            'logs' => $bake->status === 'pulled' ? LoggedBake::judged($bake) : [],
            'cameOut' => $bake->isPlanned() ? [] : LoadOutcome::all($bake),
            'after' => $bake->isPlanned() ? [] : AfterBake::of($bake),
            'shop' => Shop::current(),
            'split' => $split,
            'early' => $split === [] ? null : EarlyRemovalOffer::proposal($board, $split),
        ];
    }
}
