<?php

declare(strict_types=1);

namespace App\Platform\Database;

use Closure;
use Illuminate\Database\MariaDbConnection;
use Illuminate\Database\Query\Grammars\MariaDbGrammar;
use Illuminate\Database\QueryException;

/**
 * The database connection: times with milliseconds; a single statement outside a transaction is retried on a write
 * conflict. Transactions are retried as a whole by the code that began them.
 */
final class ShopConnection extends MariaDbConnection
{
    private const TRIES = 5;

    /** So long after a request came in no other database is asked, s. */
    private const PATIENCE_S = 8.0;

    /**
     * @param  string  $query
     * @param  array<int|string, mixed>  $bindings
     */
    protected function handleQueryException(QueryException $e, $query, $bindings, Closure $callback): mixed
    {
        for ($try = 1; $try < self::TRIES && $this->goesAgain($e); $try++) {
            try {
                return $this->runQueryCallback($query, $bindings, $callback);
            } catch (QueryException $again) {
                $e = $again;
            }
        }

        return parent::handleQueryException($e, $query, $bindings, $callback);
    }

    private function goesAgain(QueryException $e): bool
    {
        $cause = $this->transactions === 0 ? DatabaseFault::in($e) : null;
        if ($cause === DatabaseFault::WaitedInVain) {
            if (config('app.node') === null || LostConnections::secondsSinceRequest() > self::PATIENCE_S) {
                return false;
            }
            // In a cluster: the database that was asked has fallen behind the others. Another is asked.
            $this->reconnect();
        }

        return in_array($cause, [DatabaseFault::Met, DatabaseFault::WaitedInVain], true);
    }

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
