<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

final class FilmPastBand extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'film-past-band',
            Group::Equipment,
            Severity::Warn,
            'Past its band a film sags, gasses, and brings orange peel.',
            'Fewer passes, a faster hand, less powder.',
            self::PRACTICE,
            [Checkpoint::Coat],
        );
    }

    public function applies(PartRouting $plan): ?Message
    {
        $coat = $plan->floor->coat;

        return $coat?->thickUm !== null && $coat->thickUm > $coat->bandUm
            ? Message::of('the film comes to {film}; the sheet wants {most} at most', [
                'film' => Quantity::micron($coat->thickUm),
                'most' => Quantity::micron($coat->bandUm),
            ])
            : null;
    }
}
