<?php

declare(strict_types=1);

namespace App\Routing\Queries;

use Aenum\Core\Thermal\Cooling;
use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Trade\PartFlag;
use App\Accounts\Models\Shop;
use App\Accounts\Models\User;
use App\Curing\Models\OvenResult;
use App\Intake\Models\Batch;
use App\Platform\Cache\RequestMemo;
use App\Platform\Clock\ShopClock;
use App\Platform\Errors\Refused;
use App\Platform\Presentation\Units;
use App\Routing\Models\LogLine;
use Carbon\CarbonImmutable;

/**
 * Estimates how hot pieces from an oven still are, for every station that touches them.
 *
 * Computed from the peak of the last bake for one piece in still air. A later measurement outranks it.
 */
final readonly class CoolingEstimate
{
    /** After this nothing the oven holds is warm, h. */
    private const COLD_AFTER_H = 12;

    private function __construct(
        public LoadItem $item,
        /** When the temperature it starts from was so: the pull, or the measurement. */
        public CarbonImmutable $from,
        public float $fromC,
        public float $roomC,
        public bool $isMeasured,
    ) {
    }

    /** The clock of a batch; null where no bake is on record or its weight and area are unknown. */
    public static function of(Batch $batch): ?self
    {
        return RequestMemo::once("cooling {$batch->id}", fn (): ?self => self::read($batch));
    }

    private static function read(Batch $batch): ?self
    {
        $part = $batch->part;
        $since = ShopClock::now()->subHours(self::COLD_AFTER_H);
        $part->loadMissing('ovenResults');
        $results = $part->ovenResults->filter(fn (OvenResult $one): bool => $one->at?->gt($since) === true)
            ->sortByDesc('at');
        if ($results->isEmpty() || $part->mass_kg === null || $part->area_m2 === null) {
            return null;
        }
        $past = BatchHistory::of($batch);
        $out = $results->first(fn (OvenResult $one): bool => $past->any($one->batch_id, $one->at));
        if ($out?->at === null || $out->peak_c === null) {
            return null;
        }
        $item = LoadItem::of($part->name, 1, $part->metalKind(), $part->mass_kg, $part->area_m2);
        $room = Shop::current()->ambient_c;
        $read = $part->logged(MetalTemperature::KIND)->first(
            fn (LogLine $one): bool => $one->at->gte($out->at) && $past->any($one->batch_id, $one->at),
        );
        $celsius = $read?->figure('celsius');

        return $read === null || $celsius === null
            ? new self($item, $out->at, $out->peak_c, $room, false)
            : new self($item, $read->at, $celsius, $room, true);
    }

    /** Metal now, °C; never under the room. */
    public function celsius(): float
    {
        $seconds = $this->from->diffInMilliseconds(ShopClock::now()) / 1000;
        if ($this->fromC <= $this->roomC || $seconds <= 0) {
            return $this->fromC;
        }

        return Cooling::toldC($this->item, $this->fromC, $this->roomC, $seconds);
    }

    /** The moment it can be handled. */
    public function handleAt(): CarbonImmutable
    {
        return $this->from->addMilliseconds((int) round(60000 * Cooling::toldMinutes(
            $this->item,
            $this->fromC,
            $this->roomC,
            Cooling::handleC($this->roomC),
        )));
    }

    public function isHot(): bool
    {
        return ShopClock::now()->lt($this->handleAt());
    }

    /** @throws Refused where the pieces are too hot for a hand, a solvent or a gauge */
    public static function refuseHot(Batch $batch, string $field, string $what): void
    {
        $clock = self::of($batch);
        if ($clock?->isHot() === true) {
            throw Refused::because([$field => sprintf(
                '%s is at about %s: no %s before %s, or enter a measured temperature first.',
                ucfirst($batch->partName()),
                Units::current()->temp($clock->celsius()),
                $what,
                ShopClock::time($clock->handleAt()),
            )]);
        }
    }

    /**
     * Records what a contact or infrared thermometer reads on the metal.
     *
     * @throws Refused where it neither came out of an oven lately nor in from the cold
     */
    public static function measured(Batch $batch, User $by, float $celsius): void
    {
        $fromCold = $batch->part->traits->contains('word', PartFlag::FromCold->value);
        if (self::of($batch) === null && ! $fromCold) {
            throw Refused::because([
                'metal' => ucfirst($batch->partName()).' has not been in an oven in the last '.self::COLD_AFTER_H.' h.',
            ]);
        }
        MetalTemperature::write($batch, $celsius, $by);
    }
}
