<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** Whether what the shop learns is told by person as well; the first is the default. */
enum InspectorPolicy: string implements PolicyChoice
{
    case NotByPerson = 'not_by_person';
    case ByPerson = 'by_person';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::NotByPerson => 'not by person',
            self::ByPerson => 'by person too',
        };
    }

    /** What choosing it means, in a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::NotByPerson => 'faults are looked for in powder, metal, oven and air; nobody is counted.',
            self::ByPerson => 'who sprayed is counted as well: agree on it with those who are.',
        };
    }
}
