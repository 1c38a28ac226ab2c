<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Training\Exercise;
use App\Training\Models\PracticeRun;

final class PracticeTest extends ShopTestCase
{
    public function test_a_person_plays_is_told_what_went_wrong_and_is_scored(): void
    {
        $this->actingAs($this->finisher)
            ->get('/practice')
            ->assertOk()
            ->assertSee('Find the mixture')
            ->assertSee('nobody yet');
        $this->get('/practice/lower')->assertOk()->assertSee('class="pot"', false);
        $this->send('/practice/lower/move', ['move' => 'turn_down']);
        $this->get('/practice/lower')->assertSee('Grit in the regulator.')->assertSee('Instead:');
        $this->send('/practice/lower/start');
        foreach (Exercise::all()['lower']->shortest() as $move) {
            $this->send('/practice/lower/move', ['move' => $move->value])->assertSessionHasNoErrors();
        }
        $this->get('/practice/lower')->assertSee('100 of 100');
        self::assertSame(100, PracticeRun::query()->latest('id')->firstOrFail()->score);
        $this->get('/practice')->assertSee('best 100, Finisher');
        $this->send('/practice/lower/move', ['move' => 'dance'])->assertSessionHasErrors('move');
        $this->actingAs($this->finisher)->get('/practice/juggling')->assertNotFound();
        // Another person's table is their own.
        $this->actingAs($this->owner)->get('/practice/lower')->assertDontSee('100 of 100');
    }

    public function test_a_go_ends_somewhere_and_the_checklist_is_the_pot_s_own(): void
    {
        $run = PracticeRun::query()->create([
            'user_id' => $this->finisher->id,
            'exercise' => 'mixture',
            'moves' => array_fill(0, 80, 'less_media'),
            'started_at' => $this->now,
        ]);
        $this->send('/practice/mixture/move', ['move' => 'more_media'])->assertSessionHasErrors('move');
        self::assertCount(80, $run->refresh()->moves);
        $page = $this->actingAs($this->viewer)->get('/practice/checklist')->assertOk();
        $page->assertSeeInOrder([
            'Start up',
            'Pin the couplings',
            'Drain the separator',
            'Press the dead-man',
            'Clear a plug',
            'Shut the choke',
            'Open the choke',
            'Less pressure',
            'Shut the supply',
            'Open the vent ball valve',
            'Turn the regulator down',
        ]);
        $this->actingAs($this->viewer)
            ->post('/practice/mixture/move', ['move' => 'more_media'])
            ->assertForbidden();
    }
}
