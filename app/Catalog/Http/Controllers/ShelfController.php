<?php

declare(strict_types=1);

namespace App\Catalog\Http\Controllers;

use App\Accounts\Models\Shop;
use App\Application\Queries\PowderStock;
use App\Catalog\Http\Requests\OvenRequest;
use App\Catalog\Http\Requests\PowderRequest;
use App\Catalog\Models\Oven;
use App\Catalog\Models\Powder;
use App\Catalog\Queries\PowderSearch;
use App\Curing\ViewModels\OvenFitViewModel;
use App\Intake\Commands\IndexJob;
use App\Intake\Models\Job;
use App\Platform\Clock\ShopClock;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;

/** Powders and ovens of the shop. */
final class ShelfController
{
    /** What a powder is looked for by; gloss and colour by the words they are called. */
    public function powders(Request $request): View
    {
        $in = validator($request->only(['q', 'role', 'lives', 'stock']), [
            'q' => ['nullable', 'string', 'max:100'],
            'role' => ['nullable', Rule::in(array_keys(PowderSearch::ROLES))],
            'lives' => ['nullable', Rule::in(['outdoors', 'indoors'])],
            'stock' => ['nullable', Rule::in(['order'])],
        ])->validate();
        $powders = PowderSearch::of($in);
        $stock = PowderStock::all($powders);
        if (($in['stock'] ?? '') === 'order') {
            $powders = $powders->filter(fn (Powder $one): bool => $stock[$one->id]->mustOrder())->values();
        }

        return view('catalog.powders', ['powders' => $powders, 'stock' => $stock, 'asked' => $in]);
    }

    public function createPowder(): View
    {
        return view('catalog.powder', ['powder' => null]);
    }

    public function storePowder(PowderRequest $request): RedirectResponse
    {
        return $this->savePowder(new Powder(), $request);
    }

    public function editPowder(Powder $powder): View
    {
        return view('catalog.powder', ['powder' => $powder->load('rows')]);
    }

    public function updatePowder(PowderRequest $request, Powder $powder): RedirectResponse
    {
        return $this->savePowder($powder, $request);
    }

    public function retirePowder(Request $request, Powder $powder): RedirectResponse
    {
        $goes = $powder->retired_at === null;
        $powder->update([
            'retired_at' => $goes ? ShopClock::now() : null,
            'retired_by' => $goes ? $request->user()?->getAuthIdentifier() : null,
        ]);

        return redirect('/powders')->with(
            'said',
            $powder->retired_at === null
                ? "{$powder->name} is back on the shelf."
                : "{$powder->name} is off the shelf.",
        );
    }

    public function ovens(): View
    {
        return view('catalog.ovens', [
            'ovens' => Oven::query()->orderByRaw('retired_at IS NOT NULL')->orderBy('name')->get(),
        ]);
    }

    public function createOven(): View
    {
        return view('catalog.oven', ['oven' => null, 'fit' => null, 'taught' => null]);
    }

    public function storeOven(OvenRequest $request): RedirectResponse
    {
        $oven = Oven::query()->create($request->facts());

        return redirect(Shop::afterSaving("/ovens/{$oven->id}/edit"))
            ->with('said', "{$oven->name} is set up; its figures are on its page.");
    }

    public function editOven(Oven $oven): View
    {
        $taught = $oven->taught();

        return view('catalog.oven', [
            'oven' => $oven,
            'fit' => OvenFitViewModel::of($oven),
            'taught' => $taught?->words(ShopClock::local($taught->since)->format('j F Y')),
        ]);
    }

    public function updateOven(OvenRequest $request, Oven $oven): RedirectResponse
    {
        $oven->update($request->facts());

        return redirect("/ovens/{$oven->id}/edit")->with('said', 'Saved.');
    }

    private function savePowder(Powder $powder, PowderRequest $request): RedirectResponse
    {
        $facts = $request->facts();
        DB::transaction(function () use ($powder, $facts): void {
            $powder->fill($facts['powder'])->save();
            foreach ($powder->rows()->get()->whereNotIn('pmt_c', array_column($facts['rows'], 'pmt_c')) as $gone) {
                $gone->delete();
            }
            foreach ($facts['rows'] as $row) {
                $powder->rows()->updateOrCreate(['pmt_c' => $row['pmt_c']], $row);
            }
            if ($powder->wasChanged(['name', 'lot'])) {
                Job::query()
                    ->whereHas('parts.coats', fn ($coat) => $coat->where('powder_id', $powder->id))
                    ->each(fn (Job $job) => IndexJob::write($job));
            }
        });

        return redirect(Shop::afterSaving('/powders'))->with('said', "{$powder->name} is on the shelf.");
    }
}
