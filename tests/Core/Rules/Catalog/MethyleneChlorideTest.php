<?php

declare(strict_types=1);

namespace Tests\Core\Rules\Catalog;

use Tests\Core\Rules\RuleTestCase;

/** Methylene chloride asks for supplied air, laminate gloves and a name. */
final class MethyleneChlorideTest extends RuleTestCase
{
    /** {@inheritDoc} */
    public static function cases(): array
    {
        return [
            'methylene chloride gel' => [true, ['steps' => [['step' => 'strip_chemical', 'agent' => 'dcm_gel']]]],
            'benzyl alcohol' => [false, self::routed([], 'strip_chemical')],
        ];
    }
}
