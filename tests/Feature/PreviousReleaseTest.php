<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Trade\ClearNeed;
use Aenum\Core\Trade\Feature;
use Aenum\Core\Trade\LoadKind;
use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepKind;
use App\Accounts\Models\Shop;
use App\Accounts\Models\User;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenResult;
use App\Curing\Queries\LoadSnapshot;
use App\Curing\ViewModels\BakeOutViewModel;
use App\Intake\Models\Job;
use App\Intake\Models\Part;
use App\Routing\Models\LogLine;
use App\Routing\Queries\PartRoute;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** A shop that ran the last release: its database is brought up to this one, and everything it knew is still there. */
final class PreviousReleaseTest extends ShopTestCase
{
    use EveryPage;

    protected function setUp(): void
    {
        parent::setUp();
        DB::rollBack();
        $this->artisan('db:wipe', ['--force' => true]);
        DB::unprepared("SET FOREIGN_KEY_CHECKS=0;\n".self::dump()."\nSET FOREIGN_KEY_CHECKS=1;");
        CarbonImmutable::setTestNow(CarbonImmutable::parse('2026-11-23 14:30:00', 'UTC'));
    }

    protected function tearDown(): void
    {
        TestDatabase::reset();
        parent::tearDown();
    }

    public function test_every_page_opens_and_nothing_it_knew_is_lost(): void
    {
        $before = [
            'loads' => DB::table('bakes')->count() + DB::table('bake_outs')->count(),
            'results' => DB::table('bake_results')->count(),
            'lines' => DB::table('logbook')->count(),
            'jobs' => DB::table('jobs')->count(),
        ];
        $this->upgrade();
        self::assertSame($before['loads'], OvenLoad::query()->count());
        self::assertGreaterThanOrEqual($before['results'], OvenResult::query()->count());
        self::assertSame($before['lines'], LogLine::query()->count());
        self::assertSame($before['jobs'], Job::query()->count());

        $bakeOut = OvenLoad::query()->where('kind', LoadKind::BakeOut)->firstOrFail();
        self::assertSame(['running', 225.0, 190.0, 45.0, 60.0], [
            $bakeOut->status, $bakeOut->setpoint_c, $bakeOut->target_c, $bakeOut->hold_minutes, $bakeOut->door_open_s,
        ]);
        self::assertTrue(BakeOutViewModel::of($bakeOut)->plan->good());

        $liner = PartRoute::of(Part::query()->where('name', 'bin liner')->firstOrFail());
        self::assertSame([], $liner->unknown);
        self::assertEqualsCanonicalizing(
            [ArrivalCondition::TwoPartPaint, ArrivalCondition::Grease],
            $liner->facts->part->onIt,
        );
        self::assertSame([Feature::Seams], $liner->facts->part->features);
        $hinge = PartRoute::of(Part::query()->where('name', 'hinge')->firstOrFail());
        self::assertSame(StepKind::PaintTest, $hinge->steps[0]->kind, 'the route somebody laid stands');
        self::assertSame('steel_grit', $hinge->facts->blast->medium?->key);
        self::assertSame(5, Part::query()->where('name', 'handrail end')->firstOrFail()->rack?->across);
        self::assertSame([2000.0, 2200.0, 3000.0], Shop::current()->boothMm());
        self::assertSame(Station::Intake, Job::query()->whereKey($hinge->part->job_id)->firstOrFail()->station);

        $this->everyPageOpensIn('us');
    }

    public function test_unknown_words_are_named_and_neither_they_nor_what_loads_did_not_keep_take_a_page_down(): void
    {
        $asked = DB::getSchemaBuilder()->getColumnListing('powders');
        $ofOvens = DB::getSchemaBuilder()->getColumnListing('ovens');
        DB::table('parts')->where('name', 'hinge')->update([
            'metal' => 'mithril',
            'facts' => '{"made":"woven","on_it":["moss","grease"],"features":["gills"],"duty":"lunar",'
                .'"blast":{"media":"moon_dust","pressure_bar":6}}',
            'route' => '[{"step":"polish","minutes":3},{"step":"blast"}]',
        ]);
        DB::table('shops')->update(['house' => '{"bake_out":"at_dawn","masking":"plugs_early"}']);
        $this->upgrade();
        $hinge = Part::query()->where('name', 'hinge')->firstOrFail();
        $page = $this->actingAs($this->mara())->get("/parts/{$hinge->id}/route")->assertOk();
        foreach (['mithril', 'woven', 'moss', 'gills', 'lunar', 'moon_dust', 'polish'] as $word) {
            $page->assertSee($word);
        }
        self::assertSame([ArrivalCondition::Grease], PartRoute::of($hinge)->facts->part->onIt);

        // What an earlier release kept of a load when its door was shut lacks what was only asked for later.
        $shut = OvenLoad::query()->where('kind', LoadKind::Cure)->whereIn('status', ['running', 'pulled']);
        foreach ($shut->get() as $load) {
            $kept = LoadSnapshot::capture($load);
            $only = array_flip([...$asked, 'rows']);
            $load->update(['snapshot' => [
                'oven' => array_intersect_key($kept['oven'], array_flip($ofOvens)),
                'powders' => array_map(fn (array $one): array => array_intersect_key($one, $only), $kept['powders']),
            ]]);
            self::assertArrayNotHasKey('clear_need', array_values((array) ($load->snapshot['powders'] ?? []))[0] ?? []);
        }
        $frozen = OvenResult::query()->whereNotNull('coat_id')->firstOrFail()->coat;
        self::assertNotNull($frozen);
        self::assertSame(ClearNeed::Silent, LoadSnapshot::ofCoat($frozen)->clear_need);
        $this->everyPageOpensIn('metric');
    }

    public function test_entries_of_the_audit_log_follow_the_names_of_tables_and_columns(): void
    {
        $all = glob(database_path('migrations/*.php')) ?: [];
        $before = array_slice($all, 0, array_search(
            database_path('migrations/2026_12_06_000000_use_standard_names.php'),
            $all,
            true,
        ) ?: 0);
        $this->artisan('migrate', ['--force' => true, '--realpath' => true, '--path' => $before]);
        $entry = ['at' => '2026-11-23 09:00:00.000', 'row_id' => 1, 'what' => 'updated'];
        $quoted = 'says "fate": "open"';
        DB::table('trail')->insert([
            $entry + ['row_table' => 'lots', 'before' => '{"fate":"open"}', 'after' => json_encode([
                'fate' => 'released', 'name' => $quoted,
            ])],
            $entry + ['row_table' => 'moves', 'before' => null, 'after' => '{"lot_id":7,"note":null}'],
            $entry + ['row_table' => 'jobs', 'before' => null, 'after' => '{"fate":"kept"}'],
        ]);
        $count = DB::table('trail')->count();
        $this->upgrade();
        self::assertSame($count, DB::table('audit_entries')->count());
        $said = DB::table('audit_entries')->orderByDesc('id')->limit(3)->get()->map(fn (object $one): array => [
            $one->row_table, json_decode((string) $one->before, true), json_decode((string) $one->after, true),
        ])->all();
        self::assertSame([
            ['jobs', null, ['fate' => 'kept']],
            ['batch_events', null, ['batch_id' => 7, 'note' => null]],
            ['batches', ['status' => 'open'], ['status' => 'released', 'name' => $quoted]],
        ], $said);
        self::assertSame(0, DB::table('device_tokens')->where('tokenable_type', '!=', 'user')->count());
        $this->expectExceptionMessageMatches('/append-only/');
        DB::table('audit_entries')->where('row_table', 'batches')->update(['row_id' => 2]);
    }

    private function upgrade(): void
    {
        self::assertSame(0, $this->artisan('migrate', ['--force' => true]));
        $this->app?->forgetScopedInstances();
        \Illuminate\Support\Once::flush();
    }

    private function everyPageOpensIn(string $system): void
    {
        foreach (self::everyPage() as $page) {
            $this->opens($page, $this->mara(), $system);
        }
    }

    private function mara(): User
    {
        return User::query()->where('role', 'owner')->firstOrFail();
    }

    private static function dump(): string
    {
        return (string) file_get_contents(dirname(__DIR__).'/fixtures/last-release.sql');
    }
}
