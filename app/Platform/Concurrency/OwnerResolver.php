<?php

declare(strict_types=1);

namespace App\Platform\Concurrency;

use App\Application\Models\Spraying;
use App\Application\Models\SprayingCheck;
use App\Application\Models\SprayingZone;
use App\Catalog\Models\Oven;
use App\Curing\Models\LiveSample;
use App\Curing\Models\OvenEvent;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenLoadItem;
use App\Curing\Models\OvenLog;
use App\Curing\Models\OvenResult;
use App\Curing\Models\Reading;
use App\Inspection\Models\Defect;
use App\Inspection\Models\Inspection;
use App\Inspection\Models\InspectionCheck;
use App\Inspection\Models\Rework;
use App\Inspection\Models\ReworkStep;
use App\Intake\Models\Bag;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Intake\Models\Job;
use App\Intake\Models\Part;
use App\Intake\Models\PartTrait;
use App\Intake\Models\Picture;
use App\Intake\Models\Pin;
use App\Intake\Models\Section;
use App\Platform\Cache\RequestMemo;
use App\Preparation\Models\MaskApplication;
use App\Preparation\Models\Rack;
use App\Quoting\Models\Quote;
use App\Quoting\Models\QuoteLine;
use App\Release\Models\RecordLink;
use App\Release\Models\Release;
use App\Release\Models\Supplement;
use App\Routing\Models\BatchEvent;
use App\Routing\Models\LogLine;
use App\Routing\Models\PartPolicy;
use App\Routing\Models\PartStep;
use App\Routing\Models\Signature;
use App\Routing\Models\StepCompletion;
use App\Routing\Models\StepTimer;
use App\Scheduling\Models\SchedulingPreference;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/** Resolves the job and the oven a row belongs to, for locks and for the audit log. */
final class OwnerResolver
{
    /** The column that leads a row to what it belongs to. A load belongs to the jobs of what hangs in it. */
    private const UP = [
        Part::class => ['job_id', Job::class],
        BatchEvent::class => ['job_id', Job::class],
        Batch::class => ['part_id', Part::class],
        Coat::class => ['part_id', Part::class],
        Section::class => ['part_id', Part::class],
        Picture::class => ['part_id', Part::class],
        Pin::class => ['part_id', Part::class],
        Bag::class => ['part_id', Part::class],
        Signature::class => ['part_id', Part::class],
        PartTrait::class => ['part_id', Part::class],
        PartStep::class => ['part_id', Part::class],
        PartPolicy::class => ['part_id', Part::class],
        Rack::class => ['part_id', Part::class],
        StepTimer::class => ['part_id', Part::class],
        LogLine::class => ['part_id', Part::class],
        OvenLoadItem::class => ['part_id', Part::class],
        OvenResult::class => ['part_id', Part::class],
        MaskApplication::class => ['pin_id', Pin::class],
        Inspection::class => ['coat_id', Coat::class],
        StepCompletion::class => ['batch_id', Batch::class],
        Spraying::class => ['part_id', Part::class],
        SprayingZone::class => ['spraying_id', Spraying::class],
        SprayingCheck::class => ['spraying_id', Spraying::class],
        Defect::class => ['part_id', Part::class],
        Rework::class => ['part_id', Part::class],
        ReworkStep::class => ['rework_id', Rework::class],
        InspectionCheck::class => ['batch_id', Batch::class],
        SchedulingPreference::class => ['batch_id', Batch::class],
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
            $id = self::up($table, (int) $id, $column);
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

        return $load === null ? null : (int) self::up('oven_loads', (int) $load, 'oven_id');
    }

    /** What a row belongs to; that never changes. */
    private static function up(string $table, int $id, string $column): mixed
    {
        return RequestMemo::once(
            "{$table} {$id} {$column}",
            fn (): mixed => DB::table($table)->where('id', $id)->value($column),
            [],
        );
    }

    /** @return list<int> */
    private static function jobsOfLoad(int $load): array
    {
        $items = DB::table('oven_load_items')->join('parts', 'parts.id', '=', 'oven_load_items.part_id');
        $of = DB::table('oven_loads')->select('id')->where('id', $load)->orWhere('host_load_id', $load);
        $jobs = $items->whereIn('oven_load_id', $of)->distinct()->pluck('parts.job_id');

        return array_values(array_map(intval(...), $jobs->all()));
    }
}
