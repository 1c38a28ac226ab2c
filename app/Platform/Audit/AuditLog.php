<?php

declare(strict_types=1);

namespace App\Platform\Audit;

use App\Catalog\Models\CureScheduleRow;
use App\Catalog\Models\ShopPolicy;
use App\Platform\Clock\EffectiveTime;
use App\Platform\Clock\ShopClock;
use App\Platform\Concurrency\OwnerResolver;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\ConnectionEvent;
use Illuminate\Database\Events\TransactionCommitted;
use Illuminate\Database\Events\TransactionCommitting;
use Illuminate\Database\Events\TransactionRolledBack;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Throwable;

/** Records every change of every model in the transaction that makes it. */
final class AuditLog
{
    private const OF_NO_INTEREST = ['id', 'created_at', 'updated_at'];

    /** Kept as known or not, never as what they are. */
    private const SECRETS = ['password', 'pin', 'remember_token', 'code', 'session_mark', 'mark', 'signature',
        'token'];

    /** A longer value is named by its length; the row itself has it. */
    private const LONGEST = 1000;

    /** So many entries go into one statement: an import of thousands stays below the longest statement allowed. */
    private const AT_ONCE = 500;

    private static bool $isAnnounced = false;

    private static int $around = 0;

    /** @var list<array{int, array<string, mixed>}> to be written: how deep in transactions each was made, and it */
    private static array $entries = [];

    /** How many transactions are around everything: a test runs in one that is never committed. */
    public static function runsInside(int $transactions): void
    {
        self::$around = $transactions;
    }

    public static function listen(): void
    {
        self::$around = 0;
        self::$entries = [];
        self::$isAnnounced = false;
        Event::listen(TransactionRolledBack::class, self::onRollback(...));
        Event::listen(TransactionCommitting::class, static function (TransactionCommitting $event): void {
            self::isOurs($event) ? self::writeOrRollBack() : null;
        });
        Event::listen(TransactionCommitted::class, self::onCommit(...));
        foreach (['created', 'updated', 'deleted'] as $what) {
            Event::listen("eloquent.{$what}: *", function (string $event, array $rows) use ($what): void {
                foreach ($rows as $row) {
                    $row instanceof Model ? self::keep($what, $row) : null;
                }
            });
        }
    }

    private static function isOurs(ConnectionEvent $event): bool
    {
        return $event->connectionName === DB::getDefaultConnection();
    }

    /** What a transaction within another made goes with it, or is written once no more than one is open. */
    private static function onCommit(TransactionCommitted $event): void
    {
        $level = $event->connection->transactionLevel();
        if (! self::isOurs($event)) {
            return;
        }
        foreach (self::$entries as $n => [$made]) {
            self::$entries[$n][0] = min($made, $level);
        }
        $level === max(1, self::$around) ? self::write() : null;
    }

    private static function onRollback(TransactionRolledBack $event): void
    {
        $level = $event->connection->transactionLevel();
        if (self::isOurs($event)) {
            self::$isAnnounced = false;
            self::$entries = array_values(array_filter(self::$entries, fn (array $one): bool => $one[0] <= $level));
        }
    }

    /** Fires ShopChanged once after the transaction, however many rows it changes. */
    private static function announce(): void
    {
        if (! self::$isAnnounced) {
            self::$isAnnounced = true;
            DB::afterCommit(static function (): void {
                self::$isAnnounced = false;
                event(new ShopChanged);
            });
        }
    }

    private static function keep(string $what, Model $row): void
    {
        [$before, $after] = match ($what) {
            'created' => [null, self::plain($row->getAttributes())],
            'deleted' => [self::plain($row->getRawOriginal()), null],
            default => self::changed($row),
        };
        if ($row instanceof AuditEntry || ($before ?? []) + ($after ?? []) === []) {
            return;
        }
        self::$entries[] = [DB::transactionLevel(), [
            'at' => ShopClock::recorded()->format('Y-m-d H:i:s.v'),
            'user_id' => Auth::id() ?? ($what === 'created' ? $row->getAttributes()['user_id'] ?? null : null),
            'from_where' => Auth::id() === null ? null : request()->ip(),
            'row_table' => self::home($row)[0],
            'row_id' => self::home($row)[1],
            'what' => $what,
            'before' => self::json($before),
            'after' => self::json($after),
            'job_id' => OwnerResolver::job($row),
            'oven_id' => OwnerResolver::oven($row),
            'waited_s' => EffectiveTime::now() <= 0 ? null : intdiv(EffectiveTime::now(), 1000),
        ]];
        DB::transactionLevel() === self::$around ? self::write() : null;
        self::announce();
    }

    /** Writes what was kept, with one statement where it is not very much, in the transaction that it is about. */
    private static function write(): void
    {
        $entries = array_column(self::$entries, 1);
        self::$entries = [];
        foreach (array_chunk($entries, self::AT_ONCE) as $some) {
            DB::table('audit_entries')->insert($some);
        }
    }

    /** An entry that cannot be written takes with it what it tells of. */
    private static function writeOrRollBack(): void
    {
        try {
            self::write();
        } catch (Throwable $e) {
            DB::connection()->getPdo()->rollBack();
            throw $e;
        }
    }

    /**
     * The row it is told of: a row of a powder's sheet is told of the powder, a house way of the shop.
     *
     * @return array{string, int}
     */
    private static function home(Model $row): array
    {
        return match (true) {
            $row instanceof CureScheduleRow => ['powders', (int) $row->getAttributeValue('powder_id')],
            $row instanceof ShopPolicy => ['shops', 1],
            default => [$row->getTable(), (int) $row->getKey()],
        };
    }

    /** @return array{array<string, mixed>, array<string, mixed>} */
    private static function changed(Model $row): array
    {
        $after = self::plain($row->getChanges());
        $before = array_intersect_key(self::plain($row->getRawOriginal(), nulls: true), $after);

        return [$before, $after];
    }

    /**
     * @param  array<string, mixed>  $values
     * @return array<string, mixed>
     */
    private static function plain(array $values, bool $nulls = false): array
    {
        $values = array_diff_key($values, array_flip(self::OF_NO_INTEREST));
        foreach ($values as $column => $value) {
            $values[$column] = match (true) {
                $value === null => null,
                in_array($column, self::SECRETS, true) => 'set',
                $value instanceof \BackedEnum => $value->value,
                $value instanceof \DateTimeInterface => $value->format('Y-m-d H:i:s.v'),
                is_string($value) && strlen($value) > self::LONGEST => strlen($value).' bytes',
                default => $value,
            };
        }

        return $values;
    }

    /** @param  array<string, mixed>|null  $values */
    private static function json(?array $values): ?string
    {
        return $values === null ? null : json_encode($values, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }
}
