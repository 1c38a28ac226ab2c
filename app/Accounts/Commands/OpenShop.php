<?php

declare(strict_types=1);

namespace App\Accounts\Commands;

use Aenum\Core\Preparation\Masking\UsualMasks;
use App\Accounts\Models\Shop;
use App\Accounts\Models\User;
use App\Catalog\Models\Mask;
use App\Platform\Errors\Refused;
use Illuminate\Support\Facades\DB;

/** Creates the shop: its name and policies, its owner, and the masks nearly every shop has. */
final class OpenShop
{
    /** Until somebody says otherwise, by the shop's own money. House figure. */
    private const KWH_PRICE = 0.25;

    /**
     * @param  array{shop: string, timezone: string, currency: string, unit_system: string, owner: string,
     *      email: string, password: string}  $in
     *
     * @throws Refused where there is a shop already
     */
    public function __invoke(array $in): User
    {
        return DB::transaction(function () use ($in): User {
            if (DB::table('shops')->lockForUpdate()->exists()) {
                throw Refused::because(['code' => 'This shop is open already; sign in.']);
            }
            Shop::query()->create([
                'id' => 1,
                'name' => $in['shop'],
                'timezone' => $in['timezone'],
                'currency' => $in['currency'],
                'kwh_price' => self::KWH_PRICE,
                'ambient_c' => 20,
            ]);
            foreach (UsualMasks::all() as $mask) {
                Mask::query()->create([
                    'name' => $mask->name,
                    'kind' => $mask->kind,
                    'material' => $mask->material,
                    'from_mm' => $mask->fromMm,
                    'to_mm' => $mask->toMm,
                    'rated_c' => $mask->ratedC,
                    'held' => $mask->held,
                ]);
            }

            return User::query()->create([
                'name' => $in['owner'],
                'email' => $in['email'],
                'password' => $in['password'],
                'role' => 'owner',
                'unit_system' => $in['unit_system'],
            ]);
        });
    }
}
