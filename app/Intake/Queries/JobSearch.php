<?php

declare(strict_types=1);

namespace App\Intake\Queries;

use Aenum\Core\Search\Vocabulary;
use App\Intake\Models\Job;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Finds jobs by all words of a query, in any order, with typing errors forgiven. */
final class JobSearch
{
    public const MOST = 50;

    /** Up to so many jobs are looked through one by one. */
    private const FEW = 2000;

    /**
     * @return array{jobs: Collection<int, Job>, meant: list<string>} the jobs, newest first, and the words taken for
     *      what was typed where it was not known
     */
    public static function asked(string $text): array
    {
        $known = $meant = $ids = [];
        $asked = array_slice(Vocabulary::of($text), 0, 6);
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
                $words = Vocabulary::meant($word, array_map(strval(...), array_keys($known)));
                $begun = collect($words)->mapWithKeys(fn (string $w): array => [$w => $known[$w]]);
                array_push($meant, ...$words);
            }
            $ids[] = array_map(intval(...), array_values($begun->all()));
        }
        if ($ids === [] || in_array([], $ids, true)) {
            return ['jobs' => new Collection(), 'meant' => []];
        }
        $open = self::having($ids)->where('status', 'open')->orderByDesc('id')->limit(self::MOST)->pluck('id');
        $rest = self::having($ids, self::few($ids))->where('status', '!=', 'open')->orderByDesc('id');
        $found = $open->concat($rest->limit(self::MOST - $open->count())->pluck('id'));

        return ['jobs' => Job::query()->with(['customer', 'parts.batches'])->whereIn('id', $found->all())
            ->orderByRaw("status = 'open' desc")->orderByDesc('number')
            ->get(), 'meant' => array_slice($meant, 0, 5)];
    }

    /**
     * Jobs that have a word of each list; of those given, where there are few that could.
     *
     * Asked job by job on purpose: where many have the words the latest are found at once, and all of them are never
     * laid out only to be cut off.
     *
     * @param  list<list<int>>  $ids  words, by what was asked
     * @param  list<int>|null  $few
     */
    private static function having(array $ids, ?array $few = null): Builder
    {
        $jobs = DB::table('jobs');
        $few === null ?: $jobs->whereIn('id', $few);
        foreach ($ids as $of) {
            $has = fn (Builder $words): Builder => $words->selectRaw('1')->from('job_words')
                ->whereColumn('job_id', 'jobs.id')->whereIn('word_id', $of)->limit(1);
            $jobs->where($has, '=', 1);
        }

        return $jobs;
    }

    /**
     * Every job that has the rarest of what was asked; null where that is in too many to say.
     *
     * @param  list<list<int>>  $ids
     * @return list<int>|null
     */
    private static function few(array $ids): ?array
    {
        $rarest = null;
        foreach ($ids as $of) {
            $jobs = DB::table('job_words')->whereIn('word_id', $of)->limit(self::FEW)->pluck('job_id')->unique();
            if ($jobs->count() < min(self::FEW, count($rarest ?? []) ?: self::FEW)) {
                $rarest = array_values($jobs->all());
            }
        }

        return $rarest;
    }
}
