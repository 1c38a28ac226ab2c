<?php

declare(strict_types=1);

namespace Aenum\Core\Advice;

use Aenum\Core\Materials\MetalFamily;
use Aenum\Core\Preparation\Pretreatment\Bath;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\RouteTimes;
use Aenum\Core\Trade\Feature;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Trade\WashMethod;

/**
 * The wash line for one part, stage by stage, as its route asks for it. General practice, unverified; the chemical
 * maker's sheet comes first.
 */
final readonly class WashLine
{
    /** Alkali on zinc bites: no longer than this in the cleaner, min. */
    private const ZINC_CLEAN_MIN = 3.0;

    private const CLEAN_MIN = 10.0;

    /**
     * @param  list<WashStage>  $stages
     * @param  float|null  $dryC  part metal; null where nothing gets wet
     */
    private function __construct(
        public string $name,
        public string $why,
        public array $stages,
        public ?float $dryC,
        public ?float $dryMinutes,
    ) {
    }

    /** The line for a part as it is planned. */
    public static function for(PartRouting $plan): self
    {
        $zinc = in_array($plan->facts->part->family(), [MetalFamily::Galvanised, MetalFamily::Zinc], true);

        return match (true) {
            $plan->has(StepKind::Phosphate) => self::wet(
                $plan,
                'Iron phosphate line',
                'Steel that lives outdoors: the phosphate keeps rust from creeping.',
                [self::clean(), self::rinse(1), self::phosphate(), self::lastRinse(2)],
            ),
            $plan->has(StepKind::Conversion) && $zinc => self::wet(
                $plan,
                'Conversion line for zinc',
                'Zinc that lives outdoors: a mild clean, then a layer made for it.',
                [
                    self::clean(self::ZINC_CLEAN_MIN),
                    self::rinse(1),
                    self::convert('zinc_conversion'),
                    self::lastRinse(2),
                ],
            ),
            $plan->has(StepKind::Conversion) => self::wet(
                $plan,
                'Conversion line for light metal',
                'Aluminium that lives outdoors: phosphate would build nothing on it.',
                [
                    self::clean(),
                    self::rinse(1),
                    self::deoxidise(),
                    self::rinse(2),
                    self::convert('zirconium'),
                    self::lastRinse(3),
                ],
            ),
            $plan->has(StepKind::Wash) => self::wet(
                $plan,
                'Detergent wash',
                $zinc ? 'A mild wash only: strong alkali bites zinc.' : 'Salts and dust off, nothing built up.',
                [self::clean($zinc ? self::ZINC_CLEAN_MIN : self::CLEAN_MIN), self::rinse(1), self::lastRinse(2)],
            ),
            default => self::dry(),
        };
    }

    /** @param  list<WashStage>  $stages */
    private static function wet(PartRouting $plan, string $name, string $why, array $stages): self
    {
        $seams = $plan->facts->part->has(Feature::Seams);
        $celsius = RouteTimes::DRY_OFF_C;
        $minutes = $seams ? RouteTimes::DRY_OFF_SEAMS_MIN : RouteTimes::DRY_OFF_MIN;
        foreach ($plan->all(StepKind::DryOff) as $step) {
            $celsius = $step->celsius ?? $celsius;
            $minutes = max($minutes, $step->holdMinutes ?? 0.0);
        }

        $spray = $plan->facts->house->wash === WashMethod::Spray;
        $stages = $spray ? array_map(fn (WashStage $stage): WashStage => $stage->sprayed(), $stages) : $stages;

        return new self($spray ? "{$name}, sprayed" : $name, $why, $stages, $celsius, $minutes);
    }

    private static function dry(): self
    {
        return new self(
            'Blow off and solvent wipe',
            'Freshly blasted and for indoors: no water, no bath.',
            [
                new WashStage(
                    'blow',
                    'Blow off, seams and threads last',
                    null,
                    1,
                    null,
                    'Dust under the film shows as seeds.',
                ),
                new WashStage(
                    'wipe',
                    'Solvent wipe, a fresh lint-free cloth each time',
                    null,
                    2,
                    null,
                    'Finger grease makes fisheyes.',
                ),
                new WashStage(
                    'flash',
                    'Let it flash off',
                    null,
                    RouteTimes::FLASH_OFF,
                    null,
                    'Solvent left in seams gasses through the film, and is vapour in the oven.',
                ),
            ],
            null,
            null,
        );
    }

    /** Minutes of all stages, at the least dwell, and the dry-off. */
    public function minutes(): float
    {
        $stages = array_sum(array_map(fn (WashStage $stage): float => $stage->least, $this->stages));

        return $stages + ($this->dryMinutes ?? 0.0);
    }

    /**
     * The stages and the dry-off as one list of clocks.
     *
     * @return list<WashStage>
     */
    public function clocks(): array
    {
        $why = 'Counted from when the metal is at temperature; seams hold water longest.';

        return $this->dryMinutes === null
            ? $this->stages
            : [...$this->stages, new WashStage('dry', 'Dry in the oven', null, $this->dryMinutes, null, $why)];
    }

    /** The step of a route that is done when a stage of this line is; null where it is only on the way there. */
    public function closes(string $key): ?StepKind
    {
        $rinses = array_filter($this->stages, fn (WashStage $stage): bool => str_starts_with($stage->key, 'rinse-'));
        $lastRinse = $rinses === [] ? null : end($rinses)->key;

        return match ($key) {
            'clean' => StepKind::Wash,
            'phosphate' => StepKind::Phosphate,
            'convert' => StepKind::Conversion,
            'flash' => StepKind::SolventWipe,
            'dry' => StepKind::DryOff,
            $lastRinse => StepKind::Rinse,
            default => null,
        };
    }

    private static function clean(float $most = self::CLEAN_MIN): WashStage
    {
        return new WashStage(
            'clean',
            'Clean',
            Bath::get('alkaline_cleaner'),
            min(3, $most),
            $most,
            'Water must sheet off without beading before it goes on.',
            'It dries on and stains.',
        );
    }

    private static function rinse(int $nth): WashStage
    {
        return new WashStage(
            "rinse-{$nth}",
            'Rinse',
            Bath::get('rinse'),
            1,
            5,
            'So that the next bath stays what it is.',
            'Bare metal stains in standing water.',
        );
    }

    private static function lastRinse(int $nth): WashStage
    {
        return new WashStage(
            "rinse-{$nth}",
            'Last rinse',
            Bath::get('last_rinse'),
            1,
            5,
            'Salts left now are under the film for good.',
            'Bare metal stains in standing water.',
        );
    }

    private static function phosphate(): WashStage
    {
        return new WashStage(
            'phosphate',
            'Iron phosphate',
            Bath::get('iron_phosphate'),
            2,
            6,
            'Until the steel is an even blue to gold.',
            'White bloom: a loose layer that powder peels from. Wipe it off and do it again, shorter.',
        );
    }

    private static function deoxidise(): WashStage
    {
        return new WashStage(
            'deoxidise',
            'Deoxidise',
            Bath::get('deoxidiser'),
            1,
            3,
            'The old oxide comes off, so that the conversion coat grows on metal.',
            'It etches and leaves smut.',
        );
    }

    private static function convert(string $bath): WashStage
    {
        return new WashStage(
            'convert',
            Bath::get($bath)->name,
            Bath::get($bath),
            1,
            3,
            'A layer thinner than a film of oil; there may be nothing to see.',
            'It goes loose and powdery.',
        );
    }
}
