<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Bag;
use App\Models\BenchClock;
use App\Models\Coat;
use App\Models\Fault;
use App\Models\Fitting;
use App\Models\Inspection;
use App\Models\Job;
use App\Models\LiveSample;
use App\Models\LogLine;
use App\Models\LookedAt;
use App\Models\Lot;
use App\Models\Move;
use App\Models\Oven;
use App\Models\OvenEvent;
use App\Models\OvenLoad;
use App\Models\OvenLoadItem;
use App\Models\OvenLog;
use App\Models\OvenResult;
use App\Models\Part;
use App\Models\PartStep;
use App\Models\PartTrait;
use App\Models\PartWay;
use App\Models\Picture;
use App\Models\Pin;
use App\Models\Quote;
use App\Models\QuoteLine;
use App\Models\Rack;
use App\Models\Reading;
use App\Models\RecordLink;
use App\Models\Release;
use App\Models\Rework;
use App\Models\ReworkStep;
use App\Models\Section;
use App\Models\Signature;
use App\Models\Spraying;
use App\Models\SprayingCheck;
use App\Models\SprayingZone;
use App\Models\StepMark;
use App\Models\Supplement;
use App\Models\Wish;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/** Whose a row is: the job it is part of, the oven it happened in. One place for locks and for the trail. */
final class Whose
{
    /** The column that leads a row to what it belongs to. A load belongs to the jobs of what hangs in it. */
    private const UP = [
        Part::class => ['job_id', Job::class],
        Move::class => ['job_id', Job::class],
        Lot::class => ['part_id', Part::class],
        Coat::class => ['part_id', Part::class],
        Section::class => ['part_id', Part::class],
        Picture::class => ['part_id', Part::class],
        Pin::class => ['part_id', Part::class],
        Bag::class => ['part_id', Part::class],
        Signature::class => ['part_id', Part::class],
        PartTrait::class => ['part_id', Part::class],
        PartStep::class => ['part_id', Part::class],
        PartWay::class => ['part_id', Part::class],
        Rack::class => ['part_id', Part::class],
        BenchClock::class => ['part_id', Part::class],
        LogLine::class => ['part_id', Part::class],
        OvenLoadItem::class => ['part_id', Part::class],
        OvenResult::class => ['part_id', Part::class],
        Fitting::class => ['pin_id', Pin::class],
        Inspection::class => ['coat_id', Coat::class],
        StepMark::class => ['lot_id', Lot::class],
        Spraying::class => ['part_id', Part::class],
        SprayingZone::class => ['spraying_id', Spraying::class],
        SprayingCheck::class => ['spraying_id', Spraying::class],
        Fault::class => ['part_id', Part::class],
        Rework::class => ['part_id', Part::class],
        ReworkStep::class => ['rework_id', Rework::class],
        LookedAt::class => ['lot_id', Lot::class],
        Wish::class => ['lot_id', Lot::class],
        Quote::class => ['job_id', Job::class],
        QuoteLine::class => ['part_id', Part::class],
        Release::class => ['job_id', Job::class],
        Supplement::class => ['job_id', Job::class],
        RecordLink::class => ['job_id', Job::class],
        Reading::class => ['oven_load_item_id', OvenLoadItem::class],
    ];

    /** Rows of a load that are of no one job. */
    private const OF_LOAD = [OvenEvent::class, OvenLog::class, LiveSample::class, Reading::class, OvenLoadItem::class];

    /** @return list<int> the jobs it is part of */
    public static function jobs(Model $row): array
    {
        if ($row instanceof OvenLoad || in_array($row::class, self::OF_LOAD, true)) {
            $load = $row instanceof OvenLoad ? $row->getKey() : $row->getAttributeValue('oven_load_id');

            return self::jobsOfLoad((int) $load);
        }
        $job = self::job($row);

        return $job === null ? [] : [$job];
    }

    /** The one job it is part of; null where it is of none, or of a load with parts of several. */
    public static function job(Model $row): ?int
    {
        if ($row instanceof Job) {
            return (int) $row->getKey();
        }
        [$column, $model] = self::UP[$row::class] ?? [null, null];
        $id = $column === null ? null : $row->getAttributes()[$column] ?? null;
        if ($id === null || $model === null) {
            return null;
        }
        $table = (new $model)->getTable();
        for (; $model !== Job::class; $model = $up) {
            [$column, $up] = self::UP[$model];
            $id = DB::table($table)->where('id', $id)->value($column);
            $table = (new $up)->getTable();
        }

        return $id === null ? null : (int) $id;
    }

    /** @return list<int> the ovens it stands in */
    public static function ovens(Model $row): array
    {
        $oven = self::oven($row);

        return $oven === null ? [] : [$oven];
    }

    public static function oven(Model $row): ?int
    {
        if ($row instanceof Oven) {
            return (int) $row->getKey();
        }
        if ($row instanceof OvenLoad) {
            return (int) $row->oven_id;
        }
        $load = in_array($row::class, self::OF_LOAD, true) ? $row->getAttributes()['oven_load_id'] ?? null : null;

        return $load === null ? null : (int) DB::table('oven_loads')->where('id', $load)->value('oven_id');
    }

    /** @return list<int> */
    private static function jobsOfLoad(int $load): array
    {
        $items = DB::table('oven_load_items')->join('parts', 'parts.id', '=', 'oven_load_items.part_id');
        $of = DB::table('oven_loads')->select('id')->where('id', $load)->orWhere('rides_with', $load);
        $jobs = $items->whereIn('oven_load_id', $of)->distinct()->pluck('parts.job_id');

        return array_values(array_map(intval(...), $jobs->all()));
    }
}
