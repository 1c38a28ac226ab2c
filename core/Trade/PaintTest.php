<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** What a test of old paint found. */
enum PaintTest: string
{
    case NotTested = 'not_tested';
    case None = 'none';
    case Lead = 'lead';
    case Chromate = 'chromate';
    case Both = 'lead_and_chromate';

    /** As a person reads it. */
    public function label(): string
    {
        return match ($this) {
            self::NotTested => 'not tested',
            self::None => 'tested: neither lead nor chromate',
            self::Lead => 'lead',
            self::Chromate => 'chromate',
            self::Both => 'lead and chromate',
        };
    }

    /** Something poisonous was found. */
    public function isPositive(): bool
    {
        return in_array($this, [self::Lead, self::Chromate, self::Both], true);
    }
}
