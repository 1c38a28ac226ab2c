<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Preparation\Masking\PinKind;
use Aenum\Core\Trade\Feature;
use Aenum\Core\Trade\Station;
use App\Intake\Commands\PlacePin;
use App\Intake\Models\Bag;
use App\Intake\Models\Part;
use App\Intake\Models\Picture;
use App\Intake\Models\Pin;
use App\Routing\Queries\PartRoute;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;

final class PinsTest extends ShopTestCase
{
    private Part $part;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->part = $this->part($this->job(Station::Intake), 'lantern body', 6.2, 0.62, 2, 'cast_aluminium');
    }

    /** @param  \Closure(\GdImage, string): bool  $write */
    private function photo(\Closure $write, int $wide = 400, int $high = 300): UploadedFile
    {
        $image = imagecreatetruecolor($wide, $high);
        imagefilledrectangle($image, 0, 0, intdiv($wide, 2), $high, (int) imagecolorallocate($image, 200, 30, 30));
        $path = (string) tempnam(sys_get_temp_dir(), 'pin');
        $write($image, $path);

        return new UploadedFile($path, 'x.jpg', null, null, true);
    }

    private function upload(UploadedFile $file): TestResponse
    {
        return $this->actingAs($this->finisher)->post("/parts/{$this->part->id}/pictures", ['photo' => $file]);
    }

    private function pin(array $with = []): TestResponse
    {
        return $this->send(
            "/parts/{$this->part->id}/pins",
            $with + [
                'kind' => 'bore',
                'across' => '25',
                'down' => '40.5',
                'size' => '3/4 in',
                'places' => '4',
                'note' => 'through',
            ],
        );
    }

    public function test_a_photo_is_written_anew_and_nothing_but_the_picture_is_left(): void
    {
        foreach (['imagejpeg', 'imagepng', 'imagewebp'] as $write) {
            $file = $this->photo(fn (\GdImage $image, string $path): bool => $write($image, $path));
            file_put_contents($file->getPathname(), '<script>alert("where it was taken")</script>', FILE_APPEND);
            $this->upload($file)->assertSessionHasNoErrors();
        }
        self::assertSame(3, $this->part->pictures()->count());
        foreach ($this->part->pictures as $picture) {
            $bytes = (string) Storage::disk('local')->get($picture->file);
            self::assertStringStartsWith("\xFF\xD8\xFF", $bytes);
            self::assertStringNotContainsString('script', $bytes);
            $answer = $this->actingAs($this->viewer)
                ->get("/pictures/{$picture->id}")
                ->assertOk();
            self::assertSame(
                ['image/jpeg', 'nosniff'],
                [$answer->headers->get('Content-Type'), $answer->headers->get('X-Content-Type-Options')],
            );
        }
    }

    public function test_a_large_photo_is_made_smaller_and_a_sideways_one_turned(): void
    {
        $this->upload(
            $this->photo(fn ($image, $path) => imagejpeg($image, $path), 3000, 1000),
        )->assertSessionHasNoErrors();
        $picture = $this->part->pictures()->firstOrFail();
        self::assertSame([1800, 600], [$picture->width, $picture->height]);
        // A camera held sideways: the same JPEG with an orientation of 6 put behind its first marker.
        $file = $this->photo(fn ($image, $path) => imagejpeg($image, $path), 400, 200);
        $exif = "Exif\0\0MM\0*\0\0\0\x08\0\x01\x01\x12\0\x03\0\0\0\x01\0\x06\0\0\0\0\0\0";
        $jpeg = (string) file_get_contents($file->getPathname());
        file_put_contents(
            $file->getPathname(),
            substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2),
        );
        $this->upload($file)->assertSessionHasNoErrors();
        $turned = Picture::query()->latest('id')->firstOrFail();
        self::assertSame([200, 400], [$turned->width, $turned->height]);
    }

    public function test_what_is_no_photo_is_refused(): void
    {
        $text = (string) tempnam(sys_get_temp_dir(), 'pin');
        foreach (
            [
                '<svg xmlns="http://www.w3.org/2000/svg"><script/></svg>',
                'GIF89a',
                "\xFF\xD8\xFF\xE0 cut off",
                '',
                str_repeat("\0", 500),
            ] as $bytes
        ) {
            file_put_contents($text, $bytes);
            $this->upload(new UploadedFile($text, 'x.jpg', 'image/jpeg', null, true))->assertSessionHasErrors(
                'photo',
            );
        }
        $gif = $this->photo(fn ($image, $path) => imagegif($image, $path));
        $this->upload($gif)->assertSessionHasErrors('photo');
        // A header that claims a billion pixels is refused before anything is decoded.
        $png = $this->photo(fn ($image, $path) => imagepng($image, $path), 10, 10);
        $bytes = (string) file_get_contents($png->getPathname());
        file_put_contents(
            $png->getPathname(),
            substr($bytes, 0, 16).pack('NN', 40000, 40000).substr($bytes, 24),
        );
        $this->upload($png)->assertSessionHasErrors('photo');
        $this->send("/parts/{$this->part->id}/pictures")->assertSessionHasErrors('photo');
        self::assertSame(0, Picture::query()->count());
        self::assertSame([], Storage::disk('local')->allFiles());
    }

    public function test_damaged_photos_never_break_anything(): void
    {
        $whole = (string) file_get_contents(
            $this->photo(fn ($image, $path) => imagepng($image, $path))->getPathname(),
        );
        mt_srand(7);
        for ($round = 0; $round < 25; $round++) {
            $path = (string) tempnam(sys_get_temp_dir(), 'pin');
            $bytes = $whole;
            for ($hits = 0; $hits < 6; $hits++) {
                $bytes[mt_rand(0, strlen($bytes) - 1)] = chr(mt_rand(0, 255));
            }
            file_put_contents($path, substr($bytes, 0, mt_rand(20, strlen($bytes))));
            self::assertContains(
                $this->upload(new UploadedFile($path, 'x.png', null, null, true))->getStatusCode(),
                [302],
            );
        }
        self::assertLessThanOrEqual(12, $this->part->pictures()->count());
    }

    public function test_pins_are_numbered_once_listed_and_feed_the_route(): void
    {
        self::assertNotContains(Feature::Bores, PartRoute::of($this->part)->facts->part->features);
        $this->pin()->assertSessionHasNoErrors();
        $this->pin(['kind' => 'face', 'size' => '80', 'must_stay_bare' => '1'])->assertSessionHasNoErrors();
        $this->pin([
            'kind' => 'damage',
            'note' => 'dent by the door',
            'must_stay_bare' => '1',
            'size' => '',
        ])->assertSessionHasNoErrors();
        $pins = $this->part->pins()->get();
        self::assertSame([1, 2, 3], $pins->pluck('number')->all());
        self::assertEqualsWithDelta(19.05, (float) $pins[0]->size_mm, 1e-9);
        self::assertFalse($pins[2]->must_stay_bare, 'only what is masked can have to stay bare');
        $this->send("/pins/{$pins[2]->id}/withdraw")->assertSessionHasNoErrors();
        $this->pin(['kind' => 'recess'])->assertSessionHasNoErrors();
        $this->pin(['kind' => 'seat', 'size' => '', 'note' => ''])->assertSessionHasNoErrors();
        $this->actingAs($this->viewer)
            ->get("/parts/{$this->part->id}/pins")
            ->assertSee('measure it')
            ->assertSee('What sits there');
        $this->send('/pins/'.Pin::query()->max('id').'/withdraw');
        self::assertSame(5, (int) Pin::query()->max('number'), 'a number is not given twice');
        $route = PartRoute::of(Part::query()->findOrFail($this->part->id));
        self::assertEqualsCanonicalizing(
            [Feature::Bores, Feature::Faces, Feature::Recesses],
            $route->facts->part->features,
        );
        $page = $this->actingAs($this->viewer)
            ->get("/parts/{$this->part->id}/pins")
            ->assertOk();
        $page
            ->assertSee('4 alike')
            ->assertSee('must stay bare')
            ->assertDontSee('dent by the door')
            ->assertDontSee('Set a pin');
        $card = $this->actingAs($this->viewer)
            ->get("/jobs/{$this->part->job_id}/card")
            ->assertOk();
        $card->assertSee('1 bore, 2 face, 4 recess')->assertSee('through');
    }

    public function test_a_pin_that_cannot_be_is_refused_by_name(): void
    {
        $this->pin(['kind' => ''])->assertSessionHasErrors('kind');
        $this->pin(['across' => '101'])->assertSessionHasErrors('across');
        $this->pin(['down' => 'left'])->assertSessionHasErrors('down');
        $this->pin(['size' => '0'])->assertSessionHasErrors('size');
        $this->pin(['places' => '0'])->assertSessionHasErrors('places');
        $other = $this->part($this->job(Station::Intake), 'arm');
        $foreign = Picture::query()->create([
            'part_id' => $other->id,
            'file' => 'x',
            'width' => 1,
            'height' => 1,
            'user_id' => $this->owner->id,
            'at' => $this->now,
        ]);
        $this->pin(['picture_id' => $foreign->id])->assertSessionHasErrors('picture_id');
        self::assertSame(0, Pin::query()->count());
        $this->part->job->update(['status' => 'released']);
        $this->pin()->assertSessionHasErrors('job');
        foreach (PinKind::cases() as $kind) {
            self::assertNotSame('', $kind->asks());
        }
    }

    public function test_a_photo_with_pins_stays(): void
    {
        $this->upload($this->photo(fn ($image, $path) => imagejpeg($image, $path)));
        $picture = $this->part->pictures()->firstOrFail();
        $this->pin(['picture_id' => $picture->id]);
        $this->send("/pictures/{$picture->id}/withdraw")->assertSessionHasErrors('photo');
        $this->send('/pins/'.Pin::query()->firstOrFail()->id.'/withdraw');
        $this->send("/pictures/{$picture->id}/withdraw")->assertSessionHasNoErrors();
        $this->actingAs($this->viewer)
            ->get("/pictures/{$picture->id}")
            ->assertNotFound();
    }

    public function test_what_went_into_a_bag_must_come_back_out(): void
    {
        $this->send("/parts/{$this->part->id}/bags", [
            'bag' => 'B1',
            'holds' => 'hinge pins',
            'count' => '6',
        ])->assertSessionHasNoErrors();
        $this->send("/parts/{$this->part->id}/bags", [
            'bag' => '',
            'holds' => '',
            'count' => '0',
        ])->assertSessionHasErrors(['bag', 'holds', 'count']);
        $bag = Bag::query()->firstOrFail();
        $job = $this->part->job;
        $this->part->coats()->delete();
        $this->excuse($this->batch($job), Station::Release);
        $this->hangAt($job, Station::Release);
        $this->send(
            "/batches/{$this->batch($job)->id}/release",
            ['note' => 'ready'],
        )->assertSessionHasErrors('release');
        self::assertStringContainsString('bag B1: 6 not counted back', session('errors')->first('release'));
        $this->send("/bags/{$bag->id}/count", ['back' => '5']);
        $this->send(
            "/batches/{$this->batch($job)->id}/release",
            ['note' => 'ready'],
        )->assertSessionHasErrors('release');
        $this->send("/bags/{$bag->id}/count", ['back' => '6'])->assertSessionHasNoErrors();
        $this->send("/batches/{$this->batch($job)->id}/release", ['note' => 'ready'])->assertSessionHasNoErrors();
    }

    public function test_a_question_to_the_owner_holds_the_powder_until_it_is_answered(): void
    {
        $part = $this->part($this->job(Station::MaskAndHang), 'bench end');
        $pin = (new PlacePin())(
            $part,
            ['kind' => 'owner_question', 'x' => 0.5, 'y' => 0.5, 'note' => 'This face too?'],
            $this->finisher,
        );
        $batch = $this->batch($part);
        $go = fn () => $this->send("/batches/{$batch->id}/send", [
            'to' => Station::Coat->value, 'seen_at' => Station::MaskAndHang->value, 'note' => 'on it goes',
        ]);
        $go()->assertSessionHasErrors('answer');
        $this->actingAs($this->viewer)->get("/parts/{$part->id}/pins")->assertSee('not answered yet');
        $this->send("/pins/{$pin->id}/answer", ['answer' => ''])->assertSessionHasErrors('answer');
        $this->send("/pins/{$pin->id}/answer", ['answer' => 'Yes, that too'], $this->viewer)->assertForbidden();
        $this->send("/pins/{$pin->id}/answer", ['answer' => 'Yes, that too'])->assertSessionHasNoErrors();
        $this->send("/pins/{$pin->id}/answer", ['answer' => 'No'])->assertSessionHasErrors('answer');
        $this->actingAs($this->viewer)->get("/parts/{$part->id}/pins")->assertSee('Yes, that too')
            ->assertSee('heard by Finisher');
        $go()->assertSessionDoesntHaveErrors('answer');
    }
}
