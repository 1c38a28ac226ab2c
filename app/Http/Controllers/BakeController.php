<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aenum\Core\Cure\BakePlanner;
use Aenum\Core\Cure\ClockWay;
use Aenum\Core\Cure\Prefer;
use Aenum\Core\Unit\Dimension;
use App\Actions\Cure\AfterBake;
use App\Actions\Cure\BakeBoard;
use App\Actions\Cure\BoardForAll;
use App\Actions\Cure\CameOut;
use App\Actions\Cure\HangLoad;
use App\Actions\Cure\LoadOfBake;
use App\Actions\Cure\SplitBake;
use App\Actions\Cure\TakeSomeOut;
use App\Actions\Cure\Verdict;
use App\Actions\Logger\LoggedBake;
use App\Charts\BakePicture;
use App\Charts\OvenChart;
use App\Models\Oven;
use App\Models\OvenLoad;
use App\Models\Shop;
use App\Models\User;
use App\Rules\Measured;
use App\Support\Units;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A bake on the bench: hung, looked at, set. */
final class BakeController
{
    public function hang(Request $request, HangLoad $hang): RedirectResponse
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
        foreach ($in['items'] as $lot => $row) {
            if (! empty($request->input("items.{$lot}.hang")) && ($row['count'] ?? null) !== null) {
                $counts[(int) $lot] = (int) $row['count'];
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

        return view('cure.bake', $this->data($bake));
    }

    /** The part of the page that answers the settings, or the clock. */
    public function board(Request $request, OvenLoad $bake): Response
    {
        abort_if($bake->status === 'withdrawn', 404);
        /** @var User $user */
        $user = $request->user();
        $render = fn (): string => view('cure.board', $this->data($bake))->render();

        // What was refused just now is for one pair of eyes.
        return response($request->session()->has('errors') ? $render() : BoardForAll::of($bake, $user, $render));
    }

    public function adjust(Request $request, OvenLoad $bake): View|RedirectResponse
    {
        $max = $bake->oven->max_c;
        $in = $request->validate(
            [
                'setpoint' => ['required', new Measured(Dimension::Temperature, 40, $max)],
                'minutes' => ['required', 'numeric', 'gt:0', 'max:1440'],
                'door_open_s' => ['required', 'numeric', 'between:0,3600'],
                'start' => ['nullable', new Measured(Dimension::Temperature, -40, $max)],
                'way' => ['required', Rule::enum(ClockWay::class)],
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
            'setpoint_c' => Measured::read(Dimension::Temperature, $in['setpoint']),
            'minutes' => (float) $in['minutes'],
            'door_open_s' => (float) $in['door_open_s'],
            'start_c' => Measured::read(Dimension::Temperature, $in['start'] ?? null),
            'way' => $in['way'],
        ]);

        return $request->hasHeader('HX-Request')
            ? view('cure.board', $this->data($bake))
            : redirect("/bakes/{$bake->id}");
    }

    /** The bakes that serve, side by side. */
    public function choices(OvenLoad $bake): View
    {
        abort_unless($bake->isPlanned(), 404);

        return view('cure.choices', [
            'bake' => $bake,
            'choices' => LoadOfBake::from($bake)->planner()->choices(),
            'house' => Shop::current()->prefer,
            'look' => BakePlanner::WINDOW_LOOK_MIN,
        ]);
    }

    public function best(Request $request, OvenLoad $bake, HangLoad $hang): RedirectResponse
    {
        $in = $request->validate(['prefer' => ['nullable', Rule::enum(Prefer::class)]]);
        if (! $bake->isPlanned()) {
            throw ValidationException::withMessages(['load' => 'This load is baking already.']);
        }
        $prefer = Prefer::tryFrom($in['prefer'] ?? '') ?? Shop::current()->prefer;
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
        $board = BakeBoard::of($bake);
        $units = Units::current();
        $verdict = Verdict::of($board, $units);
        $parts = $bake->isPlanned() && $board->outlook->bestPull() === null && count($board->load->hung) > 1;
        $split = $parts ? SplitBake::proposal($board->load) : [];

        return [
            'bake' => $bake,
            'board' => $board,
            'verdict' => $verdict,
            'door' => $bake->isPlanned() ? $board->doorFindings() : [],
            'chart' => new OvenChart(BakePicture::of($board, $units), $units),
            'logs' => $bake->status === 'pulled' ? LoggedBake::judged($bake) : [],
            'cameOut' => $bake->isPlanned() ? [] : CameOut::all($bake),
            'after' => $bake->isPlanned() ? [] : AfterBake::of($bake),
            'shop' => Shop::current(),
            'split' => $split,
            'early' => $split === [] ? null : TakeSomeOut::proposal($board, $split),
        ];
    }
}
