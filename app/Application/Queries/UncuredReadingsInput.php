<?php

declare(strict_types=1);

namespace App\Application\Queries;

use Aenum\Core\Application\UncuredGauge;
use Aenum\Core\Application\UncuredReading;
use Aenum\Core\Inspection\FilmReadings;
use Aenum\Core\Units\Dimension;
use Aenum\Core\Units\InvalidInput;
use App\Application\Models\Spraying;
use App\Catalog\Models\Powder;
use App\Platform\Errors\Refused;
use App\Platform\Presentation\Units;
use Illuminate\Http\UploadedFile;

/** Parses readings on uncured powder, typed or from a gauge's file, by the kind of gauge. */
final class UncuredReadingsInput
{
    /** Gap between two teeth where only one figure was kept, µm: forms of before both teeth were asked for. */
    private const USUAL_GAP_UM = 25.0;

    /**
     * Returns the film predicted, its uncertainty, what it was read with and, for a comb, the uncured mean.
     *
     * @return array{raw_um: ?float, raw_sd_um: ?float, raw_read_um: ?float, raw_kind: ?UncuredGauge}
     *
     * @throws Refused naming the reading
     */
    public static function of(
        Powder $powder,
        ?UncuredGauge $kind,
        ?string $typed,
        ?UploadedFile $file,
        ?string $unit,
    ): array {
        if ($file === null && trim((string) $typed) === '') {
            return ['raw_um' => null, 'raw_sd_um' => null, 'raw_read_um' => null, 'raw_kind' => null];
        }
        $factor = SprayStatistics::uncuredFactor($powder);
        if ($file !== null) {
            $kind = UncuredGauge::Ultrasonic;
            $readings = array_map(
                UncuredReading::ultrasonic(...),
                FilmReadingsInput::file($file, $unit)->film->microns,
            );
        } else {
            $words = FilmReadings::typed((string) preg_replace('~\s*/\s*~', '/', (string) $typed));
            try {
                $readings = array_map(fn (string $word): UncuredReading => self::one($word, $kind, $factor), $words);
            } catch (InvalidInput $e) {
                throw Refused::because(['raw' => 'Uncured film: '.$e->getMessage().'.']);
            }
        }
        if ($readings === [] || count($readings) > FilmReadings::MOST) {
            throw Refused::because(['raw' => 'Enter 1 to 10,000 readings on uncured powder.']);
        }
        [$mean, $sd] = UncuredReading::mean($readings);

        return [
            'raw_um' => $mean,
            'raw_sd_um' => $sd,
            'raw_read_um' => $kind === UncuredGauge::Ultrasonic ? null : $mean / $factor,
            'raw_kind' => $kind,
        ];
    }

    /** The film uncured powder predicted, with what that may be off; empty where it was not read. */
    public static function words(Spraying $one): string
    {
        $units = Units::current();
        $film = fn (?float $um): string => $units->show(Dimension::Film, (float) $um);

        return match (true) {
            $one->raw_um === null => '',
            $one->raw_sd_um === null => $film($one->raw_um),
            default => $film($one->raw_um).' ± '.$film($one->raw_sd_um),
        };
    }

    private static function one(string $word, ?UncuredGauge $kind, float $factor): UncuredReading
    {
        $system = Units::current()->system;
        $um = fn (string $text): float => Dimension::Film->parse('reading', $text, $system);
        $teeth = explode('/', $word);
        if ($kind === UncuredGauge::Comb && count($teeth) !== 2) {
            $both = 'the last marked and the first unmarked tooth, like 125/150';
            throw InvalidInput::outside('reading', $word, $both);
        }

        return match (true) {
            count($teeth) === 2 => UncuredReading::comb($um($teeth[0]), $um($teeth[1]), $factor),
            $kind === UncuredGauge::Ultrasonic => UncuredReading::ultrasonic($um($word)),
            default => UncuredReading::comb(
                max(0.0, $um($word) - self::USUAL_GAP_UM / 2),
                $um($word) + self::USUAL_GAP_UM / 2,
                $factor,
            ),
        };
    }
}
