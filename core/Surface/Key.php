<?php

declare(strict_types=1);

namespace Aenum\Core\Surface;

/** What gave the surface its key, so that the next layer can grip; the last one counts. */
enum Key: string
{
    case None = 'none';
    case Swept = 'swept';
    case Blasted = 'blasted';
    case Abraded = 'abraded';
    case Etched = 'etched';

    /** As a person reads it; empty where nothing was done. */
    public function label(): string
    {
        return $this === self::None ? '' : $this->value;
    }
}
