<?php

declare(strict_types=1);

namespace App\Actions\Inspect;

use Aenum\Core\Inspect\FilmReadings;
use Aenum\Core\Inspect\GaugeFile;
use Aenum\Core\Unit\Dimension;
use Aenum\Core\Unit\InvalidQuantity;
use App\Support\Units;
use Illuminate\Validation\ValidationException;

/** Film readings as they came in: typed or pasted, spot by spot, or from a gauge's file. */
final readonly class FilmTyped
{
    /** @param  list<array{um: float, spot: ?string}>  $readings */
    private function __construct(public array $readings, public FilmReadings $film, public string $source)
    {
    }

    /**
     * @param  array<string, mixed>  $spots  what was typed at each spot
     *
     * @throws ValidationException naming the spot
     */
    public static function read(array $spots, string $source): self
    {
        $readings = [];
        foreach ($spots as $spot => $text) {
            foreach (FilmReadings::typed(is_string($text) ? $text : '') as $n => $word) {
                $readings[] = ['um' => self::micron($word, (string) $spot, $n), 'spot' => (string) $spot];
            }
        }
        if ($readings === []) {
            throw ValidationException::withMessages([
                'readings' => 'Readings are empty; type them with spaces or new lines between.',
            ]);
        }

        return self::of($readings, $source);
    }

    /** @throws ValidationException naming the line */
    public static function file(string $csv, ?float $umEach): self
    {
        try {
            return self::of(GaugeFile::parse($csv, $umEach)->readings, 'file');
        } catch (InvalidQuantity $e) {
            throw ValidationException::withMessages(['file' => 'The gauge\'s file: '.$e->getMessage().'.']);
        }
    }

    /** @param  list<array{um: float, spot: ?string}>  $readings */
    private static function of(array $readings, string $source): self
    {
        try {
            $film = FilmReadings::of(array_column($readings, 'um'));
        } catch (InvalidQuantity $e) {
            throw ValidationException::withMessages(['readings' => ucfirst($e->getMessage()).'.']);
        }

        return new self($readings, $film, $source);
    }

    private static function micron(string $word, string $spot, int $n): float
    {
        $field = $spot === 'face' ? 'readings' : "spot.{$spot}";
        try {
            $um = Dimension::Film->parse('reading '.($n + 1), $word, Units::current()->system);
            FilmReadings::of([$um]);
        } catch (InvalidQuantity $e) {
            throw ValidationException::withMessages([$field => ucfirst($e->getMessage()).'.']);
        }

        return $um;
    }
}
