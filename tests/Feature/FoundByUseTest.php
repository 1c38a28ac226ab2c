<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Trade\Station;
use App\Curing\Commands\UpdateExpectedPull;
use App\Curing\Models\OvenLoad;
use App\Curing\ViewModels\BakeViewModel;
use App\Intake\Models\Part;
use App\Platform\Clock\ShopClock;
use App\Platform\Concurrency\FormFields;
use App\Platform\Concurrency\OriginalFormState;
use App\Scheduling\Commands\PlanDay;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** Faults that people met in use, each held so that it does not come back. */
final class FoundByUseTest extends ShopTestCase
{
    /** @param  array<string, mixed>  $fields */
    private function saveFacts(Part $part, array $fields, bool $live = false): TestResponse
    {
        return $this->actingAs($this->finisher)->call(
            'PUT',
            "/parts/{$part->id}/facts",
            $fields,
            server: $live ? ['HTTP_HX-Request' => 'true'] : [],
        );
    }

    /** @return array<string, mixed> the facts form of a part, as a browser would send it */
    private function facts(Part $part): array
    {
        $html = (string) $this->actingAs($this->finisher)->get("/parts/{$part->id}/route")->assertOk()->getContent();
        preg_match('~<form method="post" action="/parts/\d+/facts".*?</form>~s', $html, $form);
        preg_match('/name="_opened" value="([^"]+)"/', $form[0], $opened);

        return FormFields::nested(FormFields::read($form[0])[0]['fields']) + ['_opened' => $opened[1]];
    }

    public function test_two_equal_sides_are_two_sides(): void
    {
        $part = $this->part($this->job(Station::Intake));
        $form = $this->facts($part);
        $this->saveFacts($part, ['box' => ['90', '90', '250']] + $form)->assertSessionHasNoErrors();
        self::assertSame([90.0, 90.0, 250.0], $part->refresh()->boxMm());
        $again = $this->facts($part);
        self::assertSame(['90', '90', '250'], $again['box']);
        $this->saveFacts($part, $again)->assertSessionHasNoErrors();
        self::assertSame([90.0, 90.0, 250.0], $part->refresh()->boxMm());
    }

    public function test_a_form_meets_no_conflict_with_its_own_earlier_saves(): void
    {
        $part = $this->part($this->job(Station::Intake));
        $form = $this->facts($part);
        $typed = $form;
        foreach ([['600', '', ''], ['600', '500.0', ''], ['600', '500.0', '120']] as $box) {
            $typed = ['box' => $box] + $typed;
            $answer = $this->saveFacts($part, $typed, live: true)->assertOk();
            preg_match('/id="facts-opened" name="_opened" value="([^"]+)"/', (string) $answer->getContent(), $opened);
            self::assertNotNull(OriginalFormState::unpack($opened[1] ?? null));
            $typed['_opened'] = $opened[1];
        }
        // With the version of its last live save, and with the one the page came with.
        foreach ([$typed['_opened'], $form['_opened']] as $version) {
            $this->saveFacts($part, ['_opened' => $version, 'made' => 'forged'] + $typed)
                ->assertRedirect()->assertSessionHasNoErrors();
            self::assertSame([600.0, 500.0, 120.0], $part->refresh()->boxMm());
            self::assertSame('forged', $part->made);
        }
    }

    public function test_the_choice_on_the_conflict_page_always_saves(): void
    {
        $part = $this->part($this->job(Station::Intake));
        $form = $this->facts($part);
        $this->saveFacts($part, ['box' => ['300', '200', '100']] + $form);
        $both = $this->actingAs($this->owner)->call('PUT', "/parts/{$part->id}/facts", [
            'box' => ['90', '90', '90'],
        ] + $form)->assertStatus(409);
        preg_match('/name="_both" value="([^"]+)"/', (string) $both->getContent(), $carried);
        $checked = substr_count((string) $both->getContent(), 'value="mine" checked');
        self::assertSame(3, $checked, 'each side is asked, and one\'s own is picked');
        $this->send("/parts/{$part->id}/facts", [
            '_both' => $carried[1], '_take' => ['mine', 'theirs', 'mine'], '_once' => (string) Str::uuid(),
        ], $this->owner, 'PUT')->assertRedirect()->assertSessionHasNoErrors();
        self::assertSame([90.0, 200.0, 90.0], $part->refresh()->boxMm());
    }

    public function test_a_live_form_hears_what_is_wrong_field_by_field(): void
    {
        $part = $this->part($this->job(Station::Intake));
        $form = $this->facts($part);
        $answer = $this->saveFacts($part, ['box' => ['600600', '', '']] + $form, live: true);
        $answer->assertStatus(422)->assertJsonStructure(['errors' => ['box.0']]);
        self::assertNull($part->refresh()->boxMm()[0] ?? null);
        // Without scripts it comes back with what was typed.
        $this->saveFacts($part, ['box' => ['600600', '', '']] + $form)->assertRedirect()
            ->assertSessionHasErrors('box.0');
    }

    public function test_board_header_and_station_show_the_pull_time_of_the_bake(): void
    {
        $bake = $this->hang($this->part($this->job()));
        $this->send("/bakes/{$bake->id}/start")->assertSessionHasNoErrors();
        $this->later(9);
        $item = $bake->refresh()->items->firstOrFail();
        $this->send("/bakes/{$bake->id}/readings", ['item' => "{$item->id}-0", 'shown' => '120'])
            ->assertSessionHasNoErrors();
        Cache::flush();
        $load = OvenLoad::query()->findOrFail($bake->id);
        $pull = BakeViewModel::of($load)->pullAt();
        self::assertNotSame($load->ran()->setPullAt()?->getTimestamp(), $pull->getTimestamp(), 'the reading moved it');
        self::assertSame($pull->getTimestampMs(), UpdateExpectedPull::of($load)->getTimestampMs());
        $time = ShopClock::hour($pull);
        foreach (['/', '/station/cure', "/bakes/{$bake->id}", '/tablet'] as $page) {
            $this->actingAs($this->viewer)->get($page === '/tablet' ? '/' : $page)->assertSee($time);
        }
    }

    public function test_a_step_not_done_reads_so_in_the_full_record(): void
    {
        $job = $this->job(Station::Intake);
        $this->part($job);
        $page = $this->actingAs($this->viewer)->get("/jobs/{$job->id}/record")->assertOk();
        $page->assertSee('not done')->assertDontSee('by itself')->assertDontSee('by themselves');
    }

    public function test_a_powder_with_a_box_size_is_saved_unchanged(): void
    {
        $this->green->update(['box_kg' => 20]);
        $html = (string) $this->actingAs($this->owner)->get("/powders/{$this->green->id}/edit")->getContent();
        preg_match('~<form method="post" action="/powders/\d+".*?</form>~s', $html, $form);
        $fields = FormFields::nested(FormFields::read($form[0])[0]['fields']);
        $this->send("/powders/{$this->green->id}", $fields, $this->owner, 'PUT')->assertSessionHasNoErrors();
        self::assertSame(20.0, $this->green->refresh()->box_kg);
        $this->send("/powders/{$this->green->id}", ['box_size' => '25 kg'] + $fields, $this->owner, 'PUT')
            ->assertSessionHasNoErrors();
        self::assertSame(25.0, $this->green->refresh()->box_kg);
    }

    public function test_the_trust_page_opens_over_plain_http(): void
    {
        auth()->logout();
        $this->get('/trust')->assertNotFound()->assertSee('This shop needs no certificate');
        $this->get('/trust/certificate')->assertNotFound()->assertSee('This shop needs no certificate');
        $folder = dirname(storage_path()).'/tls';
        @mkdir($folder, 0700);
        $key = openssl_pkey_new(['private_key_bits' => 2048]);
        $request = openssl_csr_new(['commonName' => 'Test works'], $key);
        openssl_x509_export_to_file(openssl_csr_sign($request, null, $key, 1), "{$folder}/authority.crt");
        try {
            $this->get('/trust')->assertOk()->assertSee('How a tablet comes to trust this Aenum');
            $this->get('/trust/certificate')->assertOk();
        } finally {
            unlink("{$folder}/authority.crt");
        }
    }

    public function test_what_the_menu_calls_parts_opens(): void
    {
        $this->actingAs($this->viewer)->get('/parts')->assertRedirect('/library');
    }

    public function test_the_printed_day_list_has_columns_and_names_nobody_twice(): void
    {
        $this->part($this->job(Station::Coat));
        PlanDay::update();
        $page = $this->actingAs($this->viewer)->get('/day/sheet')->assertOk();
        $page->assertSee('class="grid-table"', false)->assertDontSee('<th scope="col">Who</th>', false);
    }
}
