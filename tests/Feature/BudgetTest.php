<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\RuleBook;
use Aenum\Core\Trade\Station;
use App\Application\Models\Spraying;
use App\Intake\Models\Batch;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Routing\Route as RoutingRoute;
use Illuminate\Routing\Router;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Route;

/** What a page may cost: statements, evaluations of the rules, middleware; on the demo and with ten years behind it. */
final class BudgetTest extends DemoTestCase
{
    use EveryPage;

    private const QUERIES = 30;

    private const MIDDLEWARE_OF_A_WRITE = 8;

    /** A list that was empty before is read with what is shown of its rows: so many levels, however many rows. */
    private const OF_A_LIST_THAT_WAS_EMPTY = 8;

    /** So many pages of one kind are opened, spread over all there are. */
    private const OF_A_KIND = 2;

    /** Jobs behind the demo's day, against the 100 000 of the bench; at least 500. */
    private const SHARE_OF_TEN_YEARS = 0.005;

    /** Pages with the curves of bakes that are over: each curve is worked out once and kept. */
    private const SHOWS_CURVES = '~^/jobs/\d+/(record|sheet|care)$~';

    private int $queries = 0;

    /** @var array<string, int> evaluations begun, by plan */
    private array $plans = [];

    protected function setUp(): void
    {
        parent::setUp();
        Event::listen(QueryExecuted::class, fn () => $this->queries++);
        RuleBook::observe(function (PartRouting $plan): void {
            $key = hash('xxh128', serialize($plan));
            $this->plans[$key] = ($this->plans[$key] ?? 0) + 1;
        });
    }

    protected function tearDown(): void
    {
        RuleBook::observe(null);
        parent::tearDown();
    }

    public function test_every_page_keeps_to_its_budget_with_ten_years_behind_it_too(): void
    {
        $pages = self::someOfEachKind();
        $before = array_map($this->cost(...), array_combine($pages, $pages));
        $this->liveTenYears();
        $pages = array_unique([...$pages, ...self::someOfEachKind()]);
        foreach ($pages as $page) {
            $after = $this->cost($page);
            self::assertLessThanOrEqual(self::QUERIES, $after, $page);
            $most = ($before[$page] ?? $after) + self::OF_A_LIST_THAT_WAS_EMPTY;
            self::assertLessThanOrEqual($most, $after, "{$page} asks more with more rows");
        }
    }

    public function test_a_press_that_writes_one_line_keeps_to_the_same_budget(): void
    {
        $at = fn (Station $station): Batch => Batch::hanging()->where('batches.station', $station)->firstOrFail();
        $open = Spraying::open()->with('zones')->firstOrFail();
        $presses = [
            '/air' => ['air' => '19', 'rh' => '48'],
            "/batches/{$at(Station::MaskAndHang)->id}/ground" => ['ohm' => '120', 'unit' => '1000', 'volts' => '500'],
            "/sprayings/{$open->id}/zones/{$open->zones->firstOrFail()->id}" => ['kv' => '60'],
        ];
        foreach ($presses as $press => $form) {
            $this->queries = 0;
            $this->send($press, $form)->assertSessionHasNoErrors()->assertRedirect();
            self::assertLessThanOrEqual(self::QUERIES, $this->queries, $press);
        }
    }

    public function test_a_write_passes_few_middleware(): void
    {
        $global = $this->app->make(Kernel::class)->getGlobalMiddleware();
        $writes = array_filter(
            Route::getRoutes()->getRoutes(),
            fn (RoutingRoute $route): bool => array_intersect($route->methods(), ['POST', 'PUT', 'DELETE']) !== [],
        );
        self::assertGreaterThan(100, count($writes));
        foreach ($writes as $route) {
            $own = array_filter(
                [...$global, ...$this->app->make(Router::class)->gatherRouteMiddleware($route)],
                fn (mixed $one): bool => is_string($one) && str_starts_with($one, 'App\\'),
            );
            self::assertNotEmpty($own);
            $named = $route->uri().': '.implode(', ', $own);
            self::assertLessThanOrEqual(self::MIDDLEWARE_OF_A_WRITE, count($own), $named);
        }
    }

    /** Opens a page and holds its evaluations of the rules to one a plan; returns its statements. */
    private function cost(string $page): int
    {
        if (preg_match(self::SHOWS_CURVES, $page) === 1) {
            $this->actingAs($this->mara)->get($page)->assertOk();
        }
        $this->queries = 0;
        $this->plans = [];
        $this->actingAs($this->mara)->get($page)->assertOk();
        $twice = count(array_filter($this->plans, fn (int $times): bool => $times > 1));
        self::assertSame(0, $twice, "{$page}: {$twice} plans are evaluated more than once");

        return $this->queries;
    }

    /** @return list<string> */
    private static function someOfEachKind(): array
    {
        $kinds = collect(self::everyPage())->groupBy(fn (string $page): string => preg_replace('/\d+/', 'N', $page));

        return $kinds->flatMap(fn ($pages) => $pages->nth(max(1, intdiv($pages->count(), self::OF_A_KIND))))
            ->values()->all();
    }

    private function liveTenYears(): void
    {
        $numbers = [
            '$jobs' => (string) (int) (100_000 * self::SHARE_OF_TEN_YEARS),
            '$bakes' => (string) (int) (60_000 * self::SHARE_OF_TEN_YEARS),
            '$user' => (string) DB::table('users')->where('role', 'finisher')->value('id'),
            '$oven' => (string) DB::table('ovens')->min('id'),
            '$powder' => (string) DB::table('powders')->min('id'),
        ];
        $sql = (string) preg_replace('/^--.*$/m', '', (string) file_get_contents(base_path('tests/Bench/decade.sql')));
        foreach (array_filter(array_map(trim(...), preg_split('/;\s*$/m', strtr($sql, $numbers)) ?: [])) as $one) {
            // A table is analyzed outside a transaction; what a test writes is undone.
            str_starts_with($one, 'ANALYZE') ?: DB::affectingStatement($one);
        }
        self::assertGreaterThan(500, DB::table('jobs')->count());
    }
}
