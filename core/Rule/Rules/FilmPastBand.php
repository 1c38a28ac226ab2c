<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;

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
            [Moment::Coat],
        );
    }

    public function applies(Plan $plan): ?Said
    {
        $coat = $plan->floor->coat;

        return $coat?->thickUm !== null && $coat->thickUm > $coat->bandUm
            ? Said::of('the film comes to {film}; the sheet wants {most} at most', [
                'film' => Quantity::micron($coat->thickUm),
                'most' => Quantity::micron($coat->bandUm),
            ])
            : null;
    }
}
