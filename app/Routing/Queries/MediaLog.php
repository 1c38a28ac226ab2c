<?php

declare(strict_types=1);

namespace App\Routing\Queries;

use Aenum\Core\Preparation\Blasting\Media;
use Aenum\Core\Preparation\Blasting\MediaValve;
use Aenum\Core\Preparation\Blasting\Medium;
use Aenum\Core\Preparation\Blasting\ShopFactor;
use Aenum\Core\Routing\MediumLot;
use App\Accounts\Models\User;
use App\Intake\Models\Part;
use App\Platform\Cache\LogbookCache;
use App\Platform\Clock\ShopClock;
use App\Routing\Commands\WriteLog;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Use and contamination of each blast medium since it was new. */
final readonly class MediaLog
{
    public const EVENTS = [
        'new' => 'new media in',
        'topped_up' => 'topped up, to what it was',
        'pot_run' => 'a pot run empty',
        'sieved' => 'sieved',
        'greasy' => 'a greasy part went in',
        'other_metal' => 'shot on steel',
        'light_metal' => 'used on aluminum, zinc or magnesium',
        'discarded' => 'thrown out',
    ];

    /** What begins a count anew: media in, media filled up, media out. */
    private const TURNS = ['new', 'topped_up', 'discarded'];

    /** So many of them back it is read, for each medium; and so many timed pots. */
    private const TURNS_THAT_COUNT = 5;

    private const POTS_THAT_COUNT = 40;

    /**
     * @param  list<string>  $oilFrom
     * @param  list<string>  $ironFrom
     * @param  list<string>  $lightFrom
     */
    private function __construct(
        public Medium $medium,
        public ?CarbonImmutable $since,
        public float $shotKg,
        public float $fillKg,
        public array $oilFrom,
        public array $ironFrom,
        public ?ShopFactor $wears,
        public ?MediaValve $valve,
        public array $lightFrom,
    ) {
    }

    /** @return list<self> one for each medium the shop has in use */
    public static function all(): array
    {
        return LogbookCache::from('media', 'media', function (): array {
            $logs = self::lines()->groupBy('subject')->sortKeys()
                ->filter(fn (Collection $lines, string $key): bool => Media::find($key) !== null)
                ->map(fn (Collection $lines, string $key): self => self::read(Media::get($key), $lines));

            return array_values($logs->filter(fn (self $log): bool => $log->since !== null)->all());
        });
    }

    /** @return list<MediumLot> as the core takes them */
    public static function lots(): array
    {
        return array_map(fn (self $log): MediumLot => $log->lot(), self::all());
    }

    public static function of(Medium $medium): self
    {
        return self::read($medium, self::lines($medium->key));
    }

    public function lot(): MediumLot
    {
        return new MediumLot(
            $this->medium,
            $this->oilFrom,
            $this->ironFrom,
            $this->used(),
            $this->wears,
            $this->valve,
            $this->lightFrom,
        );
    }

    /** How much of its life is used, as a share; null where nobody wrote down how much went in. */
    public function used(): ?float
    {
        $wears = $this->wears->factor ?? 1.0;

        return $this->fillKg > 0 ? $wears * $this->shotKg / ($this->fillKg * $this->medium->cycles) : null;
    }

    /** What was topped up has taught; nothing where nothing was. */
    public function wearWords(): string
    {
        return $this->wears === null ? '' : sprintf(
            ' It wears %.1f of what the book says, from %d top-up%s.',
            $this->wears->factor,
            $this->wears->logs,
            $this->wears->logs === 1 ? '' : 's',
        );
    }

    /** How much of its life it has behind it, in words; nothing where nobody knows. */
    public function lifeWords(): string
    {
        $used = $this->used();

        return $used === null ? '' : ', '.round(100 * $used).' % of its life';
    }

    /** @return list<string> what got into it, in words */
    public function dirt(): array
    {
        return [
            ...array_map(fn (string $from): string => "Oil from {$from}.", $this->oilFrom),
            ...array_map(fn (string $from): string => "Iron from {$from}.", $this->ironFrom),
            ...array_map(fn (string $from): string => "Light-metal dust from {$from}.", $this->lightFrom),
        ];
    }

    /** A blast is over: what went through, and what came back with it. */
    public static function shot(Medium $medium, float $kg, Part $part, User $by, bool $greasy): void
    {
        $log = self::of($medium);
        WriteLog::line('media', $medium->key, ['kg' => round($kg, 2)], $by, $part, event: 'shot');
        if ($greasy) {
            WriteLog::line('media', $medium->key, [], $by, $part, event: 'greasy');
        }
        $brings = $part->metalKind()->family->rusts() && ! $medium->ferrous;
        if ($brings && $log->ironFrom === []) {
            WriteLog::line('media', $medium->key, [], $by, $part, event: 'other_metal');
        }
        if ($part->metalKind()->family->dustExplodes() && $log->lightFrom === []) {
            WriteLog::line('media', $medium->key, [], $by, $part, event: 'light_metal');
        }
    }

    /**
     * The lines that still tell something, the oldest first: since the last few times media came in or went out, and
     * the last pots that were timed. What wore away ten years ago says nothing of the media in the pot.
     *
     * @return Collection<int, \stdClass> id, subject, event, at, kg, turns, minutes, from
     */
    private static function lines(?string $medium = null): Collection
    {
        $turns = self::events($medium)->whereIn('event', self::TURNS)->selectRaw(
            'subject, id, ROW_NUMBER() OVER (PARTITION BY subject ORDER BY id DESC) as back',
        );
        $since = DB::query()->fromSub($turns, 'turns')->where('back', '<=', self::TURNS_THAT_COUNT)
            ->groupBy('subject')->selectRaw('subject, MIN(id) as id')->pluck('id', 'subject');
        $ranges = fn (Builder $any): Builder => array_reduce(
            $medium === null ? Media::keys() : [$medium],
            fn (Builder $of, string $key): Builder => $of->orWhere(
                fn (Builder $one) => $one->where('subject', $key)->where('logbook.id', '>=', $since[$key] ?? 0),
            ),
            $any,
        );
        $pots = self::figures(self::events($medium)->where('event', 'pot_run')->orderByDesc('logbook.id')
            ->limit(self::POTS_THAT_COUNT));
        $lines = self::figures(self::events($medium)->where('event', '!=', 'pot_run')->where($ranges));

        return $lines->concat($pots)->sortBy([['at', 'asc'], ['id', 'asc']])->values();
    }

    /** @return Collection<int, \stdClass> */
    private static function figures(Builder $lines): Collection
    {
        foreach (['kg', 'turns', 'minutes'] as $figure) {
            $lines->leftJoin(
                "logbook_figures as {$figure}",
                fn (JoinClause $join) => $join
                    ->on("{$figure}.logbook_id", 'logbook.id')
                    ->where("{$figure}.name", $figure),
            );
        }
        $lines->leftJoin('parts', 'parts.id', '=', 'logbook.part_id');

        return $lines->get([
            'logbook.id', 'subject', 'event', 'at', 'note', 'kg.value as kg', 'turns.value as turns',
            'minutes.value as minutes', 'parts.name as part',
        ]);
    }

    private static function events(?string $medium): Builder
    {
        $lines = DB::table('logbook')->where('kind', 'media')->whereNull('logbook.withdrawn_at');

        return $medium === null ? $lines : $lines->where('subject', $medium);
    }

    /** @param  Collection<int, \stdClass>  $lines  of this medium, the oldest first */
    private static function read(Medium $medium, Collection $lines): self
    {
        $since = null;
        $shot = $fill = $shotSince = 0.0;
        $oil = $iron = $light = $worn = $pots = [];
        foreach ($lines as $line) {
            $kg = (float) $line->kg;
            if ($line->event === 'topped_up' && $kg > 0 && $shotSince > 0) {
                // What it takes to fill up again is what has worn away since.
                $worn[] = [$shotSince / $medium->cycles, $kg];
            }
            $shotSince = match ($line->event) {
                'shot' => $shotSince + $kg,
                'new', 'discarded', 'topped_up' => 0.0,
                default => $shotSince,
            };
            match ($line->event) {
                'new' => [$since, $shot, $fill, $oil, $iron, $light] = [$line->at, 0.0, $kg, [], [], []],
                'discarded' => [$since, $shot, $fill, $oil, $iron, $light] = [null, 0.0, 0.0, [], [], []],
                'topped_up' => $fill += $kg,
                'shot' => [$since, $shot] = [$since ?? $line->at, $shot + $kg],
                'greasy' => [$since, $oil] = [$since ?? $line->at, [...$oil, self::from($line)]],
                'other_metal' => [$since, $iron] = [$since ?? $line->at, [...$iron, self::from($line)]],
                'light_metal' => [$since, $light] = [$since ?? $line->at, [...$light, self::from($line)]],
                'pot_run' => $pots[] = [(float) $line->turns, $kg, (float) $line->minutes],
                default => null,
            };
        }

        return new self(
            $medium,
            $since === null ? null : CarbonImmutable::parse($since, 'UTC'),
            $shot,
            $fill,
            $oil,
            $iron,
            $worn === [] ? null : ShopFactor::from($worn),
            $pots === [] ? null : MediaValve::from($pots),
            $light,
        );
    }

    private static function from(\stdClass $line): string
    {
        return $line->part === null
            ? (string) ($line->note ?? 'a part')
            : "{$line->part}, ".ShopClock::time(CarbonImmutable::parse($line->at, 'UTC'));
    }
}
