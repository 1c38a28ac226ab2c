<?php

declare(strict_types=1);

namespace App\Application\Queries;

use Aenum\Core\Preparation\Racking\Ground;
use App\Accounts\Models\User;
use App\Intake\Models\Part;
use App\Platform\Cache\SharedReads;
use App\Platform\Clock\ShopClock;
use App\Routing\Commands\WriteLog;
use App\Routing\Models\LogLine;
use Closure;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/** Resistance to ground of parts as hung and of the daily checks, and its trend. */
final readonly class GroundChecks
{
    public const KIND = 'earth';

    /** What is checked; the first four every day something is sprayed. */
    public const OF = [
        'booth' => 'booth', 'gun' => 'gun and its stand', 'rail' => 'rail', 'person' => 'who sprays',
        'rod' => 'ground rod and its wire', 'foil' => 'foil and clips on painted racks',
    ];

    private const DAILY = ['booth', 'gun', 'rail', 'person'];

    private const SHOWN = 8;

    /** So much more than before is a trend worth a word. House figure. */
    private const RISES = 2.0;

    /**
     * @param  Collection<int, LogLine>  $lines  of parts on this shop's racks, the oldest first
     * @param  array<string, ?LogLine>  $today  what was checked today
     */
    private function __construct(public Collection $lines, public array $today, public ?float $mineOhm)
    {
    }

    public static function now(?Part $part): self
    {
        $lines = SharedReads::get('ground readings', LogLine::class)->reverse()->values();
        $checked = SharedReads::get('ground checks', LogLine::class);
        $today = [];
        foreach (array_keys(self::OF) as $key) {
            $today[$key] = $checked->last(fn (LogLine $line): bool => $line->subject === $key);
        }
        $mine = $part === null ? null : $lines->last(fn (LogLine $line): bool => $line->part_id === $part->id);

        return new self($lines->toBase(), $today, $mine?->figure('ohm'));
    }

    /** @return array<string, Closure(): Builder<LogLine>> */
    public static function reads(): array
    {
        return [
            'ground readings' => fn (): Builder => LogLine::of('ground')->orderByDesc('id')->limit(self::SHOWN),
            'ground checks' => fn (): Builder => LogLine::of(self::KIND)
                ->where('at', '>=', ShopClock::today()->utc()->format('Y-m-d H:i:s.v'))->orderBy('id'),
        ];
    }

    public static function write(string $what, float $ohm, User $by): void
    {
        WriteLog::line(self::KIND, $what, ['ohm' => $ohm], $by);
    }

    /** @return list<string> what was not checked today */
    public function missing(): array
    {
        $due = array_filter(self::DAILY, fn (string $key): bool => $this->today[$key] === null);

        return array_map(fn (string $key): string => self::OF[$key], array_values($due));
    }

    /** Where the racks' earth is heading, in a sentence; null before there are four. */
    public function trend(): ?string
    {
        $ohms = $this->lines->map(fn (LogLine $line): float => max(1.0, (float) $line->figure('ohm')))->values();
        if ($ohms->count() < 4) {
            return null;
        }
        $half = intdiv($ohms->count(), 2);
        $early = $ohms->take($half)->sort()->values()[intdiv($half, 2)];
        $late = $ohms->slice(-$half)->sort()->values()[intdiv($half, 2)];

        return match (true) {
            $late >= self::RISES * $early => 'The racks\' earth is getting worse: hooks are due.',
            $early >= self::RISES * $late => 'The racks\' earth is better than it was.',
            default => 'The racks\' earth holds.',
        };
    }

    /** @return list<array{x: float, y: float, says: string}> of the small drawing, a decade of ohms a fifth of it */
    public function points(float $wide, float $high): array
    {
        $points = [];
        foreach ($this->lines->values() as $n => $line) {
            $ohm = max(1.0, (float) $line->figure('ohm'));
            $points[] = [
                'x' => round($wide * ($n + 0.5) / max(1, $this->lines->count()), 1),
                'y' => round($high * (1 - min(1.0, log10($ohm) / 7)), 1),
                'says' => Ground::words($ohm),
            ];
        }

        return $points;
    }
}
