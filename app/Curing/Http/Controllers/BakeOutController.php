<?php

declare(strict_types=1);

namespace App\Curing\Http\Controllers;

use Aenum\Core\Curing\BakeOut;
use Aenum\Core\Trade\LoadKind;
use Aenum\Core\Trade\Look;
use Aenum\Core\Trade\Station;
use Aenum\Core\Units\Dimension;
use App\Catalog\Models\Oven;
use App\Curing\Commands\LoadBakeOut;
use App\Curing\Commands\RunOven;
use App\Curing\Commands\ShareCureLoad;
use App\Curing\Models\OvenLoad;
use App\Curing\ViewModels\BakeOutChart;
use App\Curing\ViewModels\BakeOutViewModel;
use App\Curing\ViewModels\OvenChart;
use App\Platform\Clock\ShopClock;
use App\Platform\Database\LevelLoader;
use App\Platform\Http\Controllers\RequiresUser;
use App\Platform\Presentation\Units;
use App\Platform\Validation\MeasuredQuantity;
use App\Routing\Commands\WriteLog;
use App\Routing\Http\ReadsBatchInHand;
use App\Routing\Queries\StationQueue;
use App\ShopFloor\Commands\SweepAgain;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** The bake-out station. */
final class BakeOutController
{
    use ReadsBatchInHand;
    use RequiresUser;

    private const LATELY = 4;

    public function show(Request $request): View
    {
        $pick = $this->queue(Station::BakeOut, $request);
        /** @var array<string, Collection<int, OvenLoad>> $read */
        $read = LevelLoader::together([
            'named' => OvenLoad::of(LoadKind::BakeOut)->where('status', '!=', 'withdrawn')
                ->whereKey($request->integer('load')),
            'open' => OvenLoad::of(LoadKind::BakeOut)->with(['oven', 'items.part.job'])
                ->whereIn('status', ['planned', 'running'])->orderBy('id'),
            'pulled' => OvenLoad::of(LoadKind::BakeOut)->with(['items.part', 'oven'])->where('status', 'pulled')
                ->orderByDesc('pulled_at')->limit(self::LATELY),
        ]);
        $loads = $read['open'];
        $shown = $read['named']->first() ?? $this->shown($loads, $pick);
        $board = $shown === null ? null : BakeOutViewModel::of($shown);

        return view('curing.bake-out-station', [
            'pick' => $pick,
            'loads' => $loads,
            'board' => $board,
            'chart' => $board === null
                    ? null
                    : new OvenChart(BakeOutChart::of($board, Units::current()), Units::current()),
            'ovens' => Oven::inUse(),
            'busy' => $loads->flatMap(fn (OvenLoad $load) => $load->items->pluck('batch_id')),
            'lately' => $read['pulled'],
            'rides' => $shown?->isPlanned() && $shown->host_load_id === null ? ShareCureLoad::all($shown) : [],
        ]);
    }

    /** @param  Collection<int, OvenLoad>  $loads */
    private function shown(Collection $loads, StationQueue $pick): ?OvenLoad
    {
        $holds = fn (OvenLoad $load): bool => $pick->part !== null &&
            $load->items->contains('batch_id', $pick->batch?->id);

        return $loads->first($holds) ?? $loads->first();
    }

    public function hang(Request $request, LoadBakeOut $hang): RedirectResponse
    {
        $in = $request->validate(
            [
                'oven' => ['required', Rule::exists('ovens', 'id')->whereNull('retired_at')],
                'lots' => ['required', 'array', 'max:200'],
                'lots.*.hang' => ['nullable', 'boolean'],
                'lots.*.count' => ['nullable', 'integer', 'between:1,10000'],
            ],
            [
                'lots.*.count.*' => 'Pieces must be a whole number from 1.',
                'lots.required' => 'Nothing is picked; tick at least one part at Bake out.',
                'oven.*' => 'Oven is not picked.',
            ],
        );
        $load = $hang(
            Oven::query()->findOrFail((int) $in['oven']),
            $this->picked($in['lots']),
            $this->person($request),
        );

        return $this->to($load, 'Worked out: the soonest pull that holds everything long enough.');
    }

    /**
     * @param  array<array-key, array<string, mixed>>  $batches
     * @return array<int, int> pieces by lot id
     */
    private function picked(array $batches): array
    {
        $hung = array_filter($batches, fn (array $one): bool => ! empty($one['hang']) && isset($one['count']));

        return array_map(fn (array $one): int => (int) $one['count'], $hung);
    }

    public function set(Request $request, OvenLoad $bakeOut, LoadBakeOut $hang): RedirectResponse
    {
        $in = $request->validate(
            [
                'target' => ['required', new MeasuredQuantity(Dimension::Temperature, 60, 400)],
                'hold' => ['required', 'numeric', 'between:1,'.BakeOut::MOST_HOLD_MIN],
                'out_at' => ['nullable', 'date'],
                'setpoint' => ['required', new MeasuredQuantity(Dimension::Temperature, 60, $bakeOut->oven->max_c)],
                'start' => ['nullable', new MeasuredQuantity(Dimension::Temperature, -40, $bakeOut->oven->max_c)],
            ],
            [
                'hold.*' => 'Hold is not a time; allowed: 1 to '.BakeOut::MOST_HOLD_MIN.' min.',
                'out_at.*' => 'Taken out at is not a time; allowed: a day and a time.',
            ],
        );
        $target = (float) MeasuredQuantity::read(Dimension::Temperature, $in['target']);
        $setpoint = (float) MeasuredQuantity::read(Dimension::Temperature, $in['setpoint']);
        if ($setpoint < $target) {
            $why =
                'Setpoint is under the part temperature asked for; allowed: at least as hot, a little more to get'.
                ' there in time.';
            throw ValidationException::withMessages(['setpoint' => $why]);
        }
        $out = isset($in['out_at']) ? ShopClock::parse((string) $in['out_at']) : null;
        $start = MeasuredQuantity::read(Dimension::Temperature, $in['start'] ?? null);
        $hang->set($bakeOut, $target, (float) $in['hold'], $setpoint, $out, $start);

        return $this->to($bakeOut, 'Worked out anew.');
    }

    /** What it looked like as it came out decides whether it goes back to the nozzle. */
    public function look(Request $request, OvenLoad $bakeOut, SweepAgain $sweep): RedirectResponse
    {
        $in = $request->validate(
            ['look' => ['required', Rule::enum(Look::class)]],
            ['look.*' => 'Looks is not picked; allowed: '.implode(', ', array_column(Look::cases(), 'value')).'.'],
        );
        $look = Look::from($in['look']);
        $by = $this->person($request);
        if ($look === Look::Clean && ! BakeOutViewModel::of($bakeOut)->allReached()) {
            throw ValidationException::withMessages([
                'look' => 'Not long enough at temperature: bake it out again before it goes on.',
            ]);
        }
        DB::transaction(function () use ($bakeOut, $look, $by, $sweep): void {
            foreach ($bakeOut->items()->with('batch.part')->get() as $item) {
                WriteLog::line('bake_out_look', $look->value, [], $by, $item->part, $look->asks(), batch: $item->batch);
                $isHere = $item->batch?->isOpen() === true && $item->batch->station === Station::BakeOut;
                if ($look->sweepsAgain() && $isHere) {
                    $sweep->because($item->batch, $by, 'After the bake-out: '.$look->label(), ...$look->undoes());
                }
            }
        });

        return redirect('/station/bake-out')->with('said', ucfirst($look->label()).'. '.$look->asks());
    }

    /** Shares the oven of a cure, or does so no more. */
    public function ride(Request $request, OvenLoad $bakeOut): RedirectResponse
    {
        $in = $request->validate(['with' => ['nullable', 'integer']]);
        ShareCureLoad::set($bakeOut, isset($in['with']) ? OvenLoad::query()->findOrFail((int) $in['with']) : null);

        return $this->to($bakeOut, isset($in['with']) ? 'It rides with that cure.' : 'It has its own oven again.');
    }

    public function shut(Request $request, OvenLoad $bakeOut, RunOven $run): RedirectResponse
    {
        $run->shut($bakeOut, $this->person($request));

        return $this->to($bakeOut, 'The door is shut; the clock runs.');
    }

    public function pull(Request $request, OvenLoad $bakeOut, RunOven $run): RedirectResponse
    {
        $run->pull($bakeOut, $this->person($request));

        return $this->to($bakeOut, 'It is out.');
    }

    public function withdraw(Request $request, OvenLoad $bakeOut, RunOven $run): RedirectResponse
    {
        $run->withdraw($bakeOut, $this->person($request));

        return redirect('/station/bake-out')->with('said', 'Taken off the oven.');
    }

    private function to(OvenLoad $load, string $said): RedirectResponse
    {
        return redirect($load->page())->with('said', $said);
    }
}
