<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

use Aenum\Core\Materials\MetalFamily;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Trade\StepKind;

/**
 * What goes between clean metal and powder: one answer, said at the counter, laid on the route and run on the wash
 * line.
 *
 * General practice of the trade; the chemical maker's sheet comes first.
 */
final readonly class Pretreatment
{
    /** @param  StepKind|null  $step  the bath that builds a layer; null for a wash or a wipe alone */
    private function __construct(public string $name, public string $why, public ?StepKind $step)
    {
    }

    /** What goes between metal and powder on this job. */
    public static function for(JobFacts $facts): self
    {
        $family = $facts->part->family();

        return match (true) {
            ! $facts->outdoors() => new self(
                'Blow off and solvent wipe',
                'Indoors a blasted, clean surface holds well enough.',
                null,
            ),
            $family === MetalFamily::LightAlloy => new self(
                'Clean, deoxidise, zirconium conversion, rinse, dry',
                'Outdoor aluminium gets a conversion coat; phosphate builds nothing on it.',
                StepKind::Conversion,
            ),
            $family === MetalFamily::Galvanised, $family === MetalFamily::Zinc => new self(
                'Sweep-blast, mild clean, conversion made for zinc, rinse, dry',
                'New zinc is slick and reacts with plain alkali; its own conversion coat holds the film.',
                StepKind::Conversion,
            ),
            $facts->part->carries(ArrivalCondition::Plating) => new self(
                'Blast lightly, sand, solvent wipe',
                'Plate takes no phosphate and no conversion coating.',
                null,
            ),
            ($facts->coats[0] ?? null)?->zincRich === true => new self(
                'Degrease, blast, wash, dry; no phosphate',
                'Zinc-rich primer protects steel only where it touches it: blasted or etched, never phosphated.',
                null,
            ),
            $family->rusts() => new self(
                'Degrease, rinse, iron phosphate, rinse, dry in the oven',
                'Outdoor steel gets iron phosphate: it keeps rust from creeping under a scratch.',
                StepKind::Phosphate,
            ),
            default => new self('Clean, rinse, dry', 'This metal needs no conversion coat to hold powder.', null),
        };
    }
}
