<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Word\ClearNeed;
use Aenum\Core\Word\Feature;
use Aenum\Core\Word\LoadKind;
use Aenum\Core\Word\OnIt;
use Aenum\Core\Word\Station;
use Aenum\Core\Word\StepKind;
use App\Actions\BakeOut\BakeOutBoard;
use App\Actions\Oven\Frozen;
use App\Actions\Route\PartRoute;
use App\Models\Job;
use App\Models\LogLine;
use App\Models\OvenLoad;
use App\Models\OvenResult;
use App\Models\Part;
use App\Models\Shop;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** A shop that ran the last release: its database is brought up to this one, and everything it knew is still there. */
final class LastReleaseTest extends ShopTestCase
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
        self::assertTrue(BakeOutBoard::of($bakeOut)->plan->good());

        $liner = PartRoute::of(Part::query()->where('name', 'bin liner')->firstOrFail());
        self::assertSame([], $liner->unknown);
        self::assertEqualsCanonicalizing([OnIt::TwoPartPaint, OnIt::Grease], $liner->facts->part->onIt);
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
        self::assertSame([OnIt::Grease], PartRoute::of($hinge)->facts->part->onIt);

        // What an earlier release kept of a load when its door was shut lacks what was only asked for later.
        $shut = OvenLoad::query()->where('kind', LoadKind::Cure)->whereIn('status', ['running', 'pulled']);
        foreach ($shut->get() as $load) {
            $kept = Frozen::capture($load);
            $only = array_flip([...$asked, 'rows']);
            $load->update(['frozen' => [
                'oven' => array_intersect_key($kept['oven'], array_flip($ofOvens)),
                'powders' => array_map(fn (array $one): array => array_intersect_key($one, $only), $kept['powders']),
            ]]);
            self::assertArrayNotHasKey('clear_need', array_values((array) ($load->frozen['powders'] ?? []))[0] ?? []);
        }
        $frozen = OvenResult::query()->whereNotNull('coat_id')->firstOrFail()->coat;
        self::assertNotNull($frozen);
        self::assertSame(ClearNeed::Silent, Frozen::ofCoat($frozen)->clear_need);
        $this->everyPageOpensIn('metric');
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
