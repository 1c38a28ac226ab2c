<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** In which order faces are sprayed after the recesses; the first is the default. */
enum SprayOrder: string implements PolicyChoice
{
    case TopDown = 'top_down';
    case UndersideFirst = 'underside_first';
    case BackFirst = 'back_first';
    case CrossWise = 'cross_wise';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::TopDown => 'top down',
            self::UndersideFirst => 'underside first',
            self::BackFirst => 'back, sides, then the face',
            self::CrossWise => 'faces upright, then level',
        };
    }

    /** What choosing it means, in a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::TopDown => 'powder that falls gets a second chance below.',
            self::UndersideFirst => 'powder settles into lettering and upward faces last.',
            self::BackFirst => 'the face is done last and disturbed least.',
            self::CrossWise => 'stripes of one way are covered by the other.',
        };
    }
}
