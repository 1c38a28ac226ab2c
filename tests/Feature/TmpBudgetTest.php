<?php
declare(strict_types=1);
namespace Tests\Feature;
use Aenum\Core\Rules\RuleBook;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\Event;
final class TmpBudgetTest extends DemoTestCase
{
    use EveryPage;
    public function test_count(): void
    {
        $n = 0; $plans=[]; 
        Event::listen(QueryExecuted::class, function (QueryExecuted $q) use (&$n): void { $n++; });
        RuleBook::observe(function ($plan) use (&$plans): void { $k=hash('xxh128',serialize($plan)); $plans[$k]=($plans[$k]??0)+1; });
        $kinds = collect(self::everyPage())->groupBy(fn (string $page) => preg_replace('/\d+/', 'N', $page));
        $rows = [];
        foreach ($kinds as $kind => $pages) {
            $most = [0, '', 0, 0];
            foreach ($pages->take(12) as $page) {
                $n = 0; $plans=[];
                $t = hrtime(true);
                $this->actingAs($this->mara)->get($page);
                $ms = (hrtime(true) - $t) / 1e6;
                if ($n > $most[0]) { $most = [$n, $page, array_sum($plans), count($plans), $ms]; }
            }
            $rows[$kind] = $most;
        }
        RuleBook::observe(null);
        uasort($rows, fn ($a, $b) => $b[0] <=> $a[0]);
        foreach ($rows as $k => $r) fprintf(STDERR, "%4d queries %3d evaluations of %3d plans %6.0f ms %s\n", $r[0], $r[2], $r[3], $r[4] ?? 0, $r[1]);
        self::assertTrue(true);
    }
}
