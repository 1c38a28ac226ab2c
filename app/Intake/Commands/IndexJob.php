<?php

declare(strict_types=1);

namespace App\Intake\Commands;

use Aenum\Core\Search\Vocabulary;
use App\Intake\Models\Coat;
use App\Intake\Models\Job;
use App\Intake\Models\Part;
use Illuminate\Support\Facades\DB;

/** Indexes the words a job is found by: number, title, customer, parts, powders and lots. */
final class IndexJob
{
    public static function write(Job $job): void
    {
        $job->load(['customer', 'parts.coats.powder']);
        $text = $job->parts->flatMap(
            fn (Part $part): array => [
                $part->name,
                ...$part->coats->map(fn (Coat $coat): string => "{$coat->powder->name} {$coat->powder->lot}"),
            ],
        );
        $words = Vocabulary::of(implode(' ', [(string) $job->number, $job->title, $job->customer->name, ...$text]));
        DB::transaction(function () use ($job, $words): void {
            DB::table('words')->insertOrIgnore(array_map(fn (string $word): array => ['word' => $word], $words));
            DB::table('job_words')->where('job_id', $job->id)->delete();
            $ids = DB::table('words')->whereIn('word', $words)->pluck('id');
            DB::table('job_words')->insertOrIgnore(
                $ids->map(fn (mixed $id): array => ['word_id' => $id, 'job_id' => $job->id])->all(),
            );
        });
    }
}
