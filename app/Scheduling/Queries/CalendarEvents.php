<?php

declare(strict_types=1);

namespace App\Scheduling\Queries;

use App\Accounts\Models\Shop;
use App\Platform\Clock\ShopClock;
use App\Scheduling\Models\CalendarFeed;
use App\Scheduling\Models\DayPlan;
use App\Scheduling\Models\PlannedStep;
use Sabre\VObject\Component\VCalendar;

/** The plan as calendar events: one per step of a person, or per bake of an oven. */
final class CalendarEvents
{
    private const PRODUCT = '-//Aenum//Plan of the day//EN';

    public static function of(CalendarFeed $feed, DayPlan $plan): string
    {
        $calendar = new VCalendar(['PRODID' => self::PRODUCT, 'X-WR-CALNAME' => $feed->name()]);
        $calendar->add('REFRESH-INTERVAL', 'PT15M', ['VALUE' => 'DURATION']);
        $events = self::events($feed, $plan);
        foreach ($events as $steps) {
            self::add($calendar, $feed, $plan, $steps);
        }
        if ($events === []) {
            self::addNone($calendar, $feed, $plan);
        }

        return $calendar->serialize();
    }

    /** @return list<non-empty-list<PlannedStep>> */
    private static function events(CalendarFeed $feed, DayPlan $plan): array
    {
        $plan->loadMissing(
            ['steps.batch.part.job', 'steps.batch.part.batches', 'steps.bench', 'steps.oven', 'steps.user'],
        );
        $events = [];
        foreach ($plan->steps as $step) {
            $mine = match ($feed->kind) {
                'person' => $step->user_id === $feed->user_id,
                'oven' => $step->oven_id === $feed->oven_id,
                default => true,
            };
            $bake = $step->oven_id !== null && $feed->kind !== 'person'
                ? "bake {$step->oven_id} {$step->from_at->getTimestampMs()}"
                : "step {$step->batch_id} {$step->load} {$step->step}";
            if ($mine) {
                $events[$bake][] = $step;
            }
        }

        return array_values($events);
    }

    /** @param  non-empty-list<PlannedStep>  $steps  of one bake, or one alone */
    private static function add(VCalendar $calendar, CalendarFeed $feed, DayPlan $plan, array $steps): void
    {
        $first = $steps[0];
        $what = array_map(
            fn (PlannedStep $one): string => "Job {$one->batch->part->job->number}, {$one->batch->partName()}"
                ."{$one->loadWords()}: {$one->name}",
            $steps,
        );
        $ends = $feed->kind === 'person'
            ? $first->from_at->addMilliseconds((int) round(60000 * $first->hands_min))
            : $first->to_at;
        $calendar->add('VEVENT', [
            'UID' => self::uid($feed, $first),
            'DTSTAMP' => $plan->made_at->utc()->toDateTime(),
            'DTSTART' => $first->from_at->utc()->toDateTime(),
            'DTEND' => $ends->utc()->toDateTime(),
            'SUMMARY' => count($what) === 1 ? $what[0] : "{$first->place()}: ".count($what).' lots',
            'LOCATION' => "{$first->place()}, ".Shop::current()->name,
            'DESCRIPTION' => implode("\n", $what),
        ]);
    }

    /** A calendar has at least one entry: the day it was planned, free. */
    private static function addNone(VCalendar $calendar, CalendarFeed $feed, DayPlan $plan): void
    {
        $event = $calendar->createComponent('VEVENT', [
            'UID' => hash('sha256', "{$feed->id} nothing").'@aenum',
            'DTSTAMP' => $plan->made_at->utc()->toDateTime(),
            'SUMMARY' => 'Nothing is planned',
            'TRANSP' => 'TRANSPARENT',
        ], false);
        $event->add('DTSTART', ShopClock::local($plan->made_at)->format('Ymd'), ['VALUE' => 'DATE']);
        $calendar->add($event);
    }

    /** The same event keeps its name from plan to plan. */
    private static function uid(CalendarFeed $feed, PlannedStep $step): string
    {
        return hash('sha256', "{$feed->id} {$step->batch_id} {$step->load} {$step->step}").'@aenum';
    }
}
