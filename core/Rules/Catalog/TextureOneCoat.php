<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\Effect;

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
            [Checkpoint::Counter],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        foreach ($plan->facts->coats as $n => $coat) {
            if ($coat->effect === Effect::Textured && isset($plan->facts->coats[$n + 1])) {
                return 'a coat is planned on the texture of coat '.($n + 1);
            }
        }

        return null;
    }
}
