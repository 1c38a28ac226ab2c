<?php

declare(strict_types=1);

namespace App\Application\ViewModels;

use Aenum\Core\Application\AirUnit;
use App\Catalog\Models\Gun;
use App\Platform\Errors\Refused;

/** Converts powder air between a gun's own unit and the stored ratio to its usual setting. */
final class PowderAir
{
    private const LEAST = 0.1;

    private const MOST = 5.0;

    /**
     * Returns the ratio to the usual; null where nothing was entered.
     *
     * @throws Refused naming the field and the range in the gun's own unit
     */
    public static function ratio(?Gun $gun, ?float $setting): ?float
    {
        if ($setting === null) {
            return null;
        }
        $model = $gun?->model();
        $ratio = $model?->airRatio($setting) ?? $setting;
        if ($ratio < self::LEAST || $ratio > self::MOST) {
            $words = fn (float $of): string => $model?->airWords($of) ?? AirUnit::Ratio->show($of);
            throw Refused::because([
                'air' => 'Enter powder air between '.$words(self::LEAST).' and '.$words(self::MOST).'.',
            ]);
        }

        return $ratio;
    }
}
