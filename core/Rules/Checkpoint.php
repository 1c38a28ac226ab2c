<?php

declare(strict_types=1);

namespace Aenum\Core\Rules;

/** When the book is asked. */
enum Checkpoint: string
{
    case Counter = 'counter';
    case Route = 'route';
    case Strip = 'strip';
    case Medium = 'medium';
    case Blast = 'blast';
    case BakeOut = 'bake_out';
    case Wash = 'wash';
    case MaskAndHang = 'mask_and_hang';
    case Coat = 'coat';
    case DoorShut = 'door_shut';

    /** As a person reads it. */
    public function label(): string
    {
        return match ($this) {
            self::Counter => 'at the counter',
            self::Route => 'on the route',
            self::Strip => 'at the strip bench',
            self::Medium => 'when a medium is picked',
            self::Blast => 'at the blast bench',
            self::BakeOut => 'at the bake-out bench',
            self::Wash => 'at the wash bench',
            self::MaskAndHang => 'at the mask and hang bench',
            self::Coat => 'before powder',
            self::DoorShut => 'when an oven\'s door shuts',
        };
    }
}
