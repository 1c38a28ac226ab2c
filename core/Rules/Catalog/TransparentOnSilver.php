<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\Effect;

final class TransparentOnSilver extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'transparent-on-silver',
            Group::Order,
            Severity::Warn,
            'A transparent colour shows what is below it: without silver it is dull, over anything uneven it '
                .'is stained.',
            'A silver base under it, evenly laid: the shade follows the film.',
            self::PRACTICE,
            [Checkpoint::Counter],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        foreach ($plan->facts->coats as $n => $coat) {
            $below = $plan->facts->coats[$n - 1] ?? null;
            if ($coat->effect === Effect::Transparent && $below?->effect->hasFlake() !== true) {
                return 'coat '.($n + 1).' is transparent, and no silver lies below it';
            }
        }

        return null;
    }
}
