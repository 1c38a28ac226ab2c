<?php

declare(strict_types=1);

namespace App\Intake\Http\Controllers;

use App\Intake\Commands\PartShapes;
use App\Intake\Commands\PlacePin;
use App\Intake\Commands\StorePicture;
use App\Intake\Http\Requests\PinRequest;
use App\Intake\Models\Bag;
use App\Intake\Models\Part;
use App\Intake\Models\Picture;
use App\Intake\Models\Pin;
use App\Platform\Clock\ShopClock;
use App\Platform\Http\Controllers\RequiresUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Storage;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/** Photos of a part, pins on them, and bags of loose parts. */
final class PinController
{
    use RequiresUser;

    public function show(Request $request, Part $part): View
    {
        $part->load(['pictures', 'pins', 'bags', 'job']);
        $asked = (string) $request->string('picture', (string) session()->getOldInput('picture_id'));
        $picture =
            $asked === 'drawing'
                ? null
                : $part->pictures->firstWhere('id', (int) $asked) ?? $part->pictures->first();

        return view('intake.pins', ['part' => $part, 'picture' => $picture, 'built' => PartShapes::of($part)]);
    }

    public function image(Picture $picture): Response
    {
        abort_if($picture->withdrawn_at !== null || ! Storage::disk()->exists($picture->file), 404);

        return response((string) Storage::disk()->get($picture->file), 200, [
            'Content-Type' => 'image/jpeg',
            'X-Content-Type-Options' => 'nosniff',
            'Content-Disposition' => 'inline',
            'Cache-Control' => 'private, max-age=31536000, immutable',
        ]);
    }

    public function upload(Request $request, Part $part, StorePicture $keep): RedirectResponse
    {
        $part->job->mustBeOpen();
        $file = $request->file('photo');
        if (! ($file instanceof \Illuminate\Http\UploadedFile)) {
            throw ValidationException::withMessages([
                'photo' => 'No photo came along; pick one, JPEG, PNG or WebP up to 15 MB.',
            ]);
        }
        $after = $request->input('shows') === 'after';
        $picture = $keep($part, $file, $this->person($request), $after ? 'after' : 'before');
        if ($after) {
            return redirect('/station/release?part='.$part->id)->with('said', 'The photo of it finished is kept.');
        }

        return redirect("/parts/{$part->id}/pins?picture={$picture->id}")->with(
            'said',
            'The photo is kept. Touch it to set a pin.',
        );
    }

    public function withdrawPicture(Request $request, Picture $picture): RedirectResponse
    {
        $picture->part->job->mustBeOpen();
        if (Pin::query()->where('picture_id', $picture->id)->whereNull('withdrawn_at')->exists()) {
            throw ValidationException::withMessages([
                'photo' => 'There are pins on this photo; take them out first.',
            ]);
        }
        $picture->withdraw($this->person($request), ShopClock::now());

        return redirect("/parts/{$picture->part_id}/pins")->with('said', 'The photo is taken away.');
    }

    public function place(PinRequest $request, Part $part, PlacePin $place): RedirectResponse
    {
        $part->job->mustBeOpen();
        $pin = $place($part, $request->pin(), $this->person($request));

        return redirect("/parts/{$part->id}/pins?picture=".($pin->picture_id ?? 'drawing'))->with(
            'said',
            "Pin {$pin->number} is in.",
        );
    }

    /** What the owner said to a question, and who heard it. */
    public function answer(Request $request, Pin $pin): RedirectResponse
    {
        $pin->part->job->mustBeOpen();
        $in = $request->validate(
            ['answer' => ['required', 'string', 'max:300']],
            ['answer.*' => 'Answer is empty or too long; write what the owner said, up to 300 characters.'],
        );
        if (! $pin->isAsked()) {
            throw ValidationException::withMessages(['answer' => "Pin {$pin->number} asks nothing that is open."]);
        }
        $pin->update([
            'answer' => $in['answer'],
            'answered_by' => $this->person($request)->name,
            'answered_at' => ShopClock::now(),
        ]);

        return redirect("/parts/{$pin->part_id}/pins?picture=".($pin->picture_id ?? 'drawing'))
            ->with('said', "The answer stands at pin {$pin->number}.");
    }

    public function withdraw(Request $request, Pin $pin): RedirectResponse
    {
        $pin->part->job->mustBeOpen();
        if ($pin->fittings()->whereRaw('(removed is null or removed < fitted)')->exists()) {
            throw ValidationException::withMessages([
                'pin' => "Pin {$pin->number} has masks on; count them off first.",
            ]);
        }
        $pin->withdraw($this->person($request), ShopClock::now());

        return redirect("/parts/{$pin->part_id}/pins?picture=".($pin->picture_id ?? 'drawing'))->with(
            'said',
            "Pin {$pin->number} is out; its number is not given again.",
        );
    }

    public function bag(Request $request, Part $part): RedirectResponse
    {
        $part->job->mustBeOpen();
        $in = $request->validate(
            [
                'bag' => ['required', 'string', 'max:60'],
                'holds' => ['required', 'string', 'max:200'],
                'count' => ['required', 'integer', 'between:1,10000'],
            ],
            [
                'bag.required' => 'Bag has no name; write what stands on it, such as B1.',
                'holds.required' => 'What is in it is empty; write what was taken off.',
                'count.*' => 'Pieces is not a count; allowed: 1 to 10000.',
            ],
        );
        Bag::query()->create([
            'part_id' => $part->id,
            'name' => $in['bag'],
            'holds' => $in['holds'],
            'count' => $in['count'],
            'user_id' => $this->person($request)->id,
            'at' => ShopClock::now(),
        ]);

        return redirect("/parts/{$part->id}/pins")->with('said', "Bag {$in['bag']}: {$in['count']} counted in.");
    }

    public function countBack(Request $request, Bag $bag): RedirectResponse
    {
        $bag->part->job->mustBeOpen();
        $in = $request->validate(
            ['back' => ['required', 'integer', 'between:0,10000']],
            ['back.*' => 'Counted back is not a count; allowed: 0 to 10000.'],
        );
        $bag->update([
            'counted_back' => $in['back'],
            'counted_by' => $this->person($request)->id,
            'counted_at' => ShopClock::now(),
        ]);

        return back()->with(
            'said',
            $bag->isBack()
                ? "Bag {$bag->name} is whole."
                : "Bag {$bag->name}: {$in['back']} of {$bag->count}. Look for the rest before it leaves.",
        );
    }

    public function withdrawBag(Request $request, Bag $bag): RedirectResponse
    {
        $bag->part->job->mustBeOpen();
        $bag->withdraw($this->person($request), ShopClock::now());

        return back()->with('said', "Bag {$bag->name} is taken off the list.");
    }
}
