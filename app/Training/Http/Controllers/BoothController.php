<?php

declare(strict_types=1);

namespace App\Training\Http\Controllers;

use Aenum\Core\Application\PathPoint;
use Aenum\Core\Application\SprayedPanel;
use Aenum\Core\Inspection\FilmReadings;
use Aenum\Core\Training\BoothDrill;
use Aenum\Core\Training\BoothScore;
use Aenum\Core\Training\BoothSetting;
use Aenum\Core\Units\Dimension;
use Aenum\Core\Units\InvalidInput;
use App\Platform\Http\Controllers\RequiresUser;
use App\Platform\Presentation\Units;
use App\Platform\Validation\MeasuredQuantity;
use App\Training\Commands\SprayBooth;
use App\Training\Models\BoothRun;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** The booth exercise: drills, film after each stroke, scores. */
final class BoothController
{
    use RequiresUser;

    /** A quarter of a second of a hand, sampled as fast as any screen does. */
    private const MOST_POINTS = 120;

    /** A stroke by figures as it stands there at first, mm and mm a second: label and value by field. */
    private const STROKE = [
        'from_x' => ['From, across', -120.0],
        'from_y' => ['From, down', 0.0],
        'to_x' => ['To, across', 720.0],
        'to_y' => ['To, down', 0.0],
        'hand' => ['Hand, a second', 300.0],
    ];

    public function index(Request $request): View
    {
        $me = $this->person($request)->id;
        $scores = DB::table('booth_runs')->join('users', 'users.id', '=', 'booth_runs.user_id')
            ->whereNotNull('score')->groupBy('drill', 'user_id', 'name')->orderByDesc('best')
            ->selectRaw('drill, user_id, name, MAX(score) as best')->get()->groupBy('drill');

        return view('training.drills', [
            'drills' => BoothDrill::all(),
            'mine' => $scores->map(fn ($all) => $all->firstWhere('user_id', $me)?->best),
            'best' => $scores->map(fn ($all) => $all->first()),
        ]);
    }

    public function show(Request $request, string $drill): View
    {
        $one = $this->drill($drill);
        $run = BoothRun::lastOf($this->person($request), $one->key);
        $film = $run === null ? $one->bare() : SprayBooth::film($one, $run);
        $set = $this->kept($request, $one);

        return view('training.booth', [
            'drill' => $one,
            'run' => $run,
            'film' => $film,
            'set' => $set,
            'sliders' => [
                ['kv', 'Voltage, kV', 0, 100, 5, $set->kv],
                ['ua', 'Current, µA', 5, 100, 5, $set->microAmps],
                ['air', 'Powder air, ×', 0.3, 2, 0.1, $set->air],
                ['flow', 'Flow, g/min', 20, 300, 10, $set->flowGPerMin],
                ['face', 'Booth air, m/s', 0.2, 2, 0.1, $set->faceMPerS],
            ],
            'stroke' => self::STROKE,
            'state' => $this->state($one, $film, $run),
            'score' => $run?->score === null ? null : BoothScore::of($one, $film, $set),
        ]);
    }

    public function start(Request $request, string $drill, SprayBooth $booth): RedirectResponse
    {
        $one = $this->drill($drill);
        $booth->start($one, $this->person($request));
        $request->session()->forget("booth.{$one->key}");

        return redirect("/practice/booth/{$one->key}");
    }

    /** A piece of the hand's way; answered with the film as it lies after it. */
    public function stroke(Request $request, string $drill, SprayBooth $booth): JsonResponse|RedirectResponse
    {
        $one = $this->drill($drill);
        $user = $this->person($request);
        $set = $this->setting($request, $one);
        $request->session()->put("booth.{$one->key}", [
            $set->flowGPerMin, $set->kv, $set->microAmps, $set->air, $set->ohms, $set->faceMPerS,
        ]);
        if (! $request->isJson()) {
            $path = $this->byFigures($request);
            $run = $booth->current($one, $user);
            $booth->stroke($one, $user, $run->strokes + 1, $path, $set);

            return redirect("/practice/booth/{$one->key}");
        }
        $in = $request->validate([
            'number' => ['required', 'integer', 'between:1,1000000'],
            'path' => ['required', 'array', 'max:'.self::MOST_POINTS],
            'path.*' => ['array', 'size:5'],
            'path.*.*' => ['required', 'numeric', 'between:-10000,36000'],
        ]);
        $film = $booth->stroke($one, $user, (int) $in['number'], $this->path($in['path']), $set);

        return response()->json($this->state($one, $film, BoothRun::lastOf($user, $one->key)));
    }

    public function judge(Request $request, string $drill, SprayBooth $booth): RedirectResponse
    {
        $one = $this->drill($drill);
        $score = $booth->judge($one, $this->person($request), $this->kept($request, $one));

        return redirect("/practice/booth/{$one->key}")->with('said', "{$score->score} of 100.");
    }

    public function measured(Request $request, string $drill, SprayBooth $booth): RedirectResponse
    {
        $one = $this->drill($drill);
        $in = $request->validate(['real' => ['required', 'string', 'max:1000']]);
        $run = BoothRun::lastOf($this->person($request), $one->key);
        abort_if($run?->score === null, 409);
        $system = Units::current()->system;
        try {
            $real = FilmReadings::of(array_map(
                fn (string $word): float => Dimension::Film->parse('reading', $word, $system),
                FilmReadings::typed($in['real']),
            ));
        } catch (InvalidInput $e) {
            throw ValidationException::withMessages(['real' => 'A real panel: '.$e->getMessage().'.']);
        }
        $booth->measured($run, $real);

        return redirect("/practice/booth/{$one->key}")->with('said', 'Kept beside what was computed.');
    }

    /** As it was set at the last stroke; as it hangs there before the first. */
    private function kept(Request $request, BoothDrill $drill): BoothSetting
    {
        $set = $request->session()->get("booth.{$drill->key}");

        return is_array($set) && count($set) === 6
            ? BoothSetting::of(...array_map(floatval(...), array_values($set)))
            : $drill->start;
    }

    private function drill(string $key): BoothDrill
    {
        return BoothDrill::all()[$key] ?? abort(404);
    }

    private function setting(Request $request, BoothDrill $drill): BoothSetting
    {
        $in = $request->validate([
            'kv' => ['required', 'numeric', 'between:0,100'],
            'ua' => ['required', 'numeric', 'between:5,100'],
            'air' => ['required', 'numeric', 'between:0.3,2'],
            'flow' => ['required', 'numeric', 'between:20,300'],
            'face' => ['required', 'numeric', 'between:0.2,2'],
            'clean' => ['nullable', 'boolean'],
        ]);

        return BoothSetting::of(
            (float) $in['flow'],
            (float) $in['kv'],
            (float) $in['ua'],
            (float) $in['air'],
            empty($in['clean']) ? $drill->start->ohms : BoothDrill::CLEAN_OHM,
            (float) $in['face'],
        );
    }

    /**
     * @param  list<list<mixed>>  $points  each t, x, y, away, on
     * @return list<PathPoint>
     */
    private function path(array $points): array
    {
        $path = [];
        foreach ($points as $one) {
            $at = PathPoint::of((float) $one[0], (float) $one[1], (float) $one[2], (float) $one[3], $one[4] > 0);
            $last = end($path);
            if ($last === false || $at->tS > $last->tS) {
                $path[] = $at;
            }
        }

        return $path;
    }

    /**
     * One straight stroke, there and as often as asked: what a hand without a pointer does.
     *
     * @return list<PathPoint>
     */
    private function byFigures(Request $request): array
    {
        $place = ['required', new MeasuredQuantity(Dimension::Length, -300, 1200)];
        $in = $request->validate([
            'from_x' => $place,
            'from_y' => $place,
            'to_x' => $place,
            'to_y' => $place,
            'away' => ['required', 'numeric', 'between:50,600'],
            'hand' => ['required', new MeasuredQuantity(Dimension::Length, 50, 2000)],
        ]);
        $number = fn (string $key): float => (float) MeasuredQuantity::read(Dimension::Length, $in[$key]);
        $length = hypot($number('to_x') - $number('from_x'), $number('to_y') - $number('from_y'));
        $seconds = max(0.05, $length / $number('hand'));

        return [
            PathPoint::of(0.0, $number('from_x'), $number('from_y'), (float) $in['away'], true),
            PathPoint::of($seconds, $number('to_x'), $number('to_y'), (float) $in['away'], false),
        ];
    }

    /** @return array<string, mixed> what the picture is drawn from */
    private function state(BoothDrill $drill, SprayedPanel $film, ?BoothRun $run): array
    {
        $figures = $film->figures();
        $units = Units::current();
        $um = fn (float $value): string => $units->show(Dimension::Film, $value);

        return [
            'across' => $drill->panel->across,
            'down' => $drill->panel->down,
            'cell' => $drill->panel->cellMm,
            'low' => $drill->powder->lowUm,
            'high' => $drill->powder->highUm,
            'shown' => $units->isMetric() ? 1.0 : 1 / 25.4,
            'digits' => $units->isMetric() ? 0 : 1,
            'strokes' => $run->strokes ?? 0,
            'um' => array_map(fn (?float $one): int => $one === null ? -1 : (int) round($one), $film->filmUm),
            'figures' => [
                'mean' => $um($figures->meanUm),
                'least' => $um($figures->leastUm),
                'most' => $um($figures->mostUm),
                'deviation' => $um($figures->deviationUm),
                'band' => round(100 * $figures->inBand).' %',
                'index' => number_format($film->index, 2),
                'sprayed' => $units->show(Dimension::Powder, $film->sprayedG),
                'landed' => $units->show(Dimension::Powder, $film->landedG()),
            ],
        ];
    }
}
