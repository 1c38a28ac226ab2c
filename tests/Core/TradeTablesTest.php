<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;

/**
 * The trade's figures are pinned: whoever changes one changes it here as well, and says why.
 *
 * Written anew by: UPDATE_TABLES=1 vendor/bin/phpunit --filter TradeTablesTest
 */
final class TradeTablesTest extends TestCase
{
    private const PINNED = __DIR__.'/../cases/trade-tables.json';

    public function test_every_figure_is_the_one_that_was_checked(): void
    {
        $now = json_decode((string) json_encode(TradeTables::read(), self::FLAGS), true);
        if (getenv('UPDATE_TABLES') === '1') {
            file_put_contents(self::PINNED, json_encode($now, self::FLAGS | JSON_PRETTY_PRINT)."\n");
        }
        self::assertSame(json_decode((string) file_get_contents(self::PINNED), true), $now);
    }

    private const FLAGS = JSON_PRESERVE_ZERO_FRACTION
        | JSON_UNESCAPED_UNICODE
        | JSON_UNESCAPED_SLASHES
        | JSON_THROW_ON_ERROR;
}
