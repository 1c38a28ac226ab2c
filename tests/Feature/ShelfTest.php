<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Thermal\OvenEstimate;
use App\Accounts\Models\Shop;
use App\Accounts\Models\User;
use App\Catalog\Models\Oven;
use App\Catalog\Models\Powder;

final class ShelfTest extends ShopTestCase
{
    /** @return array<string, mixed> */
    private function powderForm(array $with = []): array
    {
        return $with + [
            'name' => 'Slipway grey',
            'chemistry' => 'polyester',
            'colour' => '#7f8a8c',
            'specific_gravity' => '1.6',
            'film_min' => '60',
            'film_max' => '90',
            'solvent_proof' => '1',
            'rows' => [
                ['pmt_c' => '180', 'min_minutes' => '18', 'max_minutes' => '45'],
                ['pmt_c' => '200', 'min_minutes' => '8', 'max_minutes' => ''],
                ['pmt_c' => '', 'min_minutes' => '', 'max_minutes' => ''],
            ],
        ];
    }

    public function test_a_powder_goes_on_the_shelf_in_either_unit(): void
    {
        $this->send('/powders', $this->powderForm())->assertSessionHasNoErrors();
        $powder = Powder::query()->where('name', 'Slipway grey')->firstOrFail();
        self::assertSame(
            [[180.0, 18.0, 45.0], [200.0, 8.0, null]],
            $powder->rows->map(fn ($r): array => [$r->pmt_c, $r->min_minutes, $r->max_minutes])->all(),
        );
        $this->finisher->update(['unit_system' => 'us']);
        $this->send(
            "/powders/{$powder->id}",
            $this->powderForm([
                'film_min' => '2.5',
                'film_max' => '90 um',
                'rows' => [['pmt_c' => '356', 'min_minutes' => '18', 'max_minutes' => '']],
            ]),
            $this->finisher->refresh(),
            'PUT',
        )->assertSessionHasNoErrors();
        $powder->refresh();
        self::assertEqualsWithDelta(63.5, $powder->film_min_um, 1e-6);
        self::assertEqualsWithDelta(180, $powder->rows[0]->pmt_c, 1e-6);
        $this->send("/powders/{$powder->id}/retire");
        self::assertNotNull($powder->refresh()->retired_at);
    }

    public function test_a_sheet_that_contradicts_itself_is_refused(): void
    {
        foreach (
            [
                [
                    ['pmt_c' => '180', 'min_minutes' => '8', 'max_minutes' => ''],
                    ['pmt_c' => '200', 'min_minutes' => '18', 'max_minutes' => ''],
                ],
                [['pmt_c' => '180', 'min_minutes' => '18', 'max_minutes' => '10']],
                [
                    ['pmt_c' => '180', 'min_minutes' => '18', 'max_minutes' => ''],
                    ['pmt_c' => '180 C', 'min_minutes' => '17', 'max_minutes' => ''],
                ],
                [],
            ] as $rows
        ) {
            $this->send('/powders', $this->powderForm(['rows' => $rows]))->assertSessionHasErrors('rows');
        }
        $this->send(
            '/powders',
            $this->powderForm(['rows' => [['pmt_c' => 'hot', 'min_minutes' => '18', 'max_minutes' => '']]]),
        )->assertSessionHasErrors('rows.0.pmt_c');
        $this->send('/powders', $this->powderForm(['film_max' => '40']))->assertSessionHasErrors('film_max');
        $this->send('/powders', $this->powderForm(['name' => 'Promenade green']))->assertSessionHasErrors('name');
        self::assertSame(1, Powder::query()->count());
    }

    public function test_an_oven_is_set_up_from_four_answers_and_can_be_corrected(): void
    {
        $answers = [
            'by' => 'answers',
            'name' => 'Bench oven',
            'heat' => 'electric',
            'fan' => 'gentle',
            'width' => '0.9',
            'height' => '1',
            'depth' => '4 ft',
            'minutes_to_200' => '22',
            'heater' => '9',
            'max' => '240',
        ];
        $this->send('/ovens', $answers, $this->owner)->assertSessionHasNoErrors();
        $oven = Oven::query()->where('name', 'Bench oven')->firstOrFail();
        self::assertEqualsWithDelta(22, (float) OvenEstimate::minutesTo200($oven->model()), 0.5);
        $this->actingAs($this->owner)
            ->get("/ovens/{$oven->id}/edit")
            ->assertOk()
            ->assertSee('Heat the walls take');
        $this->send(
            '/ovens',
            ['name' => 'Other', 'minutes_to_200' => '600'] + $answers,
            $this->owner,
        )->assertSessionHasErrors('minutes_to_200');
        $this->send(
            '/ovens',
            ['name' => 'Other', 'width' => '90'] + $answers,
            $this->owner,
        )->assertSessionHasErrors('width');
        $figures =
            ['by' => 'figures', 'name' => 'Bench oven', 'max' => '240'] +
            $oven->only([
                'heater_kw',
                'band_k',
                'air_kj_per_k',
                'shell_kj_per_k',
                'air_to_shell_w_per_k',
                'shell_loss_w_per_k',
                'vent_w_per_k',
                'door_w_per_k',
                'convection_w_per_m2k',
            ]);
        $this->send(
            "/ovens/{$oven->id}",
            ['shell_kj_per_k' => '99'] + $figures,
            $this->owner,
            'PUT',
        )->assertSessionHasNoErrors();
        self::assertSame(99.0, $oven->refresh()->shell_kj_per_k);
        $this->send(
            "/ovens/{$oven->id}",
            ['shell_kj_per_k' => '0'] + $figures,
            $this->owner,
            'PUT',
        )->assertSessionHasErrors('shell_kj_per_k');
    }

    public function test_house_ways_and_people(): void
    {
        $shop = [
            'name' => 'Test works',
            'timezone' => 'Europe/Zurich',
            'currency' => 'CHF',
            'kwh_price' => '0.31',
            'ambient' => '68 F',
            'clock_way' => 'dose',
            'margin_percent' => '15',
            'overbake_percent' => '80',
            'humidity_pct' => '61',
            'tablet_minutes' => '7',
            'house' => ['bake_out' => 'both'],
            'rail' => '250 kg',
            'booth' => ['2', '2', '3'],
            'nozzle_mm' => '8',
            'compressor_m3_min' => '4',
        ];
        $this->send('/shop', $shop, $this->owner, 'PUT')->assertSessionHasNoErrors();
        $kept = Shop::query()->firstOrFail();
        self::assertEqualsWithDelta(20, $kept->ambient_c, 0.01);
        self::assertSame([0.15, 0.8, 'dose'], [$kept->margin, $kept->overbake_limit, $kept->clock_way->value]);
        self::assertSame(
            ['both', 'plugs_early', 250.0, [2000.0, 2000.0, 3000.0]],
            [
                $kept->houseWays()['bake_out'],
                $kept->houseWays()['masking'],
                $kept->rail_kg,
                array_map(round(...), (array) $kept->boothMm()),
            ],
        );
        $this->send(
            '/shop',
            ['house' => ['bake_out' => 'never']] + $shop,
            $this->owner,
            'PUT',
        )->assertSessionHasErrors('house.bake_out');
        $this->send('/shop', ['timezone' => 'Atlantis/Main'] + $shop, $this->owner, 'PUT')->assertSessionHasErrors(
            'timezone',
        );
        $this->send(
            '/people',
            ['name' => 'Nell', 'email' => 'nell@works.example', 'role' => 'finisher', 'password' => 'short'],
            $this->owner,
        )->assertSessionHasErrors('password');
        $this->send(
            '/people',
            [
                'name' => 'Nell',
                'email' => 'nell@works.example',
                'role' => 'finisher',
                'password' => 'long-enough-now',
            ],
            $this->owner,
        )->assertSessionHasNoErrors();
        self::assertSame(4, User::query()->count());
        $this->send(
            "/people/{$this->owner->id}",
            ['role' => 'viewer', 'active' => '1'],
            $this->owner,
            'PUT',
        )->assertSessionHasErrors('role');
        $this->send(
            '/me',
            ['unit_system' => 'us', 'theme' => 'dark'],
            $this->viewer,
            'PUT',
        )->assertSessionHasNoErrors();
        self::assertSame('us', $this->viewer->refresh()->unit_system->value);
    }
}
