<?php

declare(strict_types=1);

namespace App\Scheduling\Commands;

use App\Platform\Errors\Refused;
use App\Scheduling\Models\WorkHours;
use Illuminate\Support\Collection;

/** Parses and stores working hours as typed: "7:30-12:00, 13:00-17:00". */
final class SaveWorkHours
{
    private const ALLOWED = 'stretches such as 7:30-12:00, 13:00-17:00; nothing for a day off';

    /**
     * @param  array<array-key, ?string>  $typed  by weekday
     * @param  array<int, string>  $weekdays
     * @return list<array{int, int, int}> weekday, from, to, min
     *
     * @throws Refused naming the day
     */
    public static function read(array $typed, array $weekdays): array
    {
        $rows = $wrong = [];
        foreach ($weekdays as $weekday => $name) {
            $last = -1;
            $text = trim((string) ($typed[$weekday] ?? ''));
            foreach (preg_split('~[,;]~', $text, -1, PREG_SPLIT_NO_EMPTY) ?: [] as $one) {
                $span = self::span($one);
                if ($span === null || $span[0] < $last) {
                    $wrong["hours.{$weekday}"] = "{$name} is “{$text}”; allowed: ".self::ALLOWED.'.';

                    break;
                }
                $last = $span[1];
                $rows[] = [$weekday, ...$span];
            }
        }

        return $wrong === [] ? $rows : throw Refused::because($wrong);
    }

    /** @return array{int, int}|null */
    private static function span(string $text): ?array
    {
        $time = '(\d{1,2})[:.](\d{2})';
        if (preg_match("~^\s*{$time}\s*(?:-|–|to)\s*{$time}\s*$~u", $text, $found) !== 1) {
            return null;
        }
        [, $h1, $m1, $h2, $m2] = array_map(intval(...), $found);
        [$from, $to] = [60 * $h1 + $m1, 60 * $h2 + $m2];

        return $m1 < 60 && $m2 < 60 && $from < $to && $to <= 1440 ? [$from, $to] : null;
    }

    /**
     * As they are written in a form.
     *
     * @param  Collection<int, WorkHours>  $hours  of one
     * @return array<int, string> by weekday
     */
    public static function said(Collection $hours): array
    {
        $said = [];
        foreach ($hours->sortBy('from_min')->groupBy('weekday') as $weekday => $rows) {
            $said[(int) $weekday] = $rows->map(
                fn (WorkHours $one): string => self::time($one->from_min).'-'.self::time($one->to_min),
            )->join(', ');
        }

        return $said;
    }

    private static function time(int $minutes): string
    {
        return sprintf('%d:%02d', intdiv($minutes, 60), $minutes % 60);
    }

    /** @param  list<array{int, int, int}>  $rows */
    public static function keep(?int $user, array $rows): void
    {
        $old = WorkHours::query();
        $user === null ? $old->whereNull('user_id') : $old->where('user_id', $user);
        foreach ($old->get() as $gone) {
            $gone->delete();
        }
        foreach ($rows as [$weekday, $from, $to]) {
            WorkHours::query()->create([
                'user_id' => $user, 'weekday' => $weekday, 'from_min' => $from, 'to_min' => $to,
            ]);
        }
    }
}
