<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Platform\Backup\Photos;
use App\Platform\Cache\SingleFlightCache;
use App\Platform\Database\DatabaseFault;
use App\Platform\Database\DatabaseFilesystemAdapter;
use App\Platform\Database\TransactionRetrier;
use App\Platform\Errors\ErrorPages;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use PDOException;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;

/** What a shop on more than one machine leans on: faults by name, all in one go, photos as rows, one computation. */
final class ManyMachinesTest extends ShopTestCase
{
    private static function fault(int $number, string $says = 'no'): PDOException
    {
        $defect = new PDOException($says);
        $defect->errorInfo = ['HY000', $number, $says];

        return $defect;
    }

    /** @return array<string, array{int, ?DatabaseFault, bool}> */
    public static function numbers(): array
    {
        return [
            'deadlock' => [1213, DatabaseFault::Met, true],
            'waited' => [1205, DatabaseFault::WaitedInVain, false],
            'gone' => [2006, DatabaseFault::Gone, true],
            'cut off' => [1047, DatabaseFault::CutOff, true],
            'full' => [1114, DatabaseFault::NoRoom, false],
            'another' => [1064, null, false],
        ];
    }

    #[DataProvider('numbers')]
    public function test_faults_of_the_database_are_known_by_their_numbers(
        int $number,
        ?DatabaseFault $is,
        bool $passes,
    ): void {
        $wrapped = new RuntimeException('outside', 0, self::fault($number));
        self::assertSame($is, DatabaseFault::in($wrapped));
        self::assertSame($passes, $is?->passes() ?? false);
        foreach ([
            'There is no active transaction',
            'SQLSTATE[42000]: Syntax error or access violation: 1305 SAVEPOINT trans2 does not exist',
        ] as $undone) {
            self::assertSame(DatabaseFault::Met, DatabaseFault::in(new PDOException($undone)), $undone);
        }
        self::assertNull(DatabaseFault::in(new PDOException('SQLSTATE[42000]: 1305 PROCEDURE tea does not exist')));
    }

    public function test_a_minority_says_that_it_keeps_nothing(): void
    {
        $page = ErrorPages::page(self::fault(1047), Request::create('/'));
        self::assertSame(503, $page?->getStatusCode());
        self::assertStringContainsString('more than half', (string) $page->getContent());
        $alone = ErrorPages::page(self::fault(2002), Request::create('/'));
        self::assertStringContainsString('The database is not running', (string) $alone?->getContent());
        config(['app.node' => 'app1']);
        $node = ErrorPages::page(self::fault(2002), Request::create('/'));
        self::assertStringContainsString('more than half', (string) $node?->getContent());
    }

    public function test_writes_that_met_go_again_unseen_and_leave_one_of_each(): void
    {
        $tries = 0;
        $put = 0;
        $answer = TransactionRetrier::of(
            function () use (&$tries): Response {
                DB::table('customers')->insert(['name' => 'Met '.++$tries]);

                return $tries < 4 ? throw self::fault(1213) : new Response('done');
            },
            fn (): bool => true,
            false,
            function () use (&$put): void {
                $put++;
            },
        );
        self::assertSame('done', $answer?->getContent());
        self::assertSame(['Met 4'], DB::table('customers')->where('name', 'like', 'Met%')->pluck('name')->all());
        self::assertSame(3, $put);
    }

    public function test_what_was_not_kept_is_never_answered_as_done(): void
    {
        // All went well, and then the database undid it as it was to be kept.
        $answers = fn (): Response => new Response('done');
        DB::connection()->beforeStartingTransaction(fn (): null => null);
        $this->expectException(PDOException::class);
        TransactionRetrier::of($answers, fn (): bool => throw self::fault(2006), false, fn (): null => null);
    }

    public function test_without_a_token_what_lost_the_database_is_not_sent_again(): void
    {
        $tries = 0;
        try {
            TransactionRetrier::of(function () use (&$tries): Response {
                $tries++;
                throw self::fault(1047);
            }, fn (): bool => true, false, fn (): null => null);
            self::fail('answered');
        } catch (PDOException) {
            self::assertSame(1, $tries);
        }
        $waits = fn (): Response => throw self::fault(1205);
        self::assertNull(TransactionRetrier::of($waits, fn (): bool => true, true, fn (): null => null));
    }

    public function test_photos_as_rows_are_files_like_any_other(): void
    {
        config(['filesystems.default' => 'database']);
        $disk = Storage::disk();
        self::assertInstanceOf(DatabaseFilesystemAdapter::class, $disk->getAdapter());
        $bytes = random_bytes(300_000);
        $disk->put('parts/1/a.jpg', $bytes);
        $disk->put('parts/1/a.jpg', $bytes);
        $disk->put('parts/10/b.jpg', 'b');
        self::assertSame($bytes, $disk->get('parts/1/a.jpg'));
        self::assertSame(300_000, $disk->size('parts/1/a.jpg'));
        self::assertSame(['parts/1/a.jpg'], $disk->files('parts/1'));
        self::assertSame(['parts/1/a.jpg', 'parts/10/b.jpg'], $disk->allFiles());
        self::assertTrue($disk->exists('parts/1/a.jpg'));
        self::assertFalse($disk->exists('parts/1/c.jpg'));
        self::assertTrue($disk->directoryExists('parts/10'));
        self::assertFalse($disk->directoryExists('parts/_0'), 'a sign of its own language is a sign of a name here');
        self::assertGreaterThan(0, $disk->lastModified('parts/10/b.jpg'));
        $disk->move('parts/10/b.jpg', 'parts/2/b.jpg');
        $disk->copy('parts/2/b.jpg', 'parts/3/b.jpg');
        self::assertSame('b', stream_get_contents($disk->readStream('parts/3/b.jpg')));
        // Out to a folder as ./backup knows it, and in again as ./restore does.
        $dir = sys_get_temp_dir().'/aenum-photos-'.bin2hex(random_bytes(4));
        self::assertSame(3, Photos::copyOut($dir));
        self::assertSame($bytes, file_get_contents("{$dir}/parts/1/a.jpg"));
        $disk->deleteDirectory('parts');
        self::assertSame([], $disk->allFiles());
        self::assertSame(3, Photos::takeIn($dir));
        self::assertSame($bytes, $disk->get('parts/1/a.jpg'));
        $disk->delete('parts/1/a.jpg');
        self::assertFalse($disk->exists('parts/1/a.jpg'));
        exec('rm -rf '.escapeshellarg($dir));
        $this->expectExceptionMessage('Unable to read file');
        $disk->get('parts/1/a.jpg');
    }

    public function test_many_who_ask_at_once_have_one_answer(): void
    {
        config(['cache.default' => 'database']);
        $worked = 0;
        $work = function () use (&$worked): string {
            return "answer\0".++$worked;
        };
        self::assertSame("answer\0".'1', SingleFlightCache::of('asked', 60, $work));
        self::assertSame("answer\0".'1', SingleFlightCache::of('asked', 60, $work));
        self::assertSame(1, DB::table('cache')->count());
        self::assertSame(0, DB::table('cache_locks')->count(), 'nobody is kept waiting afterwards');
        Cache::forget('asked');
        self::assertSame("answer\0".'2', SingleFlightCache::of('asked', 60, $work));
    }
}
