<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Trade\Station;
use App\Accounts\Models\User;
use App\Intake\Models\Coat;
use App\Intake\Models\Job;
use App\Intake\Models\Part;
use App\Release\Models\Release;
use App\Release\Models\Supplement;
use App\Release\Queries\JobRecord;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Opis\JsonSchema\Validator;

/** What was released stays as it was: on the sheet, in the files, behind the customer's address. */
final class RecordTest extends ShopTestCase
{
    /** A job of so many parts with two coats each, all handed over. */
    private function released(int $parts = 1, ?string $note = 'Measured at the counter.'): Job
    {
        $job = $this->job();
        $mine = [];
        for ($n = 0; $n < $parts; $n++) {
            $name = ['bench end', 'railing panel', 'sign bracket'][$n % 3];
            $mine[] = $this->part($job, $name, 9, 0.9, 4, 'carbon_steel', [
                ['primer', $this->green, 'flow'], ['base', $this->green, 'full'],
            ]);
        }
        foreach ([1, 2] as $coat) {
            foreach ($mine as $part) {
                $this->coated($part, $coat);
            }
            $load = $this->hang(...$mine);
            $this->bakeFor($load, $load->minutes + 0.5);
            $this->cooled();
        }
        foreach ($mine as $n => $part) {
            $this->hangAt($part, Station::Inspect);
            $batch = $this->batch($part);
            $top = $this->coat($part, 2);
            $this->send("/coats/{$top->id}/film", ['lot' => $batch->id, 'readings' => '140 150 145 138 152'])
                ->assertSessionHasNoErrors();
            $rub = ['lot' => $batch->id, 'rubs' => 50, 'rating' => 5, 'solvent' => 'MEK'];
            $this->send("/coats/{$top->id}/solvent-rub", $rub)->assertSessionHasNoErrors();
            $this->excuse($this->look($batch), Station::Release);
            $this->hangAt($part, Station::Release);
            $this->look($batch->refresh());
            $this->send("/batches/{$batch->id}/release", [
                'note' => $note, 'taken_by' => 'B. Kallwit', 'signature' => '10,20 30,40|5,5 6,6',
            ])->assertSessionHasNoErrors();
        }

        return $job->refresh();
    }

    private function text(string $path, ?User $as = null): string
    {
        return (string) $this->actingAs($as ?? $this->viewer)->get($path)->assertOk()->getContent();
    }

    public function test_what_was_released_does_not_change_with_the_shelf_the_shop_or_the_people(): void
    {
        $job = $this->released();
        $before = $this->text("/jobs/{$job->id}/sheet");
        $digest = JobRecord::of($job)->digest();
        self::assertStringContainsString((string) $digest, $before);
        $this->green->update(['name' => 'Another green', 'film_min_um' => 10, 'lot' => 'x']);
        $this->green->rows()->update(['min_minutes' => 1]);
        $this->oven->update(['name' => 'Another oven', 'heater_kw' => 3]);
        $this->finisher->update(['name' => 'Somebody else']);
        DB::table('shops')->update(['name' => 'Another shop']);
        DB::table('parts')->update(['name' => 'another part', 'mass_kg' => 1]);
        DB::table('jobs')->update(['title' => 'Another title', 'notes' => 'another word']);
        $this->flushOnce();
        $strip = fn (string $html): string => (string) preg_replace(
            ['~data-now="\d+"~', '~<header class="no-print">.*?</header>~s', '~value="[^"]*"~'],
            '',
            $html,
        );
        self::assertSame(
            self::article($strip($before)),
            self::article($strip($this->text("/jobs/{$job->id}/sheet"))),
        );
        self::assertSame($digest, JobRecord::of($job->refresh())->digest());
    }

    private static function article(string $html): string
    {
        preg_match('~<article class="record-sheet.*?</article>~s', $html, $found);

        return $found[0] ?? self::fail('no sheet');
    }

    private function flushOnce(): void
    {
        \Illuminate\Support\Once::flush();
    }

    public function test_the_database_lets_nobody_change_or_take_away_what_was_released(): void
    {
        $job = $this->released();
        Supplement::query()->create([
            'job_id' => $job->id, 'wording' => 'x', 'digest' => str_repeat('0', 64), 'user_id' => $this->owner->id,
            'at' => $this->now,
        ]);
        foreach (['releases', 'supplements'] as $table) {
            foreach (['UPDATE %s SET digest = "0"', 'DELETE FROM %s'] as $sql) {
                try {
                    DB::transaction(fn () => DB::statement(sprintf($sql, $table)));
                    self::fail("{$table}: {$sql}");
                } catch (QueryException $e) {
                    self::assertStringContainsString('only added to', $e->getMessage());
                }
            }
        }
        $release = Release::query()->firstOrFail();
        self::assertTrue($release->isWhole());
        $release->document .= ' ';
        self::assertFalse($release->isWhole());
    }

    public function test_a_correction_is_a_dated_supplement_beside_it(): void
    {
        $open = $this->job();
        $this->part($open);
        $this->send("/jobs/{$open->id}/supplements", ['wording' => 'too early'])->assertSessionHasErrors('wording');
        $job = $this->released();
        $digest = JobRecord::of($job)->digest();
        $this->send("/jobs/{$job->id}/supplements", ['wording' => ''])->assertSessionHasErrors('wording');
        $this->send("/jobs/{$job->id}/supplements", ['wording' => str_repeat('a', 1001)])
            ->assertSessionHasErrors('wording');
        $this->send("/jobs/{$job->id}/supplements", ['wording' => 'The third has a scratch.'])
            ->assertSessionHasNoErrors();
        self::assertStringContainsString('The third has a scratch.', $this->text("/jobs/{$job->id}/sheet"));
        self::assertSame($digest, JobRecord::of($job)->digest(), 'the record itself is as it was');
        self::assertSame(
            hash('sha256', "{$digest}\nThe third has a scratch."),
            Supplement::query()->firstOrFail()->digest,
        );
    }

    public function test_three_parts_with_six_coats_are_one_page_in_both_papers(): void
    {
        $job = $this->released(3);
        self::assertSame(6, Coat::query()->count());
        foreach ([['metric', '595.2\d+ 841.8\d+'], ['us', '612.0+ 792.0+']] as [$system, $size]) {
            $this->viewer->update(['unit_system' => $system]);
            $pdf = $this->text("/jobs/{$job->id}/sheet.pdf", $this->viewer->refresh());
            self::assertStringStartsWith('%PDF', $pdf);
            self::assertSame(1, preg_match_all('~/Type /Page\b(?!s)~', $pdf), $system);
            self::assertSame(1, preg_match("~/MediaBox \[0\.0+ 0\.0+ {$size}\]~", $pdf), $system);
        }
    }

    public function test_nobody_else_s_parts_are_in_its_curves(): void
    {
        $job = $this->job();
        $mine = $this->part($job, 'bench end', 24, 1.15, 2, 'cast_iron');
        $other = $this->part($this->job(title: 'Somebody else'), 'secret gate', 6, 0.8, 2, 'carbon_steel');
        $load = $this->hang($mine, $other);
        $this->bakeFor($load, $load->minutes + 1);
        $this->cooled();
        foreach (["/jobs/{$job->id}/sheet", "/jobs/{$job->id}/record", "/jobs/{$job->id}/record.json",
            "/jobs/{$job->id}/curves.csv"] as $page) {
            self::assertStringNotContainsString('secret gate', $this->text($page), $page);
        }
        $record = json_decode($this->text("/jobs/{$job->id}/record.json"), true);
        self::assertCount(1, $record['lots'][0]['bakes'][0]['curve']['parts']);
    }

    public function test_the_open_forms_hold_what_the_schema_says(): void
    {
        $job = $this->released(2);
        $schema = (string) file_get_contents(base_path('docs/schemas/aenum-record-1.schema.json'));
        $validator = new Validator;
        $validator->setMaxErrors(5);
        $result = $validator->validate(json_decode($this->text("/jobs/{$job->id}/record.json")), $schema);
        self::assertTrue($result->isValid(), (string) json_encode($result->error()?->args()).' '
            .json_encode($result->error()?->data()->fullPath()));
        $csv = explode("\r\n", trim($this->text("/jobs/{$job->id}/readings.csv")));
        self::assertSame('part,lot,coat,place,spot,film_um,at', $csv[0]);
        self::assertCount(11, $csv);
        $curves = explode("\r\n", trim($this->text("/jobs/{$job->id}/curves.csv")));
        self::assertCount(1 + 2 * 2 * 48, $curves);
        DB::table('parts')->update(['name' => '=2+2']);
        $draft = $this->job();
        $this->part($draft, '=cmd|x');
        self::assertStringNotContainsString("\n=cmd", $this->text("/jobs/{$draft->id}/curves.csv"));
    }

    public function test_the_customer_s_copy_is_behind_an_address_nobody_guesses_and_it_can_be_closed(): void
    {
        $job = $this->released();
        $open = $this->job();
        $this->send("/jobs/{$open->id}/links")->assertSessionHasErrors('link');
        $this->send("/jobs/{$job->id}/links")->assertSessionHasNoErrors();
        $address = (string) session('link');
        self::assertSame(1, preg_match('~/r/([A-Za-z0-9_-]{43})$~', $address, $secret));
        self::assertSame(0, DB::table('record_links')->where('mark', $secret[1])->count(), 'it is kept nowhere');
        self::assertStringNotContainsString($secret[1], (string) json_encode(DB::table('audit_entries')->get()));
        auth()->logout();
        $page = $this->get("/r/{$secret[1]}")->assertOk()->assertSee('Record of job');
        self::assertStringContainsString('no-store', (string) $page->headers->get('Cache-Control'));
        self::assertStringContainsString('noindex', (string) $page->headers->get('X-Robots-Tag'));
        self::assertSame('no-referrer', $page->headers->get('Referrer-Policy'));
        $html = (string) $page->getContent();
        self::assertDoesNotMatchRegularExpression('~href="/(?!r/|build/|favicon)~', $html, 'it leads nowhere else');
        self::assertStringNotContainsString('what the shop keeps', $html);
        $pdf = $this->get("/r/{$secret[1]}/record.pdf")->assertOk()->getContent();
        self::assertStringStartsWith('%PDF', (string) $pdf);
        $this->get('/r/'.str_repeat('a', 43))->assertNotFound();
        $this->get('/r/short')->assertNotFound();
        $link = DB::table('record_links')->first();
        self::assertSame(1, (int) $link->opened);
        $this->send("/record-links/{$link->id}/withdraw", as: $this->viewer)->assertForbidden();
        $this->send("/record-links/{$link->id}/withdraw")->assertSessionHasNoErrors();
        auth()->logout();
        $this->get("/r/{$secret[1]}")->assertNotFound();
    }

    public function test_what_was_let_go_stands_on_it_with_whose_word(): void
    {
        $job = $this->job();
        $part = $this->part($job, 'arm', 3, 0.4, 2, 'carbon_steel');
        $load = $this->hang($part);
        $this->bakeFor($load, $load->minutes + 0.5);
        $this->cooled();
        $this->hangAt($part, Station::Release);
        $batch = $this->batch($part);
        $this->send("/batches/{$batch->id}/release")->assertSessionHasErrors('note');
        $this->send("/batches/{$batch->id}/release", ['note' => 'he looked himself', 'signature' => '<script>'])
            ->assertSessionHasErrors('signature');
        $this->send("/batches/{$batch->id}/release", ['note' => 'he looked himself'])->assertSessionHasNoErrors();
        $sheet = $this->text("/jobs/{$job->id}/sheet");
        self::assertStringContainsString('no film thickness recorded', $sheet);
        self::assertStringContainsString('Not ticked', $sheet);
        self::assertStringContainsString('Let go by Finisher: he looked himself', $sheet);
    }

    public function test_a_job_released_before_records_were_kept_says_so(): void
    {
        $job = $this->job();
        $part = $this->part($job);
        $this->batch($part)->update(['status' => 'released']);
        $job->update(['status' => 'released']);
        self::assertStringContainsString('before records were kept', $this->text("/jobs/{$job->id}/sheet"));
        $this->text("/jobs/{$job->id}/record");
    }

    public function test_half_a_job_is_handed_over_and_its_sheet_shows_only_that_to_the_customer(): void
    {
        $job = $this->released();
        $late = Part::query()->where('job_id', $job->id)->firstOrFail()->replicate();
        $late->fill(['name' => 'late one'])->save();
        $late->batches()->create([
            'number' => 1, 'count' => 1, 'station' => Station::Coat, 'born_at' => $this->now, 'status' => 'open',
        ]);
        $job->update(['status' => 'open']);
        $record = JobRecord::of($job->refresh());
        self::assertFalse($record->isFrozen());
        self::assertCount(2, $record->documents);
        self::assertCount(1, $record->releasedOnly()->documents);
        self::assertStringContainsString('released in part', $this->text("/jobs/{$job->id}/sheet"));
    }
}
