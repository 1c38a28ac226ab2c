<?php

declare(strict_types=1);

namespace App\Training\Http\Controllers;

use Aenum\Core\Training\Exercise;
use Aenum\Core\Training\PotMove;
use App\Platform\Http\Controllers\RequiresUser;
use App\Training\Commands\PlayPot;
use App\Training\Models\PracticeRun;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** The blast pot exercise: working drawing, scores, and a checklist. */
final class PracticeController
{
    use RequiresUser;

    public function index(Request $request): View
    {
        $best = PracticeRun::query()->with('user')->whereNotNull('score')->get()->groupBy('exercise');

        return view('training.index', [
            'exercises' => Exercise::all(),
            'mine' => $best->map(fn ($runs) => $runs->where('user_id', $this->person($request)->id)->max('score')),
            'best' => $best->map(fn ($runs) => $runs->sortByDesc('score')->first()),
        ]);
    }

    public function show(Request $request, string $exercise): View
    {
        $one = Exercise::all()[$exercise] ?? abort(404);
        $run = PracticeRun::lastOf($this->person($request), $one->key);

        return view('training.pot', ['exercise' => $one, 'table' => PlayPot::table($one, $run)]);
    }

    public function start(Request $request, string $exercise, PlayPot $play): RedirectResponse
    {
        $one = Exercise::all()[$exercise] ?? abort(404);
        $play->start($one, $this->person($request));

        return redirect("/practice/{$one->key}");
    }

    public function move(Request $request, string $exercise, PlayPot $play): RedirectResponse
    {
        $one = Exercise::all()[$exercise] ?? abort(404);
        $in = $request->validate(['move' => ['required', Rule::enum(PotMove::class)]]);
        $play->move($one, $this->person($request), PotMove::from($in['move']));

        return redirect("/practice/{$one->key}");
    }

    /** What the practice pot shows to be the shortest safe way, as a list for the real one. */
    public function checklist(): View
    {
        return view('training.checklist', ['lists' => PlayPot::checklists()]);
    }
}
