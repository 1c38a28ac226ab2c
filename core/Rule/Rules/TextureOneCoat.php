<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\Effect;

final class TextureOneCoat extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'texture-one-coat',
            Group::Order,
            Severity::Note,
            'A second coat fills a texture up.',
            'A texture is the last coat, in one go; too thin loses the pattern.',
            self::PRACTICE,
            [Moment::Counter],
        );
    }

    public function applies(Plan $plan): ?string
    {
        foreach ($plan->facts->coats as $n => $coat) {
            if ($coat->effect === Effect::Textured && isset($plan->facts->coats[$n + 1])) {
                return 'a coat is planned on the texture of coat '.($n + 1);
            }
        }

        return null;
    }
}
