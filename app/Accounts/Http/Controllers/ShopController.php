<?php

declare(strict_types=1);

namespace App\Accounts\Http\Controllers;

use Aenum\Core\Curing\BakePreference;
use Aenum\Core\Curing\TimingCriterion;
use Aenum\Core\Routing\ShopPolicies;
use Aenum\Core\Units\Dimension;
use App\Accounts\Models\Shop;
use App\Platform\Clock\ShopClock;
use App\Platform\Validation\MeasuredQuantity;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** The shop's settings and policies. */
final class ShopController
{
    /** field => what it is, and what kind of figure */
    private const AIR = [
        'compressor_bar' => ['Compressor holds, at its receiver', Dimension::Pressure],
        'nozzle_new_mm' => ['Nozzle bore when it was new', Dimension::Length],
        'air_hose_m' => ['Air hose, dryer to pot: length', Dimension::Size],
        'air_hose_mm' => ['its bore', Dimension::Length],
        'blast_hose_m' => ['Blast hose, pot to nozzle: length', Dimension::Size],
        'blast_hose_mm' => ['its bore', Dimension::Length],
    ];

    public function shop(): View
    {
        $shop = Shop::current();

        return view('accounts.shop', [
            'shop' => $shop,
            'questions' => ShopPolicies::questions(),
            'ways' => $shop->houseWays(),
            'zones' => array_combine(\DateTimeZone::listIdentifiers(), \DateTimeZone::listIdentifiers()),
            'air' => self::AIR,
            'yesNo' => ['1' => 'yes', '0' => 'no'],
            'prices' => [
                'powder_kg' => ['A kilogram of powder', $shop->price_powder_kg],
                'media_kg' => ['A kilogram of blast media', $shop->price_media_kg],
            ],
        ]);
    }

    public function updateShop(Request $request): RedirectResponse
    {
        $today = ShopClock::today()->format('Y-m-d');
        $in = $request->validate([
            'name' => ['required', 'string', 'max:100'],
            'timezone' => ['required', 'timezone:all'],
            'currency' => ['required', 'string', 'max:8'],
            'kwh_price' => ['required', 'numeric', 'between:0,100'],
            'ambient' => ['required', new MeasuredQuantity(Dimension::Temperature, -40, 60)],
            'clock_way' => ['required', Rule::enum(TimingCriterion::class)],
            'prefer' => ['nullable', Rule::enum(BakePreference::class)],
            'margin_percent' => ['required', 'numeric', 'between:0,200'],
            'overbake_percent' => ['required', 'numeric', 'between:10,100'],
            'humidity_pct' => ['required', 'numeric', 'between:0,100'],
            'tablet_minutes' => ['required', 'integer', 'between:1,720'],
            'by_the_sea' => ['nullable', 'boolean'],
            'house' => ['array'],
            'house.*' => ['string', 'max:30'],
            'rail' => ['nullable', MeasuredQuantity::above(Dimension::Mass, 0, 100000)],
            'hook' => ['nullable', MeasuredQuantity::above(Dimension::Mass, 0, 100000)],
            'booth.*' => ['nullable', MeasuredQuantity::above(Dimension::Size, 0, 50)],
            'compressor_m3_min' => ['nullable', MeasuredQuantity::above(Dimension::AirFlow, 0, 1000)],
            'nozzle_mm' => ['nullable', MeasuredQuantity::above(Dimension::Length, 0, 50)],
            'air.compressor_bar' => ['nullable', new MeasuredQuantity(Dimension::Pressure, 2, 20)],
            'air.air_hose_m' => ['nullable', new MeasuredQuantity(Dimension::Size, 0, 200)],
            'air.blast_hose_m' => ['nullable', new MeasuredQuantity(Dimension::Size, 0, 200)],
            'air.air_hose_mm' => ['nullable', new MeasuredQuantity(Dimension::Length, 8, 100)],
            'air.blast_hose_mm' => ['nullable', new MeasuredQuantity(Dimension::Length, 8, 100)],
            'air.nozzle_new_mm' => ['nullable', new MeasuredQuantity(Dimension::Length, 1, 50)],
            'prices.*' => ['nullable', 'numeric', 'between:0,100000'],
            'light_metal_cabinet' => ['nullable', 'boolean'],
            'co_alarm' => ['nullable', 'boolean'],
            'gun_interlocked' => ['nullable', 'boolean'],
            'breathing_air_tested_on' => ['nullable', 'date_format:Y-m-d', "before_or_equal:{$today}"],
            'compressor_duty' => ['nullable', 'numeric', 'between:5,100'],
        ], [
            'breathing_air_tested_on.*' => 'Enter the day the breathing air was last tested, today at the latest.',
            'compressor_duty.*' => 'Enter the duty cycle in percent (5 to 100).',
        ]);
        $house = [];
        foreach (ShopPolicies::choices() as $question => $choices) {
            $way = $in['house'][$question] ?? $choices[0];
            if (! in_array($way, $choices, true)) {
                throw ValidationException::withMessages([
                    "house.{$question}" => 'That way is not known; pick one of the list.',
                ]);
            }
            $house[$question] = $way;
        }
        DB::transaction(function () use ($in, $house): void {
            $shop = Shop::current();
            $shop->update(
                [
                    'name' => $in['name'],
                    'timezone' => $in['timezone'],
                    'currency' => $in['currency'],
                    'kwh_price' => $in['kwh_price'],
                    'ambient_c' => MeasuredQuantity::read(Dimension::Temperature, $in['ambient']),
                    'clock_way' => $in['clock_way'],
                    'prefer' => $in['prefer'] ?? BakePreference::Widest->value,
                    'humidity_pct' => $in['humidity_pct'],
                    'tablet_minutes' => $in['tablet_minutes'],
                    'by_the_sea' => ! empty($in['by_the_sea']),
                    'margin' => $in['margin_percent'] / 100,
                    'overbake_limit' => $in['overbake_percent'] / 100,
                ] +
                    $this->equipment($in) +
                    $this->safety($in) +
                    $this->prices($in['prices'] ?? []),
            );
            $shop->keepHouseWays($house);
        });

        return redirect(Shop::afterSaving('/shop'))->with('said', 'Saved. Bakes hung from now on use it.');
    }

    /**
     * @param  array<string, mixed>  $in
     * @return array<string, ?float>
     */
    private function equipment(array $in): array
    {
        $air = $in['air'] ?? [];
        $booth = array_map(
            fn (mixed $m): ?float => MeasuredQuantity::read(Dimension::Size, $m),
            array_values($in['booth'] ?? []),
        );
        $whole = count($booth) === 3 && ! in_array(null, $booth, true);
        $side = fn (int $n): ?float => $whole ? 1000 * (float) $booth[$n] : null;

        return [
            'rail_kg' => MeasuredQuantity::read(Dimension::Mass, $in['rail'] ?? null),
            'hook_kg' => MeasuredQuantity::read(Dimension::Mass, $in['hook'] ?? null),
            'booth_wide_mm' => $side(0),
            'booth_high_mm' => $side(1),
            'booth_deep_mm' => $side(2),
            'compressor_m3_min' => MeasuredQuantity::read(Dimension::AirFlow, $in['compressor_m3_min'] ?? null),
            'nozzle_mm' => MeasuredQuantity::read(Dimension::Length, $in['nozzle_mm'] ?? null),
            'compressor_bar' => MeasuredQuantity::read(Dimension::Pressure, $air['compressor_bar'] ?? null),
            'air_hose_m' => MeasuredQuantity::read(Dimension::Size, $air['air_hose_m'] ?? null),
            'air_hose_mm' => MeasuredQuantity::read(Dimension::Length, $air['air_hose_mm'] ?? null),
            'blast_hose_m' => MeasuredQuantity::read(Dimension::Size, $air['blast_hose_m'] ?? null),
            'blast_hose_mm' => MeasuredQuantity::read(Dimension::Length, $air['blast_hose_mm'] ?? null),
            'nozzle_new_mm' => MeasuredQuantity::read(Dimension::Length, $air['nozzle_new_mm'] ?? null),
        ];
    }

    /**
     * @param  array<string, mixed>  $in
     * @return array<string, bool|float|string|null>
     */
    private function safety(array $in): array
    {
        $said = fn (string $key): ?bool => isset($in[$key]) ? (bool) $in[$key] : null;

        return [
            'light_metal_cabinet' => $said('light_metal_cabinet'),
            'co_alarm' => $said('co_alarm'),
            'gun_interlocked' => $said('gun_interlocked'),
            'breathing_air_tested_on' => $in['breathing_air_tested_on'] ?? null,
            'compressor_duty' => isset($in['compressor_duty']) ? $in['compressor_duty'] / 100 : null,
        ];
    }

    /**
     * @param  array<string, mixed>  $given
     * @return array<string, ?float>
     */
    private function prices(array $given): array
    {
        $price = fn (string $of): ?float => is_numeric($given[$of] ?? null) ? (float) $given[$of] : null;

        return [
            'price_hour' => $price('hour'),
            'price_powder_kg' => $price('powder_kg'),
            'price_media_kg' => $price('media_kg'),
        ];
    }

    /** Demo shop only: puts the shop's clock forward, so that a bake can be watched without waiting for it. */
    public function advanceClock(Request $request): RedirectResponse
    {
        abort_unless((bool) config('app.demo'), 404);
        $in = $request->validate(['minutes' => ['required', 'numeric', 'between:0.5,720']]);
        Shop::query()->whereKey(1)->increment('clock_ahead_s', (int) round(60 * $in['minutes']));

        return back()->with('said', "The demo clock is {$in['minutes']} min further on.");
    }
}
