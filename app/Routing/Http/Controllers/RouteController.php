<?php

declare(strict_types=1);

namespace App\Routing\Http\Controllers;

use Aenum\Core\Materials\MetalQuestions;
use Aenum\Core\Routing\ShopPolicies;
use Aenum\Core\Rules\Finding;
use Aenum\Core\Rules\Rule as OneRule;
use Aenum\Core\Rules\RuleBook;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Units\Dimension;
use Aenum\Core\Units\InvalidInput;
use App\Accounts\Models\User;
use App\Curing\Commands\RunOven;
use App\Intake\Models\Job;
use App\Intake\Models\Part;
use App\Intake\Models\PartTrait;
use App\Intake\Models\Pin;
use App\Platform\Clock\ShopClock;
use App\Platform\Concurrency\OriginalFormState;
use App\Platform\Presentation\Units;
use App\Routing\Commands\ChangeRoute;
use App\Routing\Commands\WriteFacts;
use App\Routing\Http\Requests\FactsRequest;
use App\Routing\Models\Signature;
use App\Routing\Queries\CounterAdvice;
use App\Routing\Queries\PartPolicies;
use App\Routing\Queries\PartRoute;
use App\ShopFloor\Commands\Remedies;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;

/** Facts of a part, its route, and its findings. */
final class RouteController
{
    public function show(Part $part): View
    {
        return view('routing.show', $this->page($part));
    }

    /** @return array<string, mixed> what the page and the form on it are made of */
    private function page(Part $part): array
    {
        $route = PartRoute::of($part);
        $words = fn (string $kind): array => $part->traits->where('kind', $kind)->pluck('word')->all();

        return [
            'part' => $part,
            'route' => $route,
            'counter' => CounterAdvice::of($route),
            'pinned' => $part->pins->map(fn (Pin $pin): ?string => $pin->kind->feature()?->value)->filter()->all(),
            'ticked' => [
                'on_it' => $words(PartTrait::ON_IT),
                'feature' => $words(PartTrait::FEATURE),
                'mark' => $words(PartTrait::MARK),
                'licensed' => $words(PartTrait::LICENSED),
            ],
        ];
    }

    public function facts(FactsRequest $request, Part $part): View|RedirectResponse
    {
        $part->job->mustBeOpen();
        DB::transaction(function () use ($request, $part): void {
            WriteFacts::on($part, $request->facts());
            $part->job->update(['lives' => $request->validated('lives')]);
        });
        $part->unsetRelations();

        if ($request->hasHeader('HX-Request')) {
            $page = $this->page($part);
            // The form's version from now on: its own saves are no one else's changes.
            $opened = OriginalFormState::of(view('routing.facts', $page)->render());

            return view('routing.saved', $page + ['opened' => $opened]);
        }

        return redirect("/parts/{$part->id}/route")->with('said', 'Noted.');
    }

    /** The ways this part goes, where they are not the house's. */
    public function ways(Request $request, Part $part): RedirectResponse
    {
        $part->job->mustBeOpen();
        $rules = array_map(
            fn (array $choices): array => ['nullable', Rule::in($choices)],
            array_combine(
                array_map(fn (string $question): string => "ways.{$question}", array_keys(ShopPolicies::choices())),
                ShopPolicies::choices(),
            ),
        );
        $in = $request->validate($rules, ['ways.*' => 'That way is not known; pick one of the list.']);
        DB::transaction(fn () => PartPolicies::choose($part, $in['ways'] ?? []));

        return redirect("/parts/{$part->id}/route")->with('said', 'It goes these ways.');
    }

    public function change(Request $request, Part $part, ChangeRoute $change): RedirectResponse
    {
        $part->job->mustBeOpen();
        $in = $request->validate([
            'how' => ['required', Rule::in(['up', 'down', 'drop', 'add', 'anew'])],
            'at' => ['nullable', 'integer'],
            'kind' => ['nullable', Rule::enum(StepKind::class)],
        ]);
        $change(
            $part,
            $in['how'],
            isset($in['at']) ? (int) $in['at'] : null,
            isset($in['kind']) ? StepKind::from($in['kind']) : null,
        );

        return redirect("/parts/{$part->id}/route")->with(
            'said',
            $in['how'] === 'anew' ? 'Laid out anew.' : 'The route is changed.',
        );
    }

    /** Applies a remedy of a blocking rule to one part. */
    public function remedy(Request $request, Part $part): RedirectResponse
    {
        $part->job->mustBeOpen();
        $in = $request->validate([
            'rule' => ['required', 'string', 'max:60'],
            'remedy' => ['required', 'string', 'max:60'],
        ]);
        Remedies::apply($part, $in['rule'], $in['remedy']);

        return back(fallback: "/parts/{$part->id}/route")->with('said', 'Changed for this part.');
    }

    public function sign(Request $request, Part $part, ChangeRoute $change): RedirectResponse
    {
        $part->job->mustBeOpen();
        $in = $request->validate(
            ['rule' => ['required', 'string', 'max:60'], 'name' => ['required', 'string', 'max:120']],
            ['name.required' => 'Name is empty; write who signs.'],
        );
        /** @var User $user */
        $user = $request->user();
        $change->sign($part, $in['rule'], trim($in['name']), $user, RunOven::atTheDoor($part));

        return back(fallback: "/parts/{$part->id}/route")->with('said', "Signed by {$in['name']}.");
    }

    public function unsign(Request $request, Signature $signature): RedirectResponse
    {
        $signature->part->job->mustBeOpen();
        $signature->update([
            'withdrawn_at' => ShopClock::now(),
            'withdrawn_by' => $request->user()?->getAuthIdentifier(),
        ]);

        return redirect("/parts/{$signature->part_id}/route")->with(
            'said',
            'The signature is withdrawn; it stays in the record.',
        );
    }

    /** What was agreed, on a sheet to sign. */
    public function agreement(Part $part): View
    {
        $part->load(['job.customer', 'signatures.user']);
        $route = PartRoute::of($part);
        $waivable = collect($route->findings)
            ->filter(fn (Finding $finding): bool => $finding->rule->signedUnder() !== null)
            ->values();
        $worded = $waivable->map(fn (Finding $finding): ?string => $finding->rule->signedUnder());

        $counter = CounterAdvice::of($route);
        $signed = $part->signatures->reject(fn (Signature $one): bool => $worded->contains($one->rule));
        $agreed = [...$counter->promise->heads(), ...$waivable, ...$signed, $part->job->notes];

        return view('intake.agreement', [
            'part' => $part,
            'counter' => $counter,
            'waivable' => $waivable,
            'signed' => $signed,
            'isEmpty' => array_filter($agreed) === [],
        ]);
    }

    /** Which metal it is, asked a question at a time. */
    public function metal(Request $request): View
    {
        $given = array_filter(
            array_intersect_key($request->query(), MetalQuestions::QUESTIONS),
            fn (mixed $answer): bool => is_string($answer) && $answer !== '',
        );
        $given = array_filter(
            $given,
            fn (string $answer, string $question): bool => isset(MetalQuestions::QUESTIONS[$question][1][$answer]),
            ARRAY_FILTER_USE_BOTH,
        );
        [$air, $water] = [trim((string) $request->string('air')), trim((string) $request->string('water'))];
        $wrong = null;
        try {
            $found =
                $air !== '' && $water !== ''
                    ? MetalQuestions::answer(
                        $given,
                        Dimension::Mass->parse('weighed in air', $air, Units::current()->system),
                        Dimension::Mass->parse('under water', $water, Units::current()->system),
                    )
                    : MetalQuestions::answer($given);
        } catch (InvalidInput $e) {
            $wrong = ucfirst($e->getMessage()).'.';
            $found = MetalQuestions::answer($given);
        }

        $job = Job::query()->where('status', 'open')->find($request->integer('job'));

        return view('intake.metal', [
            'job' => $job,
            'part' => $job?->parts()->find($request->integer('part')),
            'given' => $given,
            'found' => $found,
            'air' => $air,
            'water' => $water,
            'wrong' => $wrong,
        ]);
    }

    /** Every rule there is. */
    public function rules(Request $request): View
    {
        $severity = (string) $request->string('severity');
        $asked = mb_strtolower(trim((string) $request->string('q')));
        $units = Units::current();
        $has = fn (OneRule $rule): bool => $asked === '' ||
            str_contains(
                mb_strtolower("{$rule->key} {$units->said($rule->reason)} {$units->said($rule->wayOut)}"),
                $asked,
            );
        $rules = array_filter(
            RuleBook::all(),
            fn (OneRule $rule): bool => ($severity === '' || $rule->severity->value === $severity) && $has($rule),
        );

        return view('routing.rules', [
            'rules' => collect($rules)->groupBy(fn (OneRule $rule): string => $rule->group->value),
            'severity' => $severity,
            'asked' => $asked,
            'all' => count(RuleBook::all()),
        ]);
    }
}
