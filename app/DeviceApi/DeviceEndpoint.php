<?php

declare(strict_types=1);

namespace App\DeviceApi;

use Aenum\Core\Trade\Ability;

/**
 * Every endpoint of the device API. Routes, validation, the reference page and tests are made from this list and its
 * schemas.
 */
enum DeviceEndpoint: string
{
    case Rail = 'rail';
    case Job = 'job';
    case Bake = 'bake';
    case Day = 'day';
    case Reading = 'reading';
    case Samples = 'samples';
    case Film = 'film';
    case Weight = 'weight';

    /** Calls a token may make in a minute. */
    public const A_MINUTE = 240;

    /** A body may be this long, bytes. */
    public const MOST_BYTES = 1_000_000;

    /** Where the schemas of bodies and answers lie. */
    private const SCHEMAS = __DIR__.'/../../docs/schemas/';

    public function method(): string
    {
        return $this->asks() === null ? 'GET' : 'POST';
    }

    public function path(): string
    {
        return match ($this) {
            self::Rail => 'rail',
            self::Job => 'jobs/{number}',
            self::Bake => 'bakes/{bake}',
            self::Day => 'day',
            self::Reading => 'loads/{load}/readings',
            self::Samples => 'bakes/{bake}/samples',
            self::Film => 'lots/{batch}/film',
            self::Weight => 'weights',
        };
    }

    public function ability(): Ability
    {
        return match ($this) {
            self::Rail, self::Job, self::Bake, self::Day => Ability::Read,
            self::Reading, self::Samples => Ability::Readings,
            self::Film => Ability::Film,
            self::Weight => Ability::Weight,
        };
    }

    /** The file of the schema its body has to keep to; null where it has none. */
    public function asks(): ?string
    {
        return match ($this) {
            self::Reading, self::Samples, self::Film, self::Weight => $this->schema($this->value),
            default => null,
        };
    }

    private function schema(string $name): string
    {
        return self::SCHEMAS."device-api/{$name}.schema.json";
    }

    /** The file of the schema its answer keeps to. */
    public function answers(): string
    {
        return self::SCHEMAS.match ($this) {
            self::Job => 'aenum-record-1.schema.json',
            default => $this->asks() === null ? "device-api/{$this->value}.schema.json" : 'device-api/kept.schema.json',
        };
    }

    /** The file of the schema every refusal keeps to. */
    public static function refuses(): string
    {
        return self::SCHEMAS.'device-api/problem.schema.json';
    }

    /**
     * A body that is taken, where the numbers of what it speaks of are right.
     *
     * @return array<string, mixed>|null
     */
    public function example(): ?array
    {
        return match ($this) {
            self::Reading => ['item' => '12-0', 'shown_c' => 176.5, 'emissivity' => 0.9, 'display_c' => 201],
            self::Samples => ['logger' => 'Rider 1', 'samples' => [
                ['at' => '2026-06-01T09:30:00Z', 'channel' => 'air', 'c' => 198.4],
                ['at' => '2026-06-01T09:30:00Z', 'channel' => 'Bench end', 'c' => 141.2],
            ]],
            self::Film => ['gauge' => 'Gauge 2', 'readings' => [['um' => 78], ['um' => 83.5, 'spot' => 'face']]],
            self::Weight => ['scale' => 'Coat bench', 'grams' => 1240],
            default => null,
        };
    }
}
