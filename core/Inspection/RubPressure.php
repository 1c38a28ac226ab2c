<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

/** How hard the cloth was pressed; pressed hard, a rub takes off a film that is cured. */
enum RubPressure: string
{
    case Light = 'light';
    case Firm = 'firm';
    case Hard = 'hard';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Light => 'light',
            self::Firm => 'firm, about a kilogram on the finger',
            self::Hard => 'hard',
        };
    }

    /** Whether the result can be trusted where it is a bad one. */
    public function tellsOfHarm(): bool
    {
        return $this !== self::Hard;
    }
}
