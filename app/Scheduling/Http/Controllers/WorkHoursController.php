<?php

declare(strict_types=1);

namespace App\Scheduling\Http\Controllers;

use Aenum\Core\Trade\Station;
use App\Accounts\Models\Shop;
use App\Accounts\Models\User;
use App\Accounts\Models\UserStation;
use App\Catalog\Models\Bench;
use App\Platform\Clock\ShopClock;
use App\Scheduling\Commands\SaveWorkHours;
use App\Scheduling\Models\WorkHours;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;

/** Working hours, who works where, and workplaces. */
final class WorkHoursController
{
    private const WEEKDAYS = [1 => 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];

    public function show(): View
    {
        $hours = WorkHours::query()->get();
        $people = User::query()->where('active', true)->where('role', '!=', 'viewer')->orderBy('name')->get();

        return view('scheduling.hours', [
            'shop' => Shop::current(),
            'weekdays' => self::WEEKDAYS,
            'hours' => SaveWorkHours::said($hours->whereNull('user_id')),
            'people' => $people,
            'own' => $people->mapWithKeys(
                fn (User $one): array => [$one->id => SaveWorkHours::said($hours->where('user_id', $one->id))],
            )->all(),
            'stations' => array_column(array_map(
                fn (Station $one): array => [$one->value, $one->label()],
                Station::cases(),
            ), 1, 0),
            'works' => UserStation::query()->get()->groupBy('user_id')->map(
                fn ($rows): array => $rows->map(fn (UserStation $one): string => $one->station->value)->all(),
            )->all(),
            'benches' => Bench::query()->whereNull('retired_at')->orderBy('id')->get(),
        ]);
    }

    public function update(Request $request): RedirectResponse
    {
        $in = $request->validate([
            'hours' => ['array'],
            'hours.*' => ['nullable', 'string', 'max:60'],
            'ovens_overnight' => ['nullable', 'boolean'],
            'racks' => ['nullable', 'integer', 'between:1,500'],
        ]);
        $rows = SaveWorkHours::read($in['hours'] ?? [], self::WEEKDAYS);
        DB::transaction(function () use ($rows, $in): void {
            SaveWorkHours::keep(null, $rows);
            Shop::current()->update([
                'ovens_overnight' => ! empty($in['ovens_overnight']),
                'racks' => $in['racks'] ?? null,
            ]);
        });

        return redirect('/hours')->with('said', 'Saved. The plan goes by it from now on.');
    }

    public function person(Request $request, User $person): RedirectResponse
    {
        $in = $request->validate([
            'hours' => ['array'],
            'hours.*' => ['nullable', 'string', 'max:60'],
            'works_at' => ['array'],
            'works_at.*' => [Rule::enum(Station::class)],
        ]);
        $rows = SaveWorkHours::read($in['hours'] ?? [], self::WEEKDAYS);
        DB::transaction(function () use ($person, $rows, $in): void {
            SaveWorkHours::keep($person->id, $rows);
            foreach (UserStation::query()->where('user_id', $person->id)->get() as $gone) {
                $gone->delete();
            }
            foreach (array_unique($in['works_at'] ?? []) as $station) {
                UserStation::query()->create(['user_id' => $person->id, 'station' => $station]);
            }
        });

        return redirect('/hours')->with('said', "Saved for {$person->name}.");
    }

    public function addBench(Request $request): RedirectResponse
    {
        $in = $request->validate([
            'station' => ['required', Rule::enum(Station::class)],
            'bench' => ['required', 'string', 'max:60'],
        ]);
        Bench::query()->create(['station' => $in['station'], 'name' => $in['bench']]);

        return redirect('/hours')->with('said', "{$in['bench']} is planned with from now on.");
    }

    public function retireBench(Bench $bench): RedirectResponse
    {
        $bench->retired_at === null && $bench->update(['retired_at' => ShopClock::now()]);

        return redirect('/hours')->with('said', "{$bench->name} is not planned with any more.");
    }
}
