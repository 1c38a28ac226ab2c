<?php

declare(strict_types=1);

namespace Aenum\Core\Pretreat;

use Aenum\Core\Route\RouteTimes;
use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Plan;

/** The wash line for one part, stage by stage, as its route asks for it. General practice; the chemical maker's sheet comes first. */
final readonly class WashLine
{
    /** @param  list<Stage>  $stages */
    private function __construct(public string $name, public string $why, public array $stages, public ?float $dryC, public ?float $dryMinutes)
    {
    }

    public static function for(Plan $plan): self
    {
        $part = $plan->facts->part;
        $seams = $part->has('seams');
        [$dryC, $dry] = [RouteTimes::DRY_OFF_C, $seams ? RouteTimes::DRY_OFF_SEAMS_MIN : RouteTimes::DRY_OFF_MIN];
        foreach ($plan->all(StepKind::DryOff) as $step) {
            [$dryC, $dry] = [$step->celsius ?? $dryC, max($dry, $step->holdMinutes ?? 0)];
        }

        return match (true) {
            $plan->has(StepKind::Phosphate) => new self('Iron phosphate line', 'Steel that lives outdoors: the phosphate keeps rust from creeping.', [self::clean(), self::rinse('rinse-1', 'rinse'), self::phosphate(), self::rinse('rinse-2', 'last_rinse')], $dryC, $dry),
            $plan->has(StepKind::Conversion) => new self('Conversion line for light metal', 'Aluminium that lives outdoors: phosphate would build nothing on it.', [self::clean(), self::rinse('rinse-1', 'rinse'), self::deoxidise(), self::rinse('rinse-2', 'rinse'), self::convert(), self::rinse('rinse-3', 'last_rinse')], $dryC, $dry),
            $plan->has(StepKind::Wash) => new self('Detergent wash', $part->metal === 'galvanised_steel' ? 'A mild wash only: strong alkali bites zinc.' : 'Salts and dust off, nothing built up.', [self::clean($part->metal === 'galvanised_steel' ? 3 : 10), self::rinse('rinse-1', 'rinse'), self::rinse('rinse-2', 'last_rinse')], $dryC, $dry),
            default => new self('Blow off and solvent wipe', 'Freshly blasted and for indoors: no water, no bath.', [
                new Stage('blow', 'Blow off, seams and threads last', null, 1, null, 'Dust under the film shows as seeds.', ''),
                new Stage('wipe', 'Solvent wipe, a fresh lint-free cloth each time', null, 2, null, 'Finger grease makes fisheyes.', ''),
                new Stage('flash', 'Let it flash off', null, 5, null, 'Solvent left in seams gasses through the film.', ''),
            ], null, null),
        };
    }

    /** Minutes of all stages, at the least dwell, and the dry-off. */
    public function minutes(): float
    {
        return array_sum(array_map(fn (Stage $stage): float => $stage->least, $this->stages)) + ($this->dryMinutes ?? 0.0);
    }

    /**
     * The stages and the dry-off as one list of clocks.
     *
     * @return list<Stage>
     */
    public function clocks(): array
    {
        return $this->dryMinutes === null ? $this->stages : [...$this->stages, new Stage('dry', 'Dry in the oven', null, $this->dryMinutes, null, 'Counted from when the metal is at temperature; seams hold water longest.', '')];
    }

    private static function clean(float $most = 10): Stage
    {
        return new Stage('clean', 'Clean', 'alkaline_cleaner', min(3, $most), $most, 'Water must sheet off without beading before it goes on.', 'It dries on and stains.');
    }

    private static function rinse(string $key, string $bath): Stage
    {
        return new Stage($key, $bath === 'last_rinse' ? 'Last rinse' : 'Rinse', $bath, 1, 5, $bath === 'last_rinse' ? 'Salts left now are under the film for good.' : 'So that the next bath stays what it is.', 'Bare steel flash-rusts in standing water.');
    }

    private static function phosphate(): Stage
    {
        return new Stage('phosphate', 'Iron phosphate', 'iron_phosphate', 2, 6, 'Until the steel is an even blue to gold.', 'White bloom: a loose layer that powder peels from. Wipe it off and do it again, shorter.');
    }

    private static function deoxidise(): Stage
    {
        return new Stage('deoxidise', 'Deoxidise', 'deoxidiser', 1, 3, 'The old oxide comes off, so that the conversion coat grows on metal.', 'It etches and leaves smut.');
    }

    private static function convert(): Stage
    {
        return new Stage('convert', 'Zirconium conversion', 'zirconium', 1, 3, 'A layer thinner than a film of oil; there may be nothing to see.', 'It goes loose and powdery.');
    }
}
