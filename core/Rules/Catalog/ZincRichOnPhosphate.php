<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\SurfaceLedger;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Surface\Key;
use Aenum\Core\Surface\Layer;

/** A zinc-rich primer on steel that is not blasted or etched, or that carries phosphate. */
final class ZincRichOnPhosphate extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'zinc-rich-on-phosphate',
            Group::Order,
            Severity::Stop,
            'Zinc protects steel only where it touches it: phosphate or smooth metal under it keeps it from working.',
            'Blast or etch the steel and leave the phosphate out.',
            self::PRACTICE,
            [Checkpoint::Route, Checkpoint::Coat],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PlannedRouting, Remedy::CleanAgain];
    }

    public function applies(PartRouting $plan): ?string
    {
        $zincRich = ($plan->facts->coats[0] ?? null)?->zincRich === true && $plan->facts->part->family()->rusts();
        $surface = $zincRich ? SurfaceLedger::beforePowder($plan) : null;

        return match (true) {
            // On plating another rule stops it.
            $surface === null || $surface->has(Layer::Plating) => null,
            $surface->has(Layer::Phosphate, Layer::PhosphateOverRust) => 'the zinc-rich primer goes on phosphate',
            $surface->films() !== [] || $surface->has(Layer::Converter) => 'the zinc-rich primer goes on '
                .$surface->words(),
            in_array($surface->key, [Key::None, Key::Abraded], true) => 'the zinc-rich primer goes on steel that is '
                .'neither blasted nor etched',
            default => null,
        };
    }
}
