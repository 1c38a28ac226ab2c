<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Facts;

/** Where practitioners disagree: the way this shop, or this job, goes. */
final readonly class HouseWays
{
    /** @var array<string, list<string>> question => ways, the default first */
    public const CHOICES = [
        'bake_out' => ['by_part', 'before_blast', 'after_blast', 'both'],
        'masking' => ['plugs_early', 'all_early', 'all_late'],
        'last_clean' => ['by_use', 'solvent', 'detergent', 'pretreat'],
        'coat' => ['cold', 'warm'],
        'between' => ['flow', 'part', 'full'],
        'strip' => ['by_coating', 'chemical', 'caustic', 'burn_off', 'blast'],
        'rust' => ['blast', 'convert'],
        'mask_with' => ['polyimide', 'polyester', 'glass_cloth', 'paper'],
    ];

    /** @param  array<string, string>  $ways */
    private function __construct(private array $ways)
    {
    }

    /** @param  array<string, string>  $ways only those that differ from the defaults */
    public static function of(array $ways = []): self
    {
        return new self($ways + array_map(fn (array $choices): string => $choices[0], self::CHOICES));
    }

    public function way(string $question): string
    {
        return $this->ways[$question];
    }
}
