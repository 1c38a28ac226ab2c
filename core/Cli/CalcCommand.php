<?php

declare(strict_types=1);

namespace Aenum\Core\Cli;

use Aenum\Core\Application\BoothAir;
use Aenum\Core\Application\Charge;
use Aenum\Core\Application\Coverage;
use Aenum\Core\Application\FilmPass;
use Aenum\Core\Application\Recess;
use Aenum\Core\Application\Stripes;
use Aenum\Core\Application\UncuredReading;
use Aenum\Core\Files\LoadFile;
use Aenum\Core\Files\Node;
use Aenum\Core\Files\ShapeFile;
use Aenum\Core\Inspection\DeltaE;
use Aenum\Core\Inspection\FilmJudgement;
use Aenum\Core\Inspection\FilmReadings;
use Aenum\Core\Preparation\Blasting\AirSystem;
use Aenum\Core\Preparation\Blasting\BareSteelClock;
use Aenum\Core\Preparation\Blasting\DewPoint;
use Aenum\Core\Preparation\Blasting\Nozzle;
use Aenum\Core\Thermal\Cooling;
use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Trade\FilmCriterion;
use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;

/** Small calculators: one JSON object in, one out. */
final class CalcCommand
{
    /**
     * @param  \Closure(string): string  $read
     * @return array<string, mixed>
     */
    public function __invoke(Arguments $arguments, \Closure $read): array
    {
        [$name, $file] = $arguments->operands;
        $work = match ($name) {
            'cool' => $this->cool(...),
            'cover' => $this->cover(...),
            'shape' => $this->shape(...),
            'nozzle' => $this->nozzle(...),
            'dewpoint' => $this->dewPoint(...),
            'pass' => $this->pass(...),
            'booth' => $this->booth(...),
            'comb' => $this->comb(...),
            'recess' => $this->recess(...),
            'charge' => $this->charge(...),
            'stripes' => $this->stripes(...),
            'film' => $this->film(...),
            'delta_e' => $this->deltaE(...),
            default => throw InvalidInput::outside(
                'calc',
                $name,
                'one of cool, cover, shape, nozzle, dewpoint, pass, booth, comb, recess, charge, stripes, film, '
                    .'delta_e',
            ),
        };

        return $work(Node::parse($read($file)));
    }

    /** @return array<string, float> */
    private function cool(Node $in): array
    {
        $in->object(['material', 'mass_kg', 'area_m2', 'start_c', 'ambient_c', 'target_c']);
        $item = LoadItem::of(
            'part',
            1,
            LoadFile::metal($in->need('material', 'a metal\'s key or {"cp_j_per_kgk":[...]}')),
            $in->number('mass_kg'),
            $in->number('area_m2'),
        );

        return [
            'minutes' => round(
                Cooling::minutes(
                    $item,
                    Check::celsius('start_c', $in->number('start_c')),
                    Check::celsius('ambient_c', $in->number('ambient_c')),
                    Check::celsius('target_c', $in->number('target_c')),
                ),
                3,
            ),
        ];
    }

    /** @return array<string, float> */
    private function cover(Node $in): array
    {
        $in->object(['sg', 'film_um', 'efficiency', 'area_m2']);
        $cover = Coverage::m2PerKg($in->number('sg'), $in->number('film_um'), $in->number('efficiency'));
        $area = $in->numberOr('area_m2', null);

        return ['m2_per_kg' => round($cover, 4)] +
            ($area === null ? [] : ['powder_kg' => round(Check::between('area_m2', $area, 0, 1e6) / $cover, 4)]);
    }

    /** @return array<string, float|null> totals over all pieces */
    private function shape(Node $in): array
    {
        $file = ShapeFile::read($in);
        $mass = $file->shape->massKg($file->metal);
        $extent = $file->shape->extent->withCount($file->count);

        return [
            'mass_kg' => $mass === null ? null : round($file->count * $mass, 6),
            'coat_area_m2' => round($extent->coatAreaM2, 6),
            'blast_area_m2' => round($extent->blastAreaM2, 6),
            'heat_area_m2' => round($extent->heatAreaM2, 6),
        ];
    }

    /** @return array<string, float> */
    private function nozzle(Node $in): array
    {
        $in->object(['bore_mm', 'pressure_bar', 'compressor_m3_min', 'new_bore_mm', 'duty']);
        $bore = $in->number('bore_mm');
        $pressure = $in->number('pressure_bar');
        $out = [
            'air_kg_s' => round(Nozzle::airKgPerS($bore, $pressure), 6),
            'free_air_m3_min' => round(Nozzle::freeAirM3Min($bore, $pressure), 4),
        ];
        $duty = $in->numberOr('duty', null);
        $share = $duty === null ? 1.0 : Check::between('duty', $duty, 0.05, 1);
        if ($duty !== null) {
            $out['buy_compressor_m3_min'] = round(AirSystem::compressorM3Min($bore, $pressure, $share), 4);
        }
        $compressor = $in->numberOr('compressor_m3_min', null);
        if ($compressor !== null) {
            $compressor = $share * Check::above('compressor_m3_min', $compressor, 0, 1000);
            $out += $duty === null ? [] : [
                'buy_bore_mm' => round(AirSystem::newBoreMm($pressure, $compressor), 4),
            ];
            $out += [
                'sustained_bar' => round(min($pressure, Nozzle::sustainedBar($bore, $compressor)), 4),
                'largest_bore_mm' => round(Nozzle::largestBoreMm($pressure, $compressor), 4),
            ];
        }
        $new = $in->numberOr('new_bore_mm', null);

        return $new === null
            ? $out
            : $out + ['wear_factor' => round(($bore / Check::above('new_bore_mm', $new, 0, $bore)) ** 2, 4)];
    }

    /** @return array<string, float|bool|string> */
    private function dewPoint(Node $in): array
    {
        $in->object(['air_c', 'rh_pct', 'metal_c', 'coast']);
        [$air, $humidity] = [$in->number('air_c'), $in->number('rh_pct')];
        $dew = DewPoint::celsius($air, $humidity);
        $out = [
            'dew_point_c' => round($dew, 3),
            'bare_steel_h' => BareSteelClock::hours($humidity, $in->find('coast')?->asFlag() ?? false),
        ];
        $metal = $in->numberOr('metal_c', null);
        if ($metal === null) {
            return $out;
        }
        $may = DewPoint::mayWork(Check::celsius('metal_c', $metal), $air, $humidity);

        return $out + [
            'may_blast' => $may,
            'why' => sprintf(
                $may
                    ? 'The metal is %.1f K above the dew point of %.1f C.'
                    : 'The metal is %.1f K from the dew point of %.1f C; it must be at least 3 K above.',
                $metal - $dew,
                $dew,
            ),
        ];
    }

    /** @return array<string, float|int> */
    private function pass(Node $in): array
    {
        $in->object(['flow_g_min', 'transfer', 'sg', 'pattern_mm', 'hand_mm_s', 'overlap', 'target_um']);
        $film = FilmPass::microns(
            $in->number('flow_g_min'),
            $in->number('transfer'),
            $in->number('sg'),
            $in->number('pattern_mm'),
            $in->number('hand_mm_s'),
            $in->numberOr('overlap', 0.0) ?? 0.0,
        );
        $target = $in->numberOr('target_um', null);

        return ['film_um' => round($film, 4)] +
            ($target === null
                ? []
                : ['passes' => (int) ceil(Check::above('target_um', $target, 0, 2000) / $film - 1e-9)]);
    }

    /** @return array<string, float|bool> */
    private function booth(Node $in): array
    {
        $in->object(['spray_g_min', 'air_m3_min', 'lel_g_m3']);
        $grams = BoothAir::gramsPerM3($in->number('spray_g_min'), $in->number('air_m3_min'));
        $limit = BoothAir::limit($in->numberOr('lel_g_m3', null));

        return ['g_m3' => round($grams, 4), 'limit_g_m3' => $limit, 'ok' => $grams < $limit];
    }

    /**
     * A comb reading on uncured powder as the film it becomes; with the first unmarked tooth given, reading_um is the
     * last marked one, and the answer has its standard uncertainty.
     *
     * @return array<string, float>
     */
    private function comb(Node $in): array
    {
        $in->object(['reading_um', 'next_um', 'shrink']);
        $reading = Check::above('reading_um', $in->number('reading_um'), 0, 5000);
        $shrink = Check::above('shrink', $in->numberOr('shrink', 0.55) ?? 0.55, 0, 1);
        $next = $in->numberOr('next_um', null);
        if ($next === null) {
            return ['cured_um' => round($reading * $shrink, 4)];
        }
        $comb = UncuredReading::comb($reading, $next, $shrink);

        return ['cured_um' => round($comb->curedUm, 4), 'sd_um' => round($comb->sdUm, 4)];
    }

    /** @return array<string, float> what a slot, a bore or a corner gets against the open face */
    private function recess(Node $in): array
    {
        $in->object(['kv', 'air', 'slot', 'bore', 'corner']);
        $kinds = array_values(array_filter(['slot', 'bore', 'corner'], $in->has(...)));
        if (count($kinds) !== 1) {
            throw InvalidInput::unreadable(
                $kinds[1] ?? 'slot',
                $kinds === [] ? 'is missing' : "is there beside {$kinds[0]}",
                'one of slot, bore, corner',
            );
        }
        $share = Recess::electricShare($in->number('kv'), $in->numberOr('air', 1.0) ?? 1.0);
        $of = $in->need($kinds[0], 'an object');
        $keys = [
            'slot' => ['width_mm', 'depth_mm'],
            'bore' => ['diameter_mm', 'depth_mm'],
            'corner' => ['angle_deg', 'from_mm', 'reach_mm'],
        ][$kinds[0]];
        $of->object($keys);
        $figures = array_map($of->number(...), $keys);
        $ratio = match ($kinds[0]) {
            'slot' => Recess::slot(...),
            'bore' => Recess::bore(...),
            'corner' => Recess::corner(...),
        };

        return [
            'electric_share' => round($share, 8),
            'ratio' => round($of->guard(fn (): float => $ratio($share, ...$figures)), 8),
        ];
    }

    /** @return array<string, float> */
    private function charge(Node $in): array
    {
        $in->object(['film_um', 'sg', 'under_um', 'q_m_uc_g', 'ua', 'wait_s', 'resistivity_ohm_m']);
        $charge = Charge::of(
            $in->number('film_um'),
            $in->number('sg'),
            $in->numberOr('under_um', 0.0) ?? 0.0,
            $in->numberOr('ua', 20.0) ?? 20.0,
            $in->numberOr('q_m_uc_g', Charge::USUAL_UC_G) ?? Charge::USUAL_UC_G,
            $in->numberOr('wait_s', 0.0) ?? 0.0,
            $in->numberOr('resistivity_ohm_m', Charge::USUAL_OHM_M) ?? Charge::USUAL_OHM_M,
        );

        return [
            'layer_v' => round($charge->layerV, 6),
            'film_v' => round($charge->filmV, 6),
            'breakdown_v' => round($charge->breakdownV, 6),
            'index' => round($charge->index, 8),
            'drain_s' => round($charge->drainS ?? 0.0, 6),
        ];
    }

    /** @return array<string, float> */
    private function stripes(Node $in): array
    {
        $in->object(['pattern_mm', 'overlap']);
        $stripes = Stripes::of($in->number('pattern_mm'), $in->numberOr('overlap', 0.0) ?? 0.0);

        return ['spacing_mm' => round($stripes->spacingMm, 6), 'ripple' => round($stripes->ripple, 8)];
    }

    /** @return array<string, float|int|bool|string|null> readings against a band, and how many more settle them */
    private function film(Node $in): array
    {
        $in->object(['readings_um', 'band_um', 'way', 'nominal_um', 'area_m2']);
        $microns = array_map(
            fn (Node $one): float => Check::above($one->place, $one->asNumber(), 0, FilmReadings::THICKEST_UM),
            $in->need('readings_um', 'a list of readings')->list(1, FilmReadings::MOST),
        );
        $band = array_map(
            fn (Node $one): float => $one->asNumber(),
            $in->need('band_um', 'the lower and the upper limit')->list(2, 2),
        );
        $judged = FilmJudgement::of(
            FilmReadings::of($microns),
            $band[0],
            $band[1],
            $in->find('way')?->enum(FilmCriterion::class) ?? FilmCriterion::Plain,
            $in->numberOr('nominal_um', null),
            $in->numberOr('area_m2', null),
        );
        $spots = $judged->spotsWanted === 0 ? [] : [
            'spots' => count($judged->spots),
            'spots_wanted' => $judged->spotsWanted,
        ];

        return [
            'n' => $judged->film->n,
            'mean_um' => round($judged->film->mean, 8),
            'deviation_um' => $judged->film->deviation === null ? null : round($judged->film->deviation, 8),
            'least_um' => $judged->film->least,
            'most_um' => $judged->film->most,
            'ok' => $judged->ok,
            'more' => $judged->more,
        ] + $spots + ($judged->why() === null ? [] : ['why' => $judged->why()]);
    }

    /** @return array<string, float> how far two colours lie apart */
    private function deltaE(Node $in): array
    {
        $in->object(['lab1', 'lab2']);
        $lab = function (string $key) use ($in): array {
            [$l, $a, $b] = $in->need($key, 'L*, a* and b*')->list(3, 3);

            return [$l->asNumber(), $a->asNumber(), $b->asNumber()];
        };
        $apart = DeltaE::between($lab('lab1'), $lab('lab2'));

        return ['de76' => round($apart->de76, 8), 'de00' => round($apart->de00, 8)];
    }
}
