<?php

declare(strict_types=1);

namespace App\Actions\Blast;

use Aenum\Core\Blast\MediaCatalogue;
use App\Models\Entry;
use App\Models\Part;
use App\Models\User;
use App\Support\ShopClock;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;

/** What each medium in the shop has been through since it was new: how much was shot, and what got into it. */
final readonly class MediaLog
{
    public const EVENTS = ['new' => 'new media in', 'topped_up' => 'topped up', 'sieved' => 'sieved', 'greasy' => 'a greasy part went in', 'other_metal' => 'shot on steel', 'discarded' => 'thrown out'];

    /** @param  list<string>  $dirt  what got into it since it was new */
    private function __construct(public string $media, public ?CarbonImmutable $since, public float $shotKg, public float $fillKg, public array $dirt)
    {
    }

    /** @return list<self> one for each medium the shop has in use */
    public static function all(): array
    {
        $media = self::lines()->groupBy('subject')->sortKeys();

        return array_values($media->map(fn (Collection $lines, string $key): self => self::read($key, $lines))->filter(fn (self $log): bool => $log->since !== null)->all());
    }

    public static function of(string $media): self
    {
        return self::read($media, self::lines($media));
    }

    /** @return Collection<int, Entry> the oldest first */
    private static function lines(?string $media = null): Collection
    {
        $lines = Entry::of('media', $media);
        $lines->with('part')->orderBy('at')->orderBy('id');

        return $lines->get();
    }

    /** @param  Collection<int, Entry>  $lines  of this medium, the oldest first */
    private static function read(string $media, Collection $lines): self
    {
        $since = null;
        $shot = $fill = 0.0;
        $dirt = [];
        foreach ($lines as $line) {
            $what = (string) $line->figures['what'];
            $kg = (float) ($line->figures['kg'] ?? 0);
            match (true) {
                $what === 'new', $what === 'discarded' => [$since, $shot, $fill, $dirt] = [$what === 'new' ? $line->at : null, 0.0, $kg, []],
                $what === 'topped_up' => $fill += $kg,
                $what === 'shot' => [$since, $shot] = [$since ?? $line->at, $shot + $kg],
                in_array($what, ['greasy', 'other_metal'], true) => [$since, $dirt] = [$since ?? $line->at, [...$dirt, self::dirt($what, $line)]],
                default => null,
            };
        }

        return new self($media, $since, $shot, $fill, $dirt);
    }

    private static function dirt(string $what, Entry $line): string
    {
        return ($what === 'greasy' ? 'oil' : 'iron').' from '.($line->part === null ? ($line->note ?? 'a part') : "{$line->part->name}, ".ShopClock::time($line->at));
    }

    /** How much of its life is used, as a share; null where nobody wrote down how much went in. */
    public function used(): ?float
    {
        return $this->fillKg > 0 ? $this->shotKg / ($this->fillKg * MediaCatalogue::cycles($this->media)) : null;
    }

    /** Why this medium should not go onto this metal now; null where nothing speaks against it. */
    public function warns(string $metal): ?string
    {
        $rustsNot = ! in_array($metal, ['carbon_steel', 'cast_iron'], true);
        foreach ($this->dirt as $dirt) {
            if (str_starts_with($dirt, 'oil')) {
                return "This medium has {$dirt} in it: fisheyes on everything it touches. Change it.";
            }
            if ($rustsNot && str_starts_with($dirt, 'iron')) {
                return "This medium has {$dirt} in it: rust spots on this metal. Keep a clean lot for it.";
            }
        }
        $used = $this->used();

        return $used !== null && $used > 1 ? sprintf('This medium is past its life (%.0f %%): mostly dust, it cleans slowly and leaves little profile.', 100 * $used) : null;
    }

    private function hasIron(): bool
    {
        return array_filter($this->dirt, fn (string $dirt): bool => str_starts_with($dirt, 'iron')) !== [];
    }

    /** A blast is over: what went through, and what came back with it. */
    public static function shot(string $media, float $kg, Part $part, User $by, bool $greasy): void
    {
        Entry::write('media', $media, ['what' => 'shot', 'kg' => round($kg, 2)], $by, $part);
        if ($greasy) {
            Entry::write('media', $media, ['what' => 'greasy'], $by, $part);
        }
        if (in_array($part->metal, ['carbon_steel', 'cast_iron'], true) && ! MediaCatalogue::isFerrous($media) && ! self::of($media)->hasIron()) {
            Entry::write('media', $media, ['what' => 'other_metal'], $by, $part);
        }
    }
}
