<?php

declare(strict_types=1);

namespace App\Actions\Blast;

use Aenum\Core\Blast\AirSystem;
use Aenum\Core\Blast\BlastPlan;
use Aenum\Core\Blast\MediaCatalogue;
use Aenum\Core\Blast\MediaChoice;
use Aenum\Core\Blast\ShopFactor;
use Aenum\Core\Route\StepKind;
use App\Actions\Route\PartRoute;
use App\Models\Entry;
use App\Models\Shop;
use App\Support\ThisRequest;

/** The blast of one part with this shop's air, as planned. */
final readonly class BlastOfPart
{
    /** Where the shop has not said what it has. */
    private const USUAL = ['compressor_bar' => 8.0, 'air_hose_m' => 10.0, 'air_hose_mm' => 25.0, 'blast_hose_m' => 8.0, 'blast_hose_mm' => 25.0];

    /** The latest logs are the shop as it is now. */
    private const LOGS_THAT_COUNT = 60;

    private const THIN_BAR = 3.0;

    private const USUAL_BAR = 6.0;

    /** Galvanising is swept, not blasted. */
    private const SWEEP_BAR = 2.5;

    /** @param  list<MediaChoice>  $choices */
    private function __construct(public PartRoute $route, public array $choices, public string $media, public AirSystem $air, public BlastPlan $plan, public ShopFactor $factor, public float $mixture, public string $access)
    {
    }

    /** @param  array{media?: ?string, bar?: ?float, mixture?: ?float, access?: ?string}  $set  what the person has turned, over what the part says */
    public static function of(PartRoute $route, array $set = []): self
    {
        $shop = Shop::current();
        $facts = $route->facts;
        $air = ($shop->air ?? []) + self::USUAL;
        $wanted = $set['bar'] ?? $facts->blast->pressureBar ?? match (true) {
            $facts->part->metal === 'galvanised_steel' => self::SWEEP_BAR,
            (MediaChoice::wallMm($facts) ?? INF) < MediaChoice::THIN_MM => self::THIN_BAR,
            default => self::USUAL_BAR,
        };
        $bore = $facts->equipment->nozzleMm ?? BlastPlan::REFERENCE_BORE_MM;
        $choices = MediaChoice::rank($facts, self::onIt($route), $wanted);
        $media = $set['media'] ?? $facts->blast->media ?? self::fromTheShop($choices, $facts->part->metal);
        $system = AirSystem::solve(
            $facts->equipment->compressorM3Min ?? \Aenum\Core\Blast\Nozzle::freeAirM3Min($bore, $wanted), $air['compressor_bar'], $bore, $air['nozzle_new_mm'] ?? $bore, $wanted,
            [$air['air_hose_m'], $air['air_hose_mm']], [$air['blast_hose_m'], $air['blast_hose_mm']],
        );
        $factor = ThisRequest::once('blast factor', self::factor(...));
        $mixture = $set['mixture'] ?? MediaCatalogue::bestMixture($media);
        $access = $set['access'] ?? ($facts->part->has('recesses') ? 'some_recesses' : 'open');

        return new self($route, $choices, $media, $system, BlastPlan::of($media, $facts->part->metal, self::onIt($route), max(1e-4, $facts->part->count * ($facts->part->areaM2 ?? 0.5)), $bore, $system->nozzleBar, $mixture, $access, $factor), $factor, $mixture, $access);
    }

    /**
     * The best medium the shop has and may use as it is, where it does at least half as well as the best there is.
     *
     * @param  list<MediaChoice>  $choices  the best first
     */
    private static function fromTheShop(array $choices, string $metal): string
    {
        $inUse = array_column(array_filter(ThisRequest::once('media', MediaLog::all(...)), fn (MediaLog $log): bool => $log->warns($metal) === null), 'media');
        foreach ($choices as $choice) {
            if ($choice->allowed && in_array($choice->media, $inUse, true) && $choice->score >= $choices[0]->score / 2) {
                return $choice->media;
            }
        }

        return $choices[0]->media;
    }

    /** @return list<string> what is still on the part when it comes to the nozzle */
    public static function onIt(PartRoute $route): array
    {
        $stripped = $route->plan()->has(StepKind::StripChemical, StepKind::StripCaustic, StepKind::BurnOff);

        return array_values(array_filter($route->facts->part->onIt, fn (string $on): bool => $on !== 'grease' && (! $stripped || ! in_array($on, ['paint', 'two_part_paint', 'old_powder'], true))));
    }

    /** Media worn away on all pieces, kg; none where the route has no blast. */
    public static function mediaKg(PartRoute $route): float
    {
        return $route->plan()->has(StepKind::Blast, StepKind::SweepBlast) ? self::of($route)->plan->mediaKg : 0.0;
    }

    /** What the shop's logged blasts say. */
    public static function factor(): ShopFactor
    {
        $lines = Entry::of('blast');
        $lines->orderByDesc('id')->limit(self::LOGS_THAT_COUNT);

        return ShopFactor::from($lines->get()->map(fn (Entry $entry): array => [(float) $entry->figures['planned_min'], (float) $entry->figures['actual_min']])->values()->all());
    }
}
