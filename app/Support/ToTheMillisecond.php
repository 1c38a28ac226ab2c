<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Database\MariaDbConnection;
use Illuminate\Database\Query\Grammars\MariaDbGrammar;

/** The database, told moments to the millisecond: in what is written, and in what is asked. */
final class ToTheMillisecond extends MariaDbConnection
{
    protected function getDefaultQueryGrammar(): MariaDbGrammar
    {
        return new class($this) extends MariaDbGrammar
        {
            public function getDateFormat(): string
            {
                return 'Y-m-d H:i:s.v';
            }
        };
    }
}
