<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aenum\Core\Route\Station;
use Aenum\Core\Unit\Dimension;
use App\Actions\BakeOut\BakeOutBoard;
use App\Actions\BakeOut\RunBakeOut;
use App\Actions\Bench\BenchPick;
use App\Http\Controllers\Concerns\KnowsWhoAsks;
use App\Models\BakeOutLoad;
use App\Models\Oven;
use App\Rules\Measured;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** The bake-out bench: bare parts held hot enough, long enough, before they are coated. */
final class BakeOutController
{
    use KnowsWhoAsks;

    public function show(Request $request): View
    {
        $pick = BenchPick::at(Station::BakeOut, $request);
        $query = BakeOutLoad::query()->with(['oven', 'items.part.job']);
        $query->whereIn('status', ['planned', 'running'])->orderBy('id');
        $loads = $query->get();
        $asked = (int) $request->integer('load');
        $shown = BakeOutLoad::query()->where('status', '!=', 'withdrawn')->find($asked)
            ?? $loads->first(fn (BakeOutLoad $load): bool => $pick->part !== null && $load->items->contains('part_id', $pick->part->id)) ?? $loads->first();

        return view('stations.bake-out', [
            'pick' => $pick, 'loads' => $loads, 'board' => $shown === null ? null : BakeOutBoard::of($shown), 'ovens' => Oven::query()->whereNull('retired_at')->orderByDesc('heater_kw')->get(),
            'busy' => $loads->flatMap(fn (BakeOutLoad $load) => $load->items->pluck('part_id')),
            'lately' => BakeOutLoad::query()->with(['items.part', 'oven'])->where('status', 'pulled')->orderByDesc('pulled_at')->limit(4)->get(),
        ]);
    }

    public function hang(Request $request, RunBakeOut $run): RedirectResponse
    {
        $in = $request->validate(['oven' => ['required', Rule::exists('ovens', 'id')->whereNull('retired_at')], 'parts' => ['required', 'array'], 'parts.*' => ['integer']], ['parts.required' => 'Nothing is picked; tick at least one part that hangs at Bake out.', 'oven.*' => 'Oven is not picked.']);
        $load = $run->hang(Oven::query()->findOrFail($in['oven']), array_map(intval(...), $in['parts']), $this->person($request));

        return redirect("/station/bake-out?load={$load->id}")->with('said', 'Worked out: the soonest pull that holds everything long enough.');
    }

    public function set(Request $request, BakeOutLoad $bakeOut, RunBakeOut $run): RedirectResponse
    {
        $in = $request->validate(['target' => ['required', new Measured(Dimension::Temperature, 60, 400)], 'hold' => ['required', 'numeric', 'between:1,720'], 'setpoint' => ['required', new Measured(Dimension::Temperature, 60, $bakeOut->oven->max_c)]], ['hold.*' => 'Hold is not a time; allowed: 1 to 720 min.']);
        $target = (float) Measured::read(Dimension::Temperature, $in['target']);
        $setpoint = (float) Measured::read(Dimension::Temperature, $in['setpoint']);
        if ($setpoint < $target) {
            throw ValidationException::withMessages(['setpoint' => 'Setpoint is under the part temperature asked for; allowed: at least as hot, some 15 K more to get there in time.']);
        }
        $run->set($bakeOut, $target, (float) $in['hold'], $setpoint);

        return redirect("/station/bake-out?load={$bakeOut->id}")->with('said', 'Worked out anew.');
    }

    public function shut(Request $request, BakeOutLoad $bakeOut, RunBakeOut $run): RedirectResponse
    {
        $run->shut($bakeOut, $this->person($request));

        return redirect("/station/bake-out?load={$bakeOut->id}")->with('said', 'The door is shut; the clock runs.');
    }

    public function pull(Request $request, BakeOutLoad $bakeOut, RunBakeOut $run): RedirectResponse
    {
        $run->pull($bakeOut, $this->person($request));

        return redirect("/station/bake-out?load={$bakeOut->id}")->with('said', 'It is out.');
    }

    public function withdraw(BakeOutLoad $bakeOut, RunBakeOut $run): RedirectResponse
    {
        $run->withdraw($bakeOut);

        return redirect('/station/bake-out')->with('said', 'Taken off the oven.');
    }
}
