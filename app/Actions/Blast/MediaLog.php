<?php

declare(strict_types=1);

namespace App\Actions\Blast;

use Aenum\Core\Blast\Media;
use Aenum\Core\Blast\Medium;
use Aenum\Core\Job\MediumLot;
use App\Actions\Log\WriteLog;
use App\Models\LogLine;
use App\Models\Part;
use App\Models\User;
use App\Support\ShopClock;
use App\Support\ThisRequest;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;

/** What each medium in the shop has been through since it was new: how much was shot, and what got into it. */
final readonly class MediaLog
{
    public const EVENTS = [
        'new' => 'new media in',
        'topped_up' => 'topped up',
        'sieved' => 'sieved',
        'greasy' => 'a greasy part went in',
        'other_metal' => 'shot on steel',
        'discarded' => 'thrown out',
    ];

    /**
     * @param  list<string>  $oilFrom
     * @param  list<string>  $ironFrom
     */
    private function __construct(
        public Medium $medium,
        public ?CarbonImmutable $since,
        public float $shotKg,
        public float $fillKg,
        public array $oilFrom,
        public array $ironFrom,
    ) {
    }

    /** @return list<self> one for each medium the shop has in use */
    public static function all(): array
    {
        return ThisRequest::once('media', function (): array {
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
        return new MediumLot($this->medium, $this->oilFrom, $this->ironFrom, $this->used());
    }

    /** How much of its life is used, as a share; null where nobody wrote down how much went in. */
    public function used(): ?float
    {
        return $this->fillKg > 0 ? $this->shotKg / ($this->fillKg * $this->medium->cycles) : null;
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
        ];
    }

    /** A blast is over: what went through, and what came back with it. */
    public static function shot(Medium $medium, float $kg, Part $part, User $by, bool $greasy): void
    {
        WriteLog::line('media', $medium->key, ['kg' => round($kg, 2)], $by, $part, event: 'shot');
        if ($greasy) {
            WriteLog::line('media', $medium->key, [], $by, $part, event: 'greasy');
        }
        $brings = $part->metalKind()->family->rusts() && ! $medium->ferrous;
        if ($brings && self::of($medium)->ironFrom === []) {
            WriteLog::line('media', $medium->key, [], $by, $part, event: 'other_metal');
        }
    }

    /** @return Collection<int, LogLine> the oldest first */
    private static function lines(?string $medium = null): Collection
    {
        $lines = LogLine::of('media', $medium);
        $lines->with('part')->orderBy('at')->orderBy('id');

        return $lines->get();
    }

    /** @param  Collection<int, LogLine>  $lines  of this medium, the oldest first */
    private static function read(Medium $medium, Collection $lines): self
    {
        $since = null;
        $shot = $fill = 0.0;
        $oil = $iron = [];
        foreach ($lines as $line) {
            $kg = $line->figure('kg') ?? 0.0;
            $from = self::from($line);
            match ($line->event) {
                'new' => [$since, $shot, $fill, $oil, $iron] = [$line->at, 0.0, $kg, [], []],
                'discarded' => [$since, $shot, $fill, $oil, $iron] = [null, 0.0, 0.0, [], []],
                'topped_up' => $fill += $kg,
                'shot' => [$since, $shot] = [$since ?? $line->at, $shot + $kg],
                'greasy' => [$since, $oil] = [$since ?? $line->at, [...$oil, $from]],
                'other_metal' => [$since, $iron] = [$since ?? $line->at, [...$iron, $from]],
                default => null,
            };
        }

        return new self($medium, $since, $shot, $fill, $oil, $iron);
    }

    private static function from(LogLine $line): string
    {
        return $line->part === null
            ? ($line->note ?? 'a part')
            : "{$line->part->name}, ".ShopClock::time($line->at);
    }
}
