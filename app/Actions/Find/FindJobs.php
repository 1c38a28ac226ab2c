<?php

declare(strict_types=1);

namespace App\Actions\Find;

use Aenum\Core\Find\Words;
use App\Models\Job;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** Finds jobs by any of their words, in any order, slips forgiven; a job must have all that was asked. */
final class FindJobs
{
    public const MOST = 50;

    /**
     * @return array{jobs: Collection<int, Job>, meant: list<string>} the jobs, newest first, and the words taken for
     *      what was typed where it was not known
     */
    public static function asked(string $text): array
    {
        $known = $meant = $ids = [];
        $asked = array_slice(Words::of($text), 0, 6);
        foreach ($asked as $word) {
            $begun = DB::table('words')
                ->where('word', 'like', $word.'%')
                ->limit(200)
                ->pluck('id', 'word');
            if ($begun->isEmpty()) {
                // Words that begin with a letter: numbers must be right, and are most of what there is.
                $known =
                    $known === []
                        ? DB::table('words')->where('word', '>=', 'a')->pluck('id', 'word')->all()
                        : $known;
                $words = Words::meant($word, array_map(strval(...), array_keys($known)));
                $begun = collect($words)->mapWithKeys(fn (string $w): array => [$w => $known[$w]]);
                array_push($meant, ...$words);
            }
            $ids[] = $begun->values()->all();
        }
        if ($ids === [] || in_array([], $ids, true)) {
            return ['jobs' => new Collection(), 'meant' => []];
        }
        $query = Job::query()->with(['customer', 'parts']);
        foreach ($ids as $of) {
            $query->whereExists(
                fn ($sub) => $sub
                    ->selectRaw('1')
                    ->from('job_words')
                    ->whereColumn('job_words.job_id', 'jobs.id')
                    ->whereIn('word_id', $of),
            );
        }
        $query->orderByRaw("status = 'open' desc")->orderByDesc('number')->limit(self::MOST);

        return ['jobs' => $query->get(), 'meant' => array_slice($meant, 0, 5)];
    }
}
