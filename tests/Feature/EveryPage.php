<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Trade\LoadKind;
use Aenum\Core\Trade\Station;
use App\Accounts\Models\User;
use App\Catalog\Models\Oven;
use App\Catalog\Models\Powder;
use App\Curing\Models\OvenLoad;
use App\Inspection\Models\Defect;
use App\Intake\Models\Batch;
use App\Intake\Models\Job;
use App\Intake\Models\Part;

/** Every page there is, with what stands in the database, and what each may say in the reader's units. */
trait EveryPage
{
    private const UNITS_OF_THE_OTHER_SYSTEM = [
        'metric' => '°F|lb|psi|mil|cfm|gal|ft²|sq ft',
        'us' => '°C|mm|kg|bar|µm|m²|m³\/min',
    ];

    private const ALONE = [
        '/', '/find?q=lantern', '/jobs/create', '/powders', '/powders/create', '/ovens', '/ovens/create', '/shop',
        '/people', '/hours', '/day', '/day/mine', '/day/sheet', '/day/what-if', '/quotes',
        '/quote-policies', '/devices', '/devices/api',
        '/metal', '/rules', '/library', '/defects', '/learn', '/guns',
        '/practice', '/practice/refill', '/practice/checklist',
    ];

    private const OF_THE_PAST = 3;

    /** @return list<string> */
    private static function everyPage(): array
    {
        // Of what left long ago a few stand for all.
        $gone = Job::query()->where('status', 'released')->orderBy('id')->skip(self::OF_THE_PAST)->take(1000);
        $past = [Job::class => $gone->pluck('id')->all()];
        $past[Part::class] = Part::query()->whereIn('job_id', $past[Job::class])->pluck('id')->all();
        $ids = fn (string $model, string $path): array => $model::query()
            ->orderBy('id')
            ->whereNotIn('id', $past[$model] ?? [])
            ->pluck('id')
            ->map(fn (int $id): string => sprintf($path, $id))
            ->all();
        $bakes = OvenLoad::query()->where('kind', LoadKind::Cure)->whereDoesntHave(
            'items',
            fn ($item) => $item->whereIn('part_id', $past[Part::class]),
        )->pluck('id');
        $bakeOuts = OvenLoad::query()->where('kind', LoadKind::BakeOut)->pluck('id');

        return [
            ...self::ALONE,
            ...array_map(fn (Station $station): string => "/station/{$station->value}", Station::cases()),
            ...array_merge(...array_map(
                fn (string $page): array => $ids(Job::class, "/jobs/%d{$page}"),
                ['', '/edit', '/quote', '/record', '/sheet', '/care', '/card', '/parts/create'],
            )),
            ...array_merge(...array_map(
                fn (string $page): array => $ids(Part::class, "/parts/%d/{$page}"),
                ['edit', 'route', 'bench', 'pins', 'agreement'],
            )),
            ...array_merge(...array_map(
                fn (Station $at): array => $ids(Part::class, "/station/{$at->value}?part=%d"),
                [Station::Strip, Station::Blast, Station::Wash, Station::MaskAndHang],
            )),
            ...$bakes->map(fn (int $id): string => "/bakes/{$id}")->all(),
            ...$bakes->map(fn (int $id): string => "/bakes/{$id}/board")->all(),
            ...$bakeOuts->map(fn (int $id): string => "/station/bake-out?load={$id}")->all(),
            ...$ids(Powder::class, '/powders/%d'),
            ...$ids(Powder::class, '/powders/%d/edit'),
            ...$ids(Defect::class, '/defects/%d'),
            ...Batch::query()->where('station', Station::Inspect)->where('status', 'open')->pluck('id')->map(
                fn (int $id): string => "/station/inspect?lot={$id}",
            )->all(),
            ...$ids(Oven::class, '/ovens/%d/edit'),
        ];
    }

    /** Opens a page as the owner, who reads in that system, and looks for units of the other one. */
    private function opens(string $page, User $owner, string $system): void
    {
        $owner->update(['unit_system' => $system]);
        $answer = $this->actingAs($owner->refresh())->get($page);
        self::assertSame(200, $answer->getStatusCode(), $page);
        // Devices speak SI to every reader.
        if (! str_starts_with($page, '/practice') && $page !== '/devices/api') {
            $this->saysNothingIn(
                self::UNITS_OF_THE_OTHER_SYSTEM[$system],
                (string) $answer->getContent(),
                "{$page}, {$system}",
            );
        }
    }

    /** What the app itself says is in the reader's units; what a person typed stays as typed. */
    private function saysNothingIn(string $foreign, string $html, string $page): void
    {
        $html = (string) preg_replace('~<(script|style|option)[^>]*>.*?</\1>~s', '', $html);
        // A remark somebody typed, and the reason an earlier release wrote into a route laid by hand.
        $kept = ['old chip in the skirt, 30 mm', 'to coat cold: below 40 °C'];
        $text = str_ireplace($kept, '', html_entity_decode(strip_tags($html)));
        // Examples of what a field understands are in the other system on purpose.
        $text = (string) preg_replace(['/“[^”]+”/u', '/°C, kg, mm, µm|°F, lb, in, mil/u'], '', $text);
        self::assertDoesNotMatchRegularExpression("/\d ?({$foreign})(?![\p{L}\/²])/u", $text, $page);
    }
}
