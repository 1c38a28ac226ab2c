<?php

declare(strict_types=1);

namespace App\Routing\Queries;

use Aenum\Core\Routing\ShopPolicies;
use App\Accounts\Models\Shop;
use App\Intake\Models\Part;
use App\Routing\Models\PartPolicy;

/** Policies of a part: its own, else the shop's. */
final class PartPolicies
{
    public static function of(?Part $part): ShopPolicies
    {
        return ShopPolicies::read([...Shop::current()->houseWays(), ...$part?->ownWays() ?? []]);
    }

    /** @param  array<string, string|null>  $ways  question => way; null or nothing for as the house goes */
    public static function choose(Part $part, array $ways): void
    {
        $chosen = array_filter($ways, fn (?string $way): bool => $way !== null && $way !== '');
        foreach ($part->ways()->get()->whereNotIn('question', array_keys($chosen)) as $gone) {
            $gone->delete();
        }
        self::keep($part, $chosen);
    }

    /** As a part leaves Intake its ways are settled: the house may turn, its route does not any more. */
    public static function settle(Part $part): void
    {
        $usual = array_map(fn (array $ways): string => $ways[0], ShopPolicies::choices());
        $house = array_intersect_key([...$usual, ...Shop::current()->houseWays()], $usual);
        self::keep($part, array_diff_key($house, $part->ownWays()));
    }

    /** @param  array<string, string>  $ways */
    private static function keep(Part $part, array $ways): void
    {
        $known = PartPolicy::query()->where('part_id', $part->id)->get()->keyBy('question');
        foreach ($ways as $question => $way) {
            $policy = $known[$question] ?? new PartPolicy(['part_id' => $part->id, 'question' => $question]);
            $policy->fill(['way' => $way])->save();
        }
        $part->unsetRelation('ways');
    }
}
