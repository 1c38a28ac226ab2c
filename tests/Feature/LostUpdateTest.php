<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Trade\Station;
use App\Accounts\Models\Shop;
use App\Platform\Audit\AuditEntry;
use App\Platform\Concurrency\FormFields;
use App\Platform\Concurrency\OriginalFormState;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** Two people have the same form open: the second to save sees both, and nothing typed is lost. */
final class LostUpdateTest extends ShopTestCase
{
    /**
     * A form as somebody opened it: all a browser would send.
     *
     * @return array<string, mixed>
     */
    private function open(string $page, string $action): array
    {
        $html = (string) $this->actingAs($this->owner)->get($page)->assertOk()->getContent();
        preg_match_all('~<form method="post" action="'.preg_quote($action).'".*?</form>~s', $html, $forms);
        $form = $forms[0][0];
        preg_match('/name="_opened" value="([^"]+)"/', $form, $opened);

        return FormFields::nested(FormFields::read($form)[0]['fields'])
            + ['_opened' => $opened[1], '_once' => (string) Str::uuid()];
    }

    /** @param  array<string, mixed>  $form */
    private function save(string $action, array $form): TestResponse
    {
        return $this->actingAs($this->finisher)->call('PUT', $action, $form);
    }

    public function test_the_second_chooses_field_by_field(): void
    {
        $job = $this->job(Station::Intake);
        $mine = $this->open("/jobs/{$job->id}/edit", "/jobs/{$job->id}");
        $theirs = $this->open("/jobs/{$job->id}/edit", "/jobs/{$job->id}");
        $this->actingAs($this->owner)->call('PUT', "/jobs/{$job->id}", [
            'title' => 'Bench ends, pier',
            'due_on' => '2026-12-09',
        ] + $theirs)->assertRedirect();
        $both = $this->save("/jobs/{$job->id}", ['title' => 'Bench ends, quay', 'notes' => "two\nlines"] + $mine);
        $both->assertStatus(409)->assertSee('Owner saved this while you had it open')
            ->assertSee('Bench ends, pier')->assertSee('Bench ends, quay')->assertSee('What is it');
        self::assertSame('Bench ends, pier', $job->refresh()->title, 'nothing is saved yet');
        preg_match('/name="_both" value="([^"]+)"/', (string) $both->getContent(), $carried);
        $labels = FormFields::read((string) $both->getContent());
        self::assertNotSame([], $labels);
        $this->save("/jobs/{$job->id}", [
            '_both' => $carried[1],
            '_take' => ['mine', 'theirs'],
            '_once' => (string) Str::uuid(),
        ])->assertRedirect()->assertSessionHasNoErrors();
        $job->refresh();
        self::assertSame(
            ['Bench ends, quay', '2026-12-09', "two\nlines"],
            [$job->title, $job->due_on?->format('Y-m-d'), $job->notes],
        );
    }

    public function test_what_only_others_changed_stays_as_they_have_it(): void
    {
        $job = $this->job(Station::Intake);
        $mine = $this->open("/jobs/{$job->id}/edit", "/jobs/{$job->id}");
        $job->update(['title' => 'Bench ends, pier']);
        $this->save("/jobs/{$job->id}", ['notes' => 'mine'] + $mine)->assertRedirect()->assertSessionHasNoErrors();
        self::assertSame(['Bench ends, pier', 'mine'], [$job->refresh()->title, $job->notes]);
    }

    public function test_a_third_who_saves_meanwhile_is_seen_as_well(): void
    {
        $job = $this->job(Station::Intake);
        $mine = ['title' => 'mine'] + $this->open("/jobs/{$job->id}/edit", "/jobs/{$job->id}");
        $job->update(['title' => 'theirs']);
        $both = $this->save("/jobs/{$job->id}", $mine)->assertStatus(409);
        preg_match('/name="_both" value="([^"]+)"/', (string) $both->getContent(), $carried);
        $job->update(['title' => 'a third']);
        $take = ['_both' => $carried[1], '_take' => ['mine'], '_once' => (string) Str::uuid()];
        $this->save("/jobs/{$job->id}", $take)->assertStatus(409)->assertSee('a third');
        self::assertSame('a third', $job->refresh()->title);
    }

    public function test_rows_of_a_part_and_facts_and_a_powder_are_held_together(): void
    {
        $part = $this->part($this->job(Station::Intake), 'rail', 6, 0.8, 4, 'carbon_steel');
        $mine = $this->open("/parts/{$part->id}/edit", "/parts/{$part->id}");
        $part->coats()->firstOrFail()->update(['zone' => 'rim']);
        $this->save("/parts/{$part->id}", ['count' => '5'] + $mine)->assertRedirect()->assertSessionHasNoErrors();
        self::assertSame([5, 'rim'], [$part->refresh()->count, $part->coats()->firstOrFail()->zone]);

        $mine = $this->open("/parts/{$part->id}/route", "/parts/{$part->id}/facts");
        $part->traits()->create(['kind' => 'on_it', 'word' => 'rust']);
        $this->save("/parts/{$part->id}/facts", ['features' => ['threads']] + $mine)->assertRedirect();
        self::assertEqualsCanonicalizing(['rust', 'threads'], $part->traits()->pluck('word')->all());

        $powder = $this->open("/powders/{$this->green->id}/edit", "/powders/{$this->green->id}");
        $this->green->update(['specific_gravity' => 1.61]);
        $this->save("/powders/{$this->green->id}", ['specific_gravity' => '1.4'] + $powder)
            ->assertStatus(409)->assertSee('Specific gravity')->assertSee('1.61')->assertSee('1.4');
    }

    public function test_the_booth_is_held_together_as_a_gun_is(): void
    {
        $booth = $this->open('/guns', '/booth');
        Shop::current()->update(['booth_face_m_s' => 0.4]);
        $this->actingAs($this->owner)->call('PUT', '/booth', ['booth_air' => '7'] + $booth)
            ->assertRedirect()->assertSessionHasNoErrors();
        $now = Shop::query()->firstOrFail();
        self::assertSame([7.0, 0.4], [$now->booth_air_m3_min, $now->booth_face_m_s]);
        $again = ['booth_face_m_s' => '0.6', '_once' => (string) Str::uuid()] + $booth;
        $this->actingAs($this->owner)->call('PUT', '/booth', $again)
            ->assertStatus(409)->assertSee('Air through its face');
    }

    public function test_a_form_that_was_refused_still_knows_what_it_was_opened_at(): void
    {
        $job = $this->job(Station::Intake);
        $mine = $this->open("/jobs/{$job->id}/edit", "/jobs/{$job->id}");
        $this->from("/jobs/{$job->id}/edit")->save("/jobs/{$job->id}", ['title' => ''] + $mine)
            ->assertSessionHasErrors('title');
        $job->update(['notes' => 'theirs']);
        $page = (string) $this->get("/jobs/{$job->id}/edit")->getContent();
        self::assertStringContainsString($mine['_opened'], $page);
    }

    public function test_a_trail_of_every_change_says_who_and_what_before_and_after(): void
    {
        $job = $this->job(Station::Intake);
        $form = $this->open("/jobs/{$job->id}/edit", "/jobs/{$job->id}");
        $this->save("/jobs/{$job->id}", ['title' => 'New title'] + $form);
        $line = AuditEntry::query()->where('row_table', 'jobs')->where('what', 'updated')->firstOrFail();
        self::assertSame(
            [$this->finisher->id, $job->id, 'Bench ends', 'New title'],
            [$line->user_id, $line->job_id, $line->before['title'] ?? null, $line->after['title'] ?? null],
        );
        $this->actingAs($this->viewer)->get("/jobs/{$job->id}/history")->assertOk()
            ->assertSeeInOrder(['Finisher', '127.0.0.1', 'Job changed', 'Bench ends', 'New title']);
        $this->actingAs($this->finisher)->get("/people/{$this->owner->id}/history")->assertForbidden();
        $this->owner->update(['password' => 'quiet harbour lamp']);
        $kept = AuditEntry::query()->where('row_table', 'users')->latest('id')->firstOrFail();
        self::assertSame(['password' => 'set'], $kept->after, 'a secret is never written down');
        $this->expectExceptionMessageMatches('/The audit log is append-only/');
        $line->update(['user_id' => $this->owner->id]);
    }

    public function test_what_was_planned_and_not_baked_is_superseded_not_deleted(): void
    {
        $part = $this->part($this->job(Station::Intake), sections: [
            ['name' => 'foot', 'mass_kg' => 20.0, 'area_m2' => 0.6],
            ['name' => 'arm', 'mass_kg' => 4.0, 'area_m2' => 0.55],
        ]);
        $form = $this->open("/parts/{$part->id}/edit", "/parts/{$part->id}");
        $form['sections'][1] = ['name' => 'arm', 'mass_kg' => '5', 'area_m2' => '0.55'];
        $form['coats'][0]['powder_id'] = '';
        $this->save("/parts/{$part->id}", ['mass_kg' => '', 'area_m2' => ''] + $form)->assertSessionHasNoErrors();
        $kept = $part->sections()->orderBy('id')->pluck('mass_kg', 'name')->all();
        self::assertSame(['foot' => 20.0, 'arm' => 5.0], $kept);
        self::assertSame(0, $part->coats()->count());
        $gone = fn (string $table): int => DB::table($table)->where('part_id', $part->id)
            ->whereNotNull('superseded_at')->where('superseded_by', $this->finisher->id)->count();
        self::assertSame([1, 1], [$gone('sections'), $gone('coats')]);
    }

    public function test_what_is_put_together_passes_what_typed_fields_pass(): void
    {
        $job = $this->job(Station::Intake);
        $now = OriginalFormState::unpack($this->open("/jobs/{$job->id}/edit", "/jobs/{$job->id}")['_opened']);
        $title = fn (mixed $as): array => ['title' => $as] + $now;
        $list = ['title[a]' => 'a list'] + array_diff_key($now, ['title' => true]);
        foreach ([$title("no\0text"), $title(str_repeat('x', 150_000)), $title(''), $list] as $typed) {
            // Nobody's page sends this: the pack is what the client makes of it.
            $both = OriginalFormState::pack(['now' => $now, 'typed' => $typed, 'fields' => []]);
            $this->save("/jobs/{$job->id}", ['_both' => $both, '_once' => (string) Str::uuid()])
                ->assertSessionHasErrors('title');
        }
        self::assertSame('Bench ends', $job->refresh()->title);
    }
}
