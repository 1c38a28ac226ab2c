<?php

declare(strict_types=1);

namespace App\DeviceApi\Http\Controllers;

use App\Application\Queries\FilmReadingsInput;
use App\Curing\Commands\RunOven;
use App\Curing\Commands\UpdateExpectedPull;
use App\Curing\Models\OvenLoad;
use App\Curing\Queries\LiveLogger;
use App\DeviceApi\ViewModels\ApiTime;
use App\DeviceApi\ViewModels\BakeResource;
use App\DeviceApi\ViewModels\ShopResource;
use App\Inspection\Commands\RecordInspection;
use App\Inspection\Models\Weight;
use App\Inspection\Queries\FilmStack;
use App\Intake\Models\Batch;
use App\Intake\Models\Job;
use App\Platform\Clock\ShopClock;
use App\Platform\Http\Controllers\RequiresUser;
use App\Release\Queries\JobRecord;
use App\Routing\Queries\PartPolicies;
use App\Routing\Queries\RoutingProgress;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** The device API, one method per endpoint; bodies are validated before. */
final class DeviceApiController
{
    use RequiresUser;

    public function rail(): JsonResponse
    {
        return $this->told(ShopResource::rail());
    }

    public function day(): JsonResponse
    {
        return $this->told(ShopResource::day());
    }

    /** By its number, which is what is written on a card. */
    public function job(int $number): JsonResponse
    {
        return $this->told(JobRecord::of(Job::query()->where('number', $number)->firstOrFail())->open());
    }

    public function bake(OvenLoad $bake): JsonResponse
    {
        abort_if($bake->status === 'withdrawn', 404);

        return $this->told(BakeResource::of($bake));
    }

    public function reading(Request $request, OvenLoad $load, RunOven $run): JsonResponse
    {
        $in = $this->asked($request);
        $run->read(
            $load,
            $this->person($request),
            $in['item'],
            (float) $in['shown_c'],
            (float) $in['emissivity'],
            'device',
            ($in['door'] ?? 'shut') === 'open',
            ($in['surface'] ?? 'film') === 'bare',
            isset($in['display_c']) ? (float) $in['display_c'] : null,
        );

        return $this->kept(1, 'The reading is taken in.', $load);
    }

    public function samples(Request $request, OvenLoad $bake, RunOven $run): JsonResponse
    {
        $in = $this->asked($request);
        $new = LiveLogger::take($bake, $in['logger'], $in['samples'], $this->person($request));
        $new === 0 ? null : $run->follow($bake);

        return $this->kept($new, $new === 0 ? 'All of it was there already.' : 'Taken in; the bake follows.', $bake);
    }

    public function film(Request $request, Batch $batch, RecordInspection $record): JsonResponse
    {
        $in = $this->asked($request);
        $stack = FilmStack::of(RoutingProgress::of($batch)) ?? throw ValidationException::withMessages([
            'readings' => "Nothing is baked on {$batch->partName()} yet; raw powder is measured at Coat.",
        ]);
        $inspection = $record->film(
            $stack->top,
            $batch,
            $this->person($request),
            FilmReadingsInput::measured($in['readings']),
            PartPolicies::of($batch->part)->film,
            trim(($in['gauge'] ?? '').(isset($in['note']) ? ": {$in['note']}" : ''), ': ') ?: null,
        );
        $says = 'Written down: '.($inspection->verdict === 'pass' ? 'within the band.' : 'outside the band.');

        return $this->kept(count($in['readings']), $says, null, $inspection->verdict);
    }

    public function weight(Request $request): JsonResponse
    {
        $in = $this->asked($request);
        Weight::query()->create([
            'scale' => $in['scale'],
            'grams' => (float) $in['grams'],
            'at' => ShopClock::now(),
            'user_id' => $this->person($request)->id,
        ]);

        return $this->kept(1, 'It stands at the coat bench for ten minutes.');
    }

    /** @return array<string, mixed> */
    private function asked(Request $request): array
    {
        /** @var array<string, mixed> */
        return $request->attributes->get('asked');
    }

    private function kept(int $rows, string $says, ?OvenLoad $load = null, ?string $verdict = null): JsonResponse
    {
        $load = $load?->fresh();

        return $this->told([
            'kept' => $rows,
            'says' => $says,
            'at' => ApiTime::of(ShopClock::now()),
            'pull_at' => $load?->isRunning() === true ? ApiTime::of(UpdateExpectedPull::of($load)) : null,
            'verdict' => $verdict,
        ]);
    }

    /** @param  array<string, mixed>  $body */
    private function told(array $body): JsonResponse
    {
        return response()->json(
            $body,
            200,
            [],
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
        );
    }
}
