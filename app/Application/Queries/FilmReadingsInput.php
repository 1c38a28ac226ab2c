<?php

declare(strict_types=1);

namespace App\Application\Queries;

use Aenum\Core\Inspection\FilmReadings;
use Aenum\Core\Inspection\GaugeFile;
use Aenum\Core\Units\Dimension;
use Aenum\Core\Units\InvalidInput;
use App\Platform\Errors\Refused;
use App\Platform\Presentation\Units;
use Illuminate\Http\UploadedFile;

/** Parses film readings: typed or pasted, spot by spot, or from a gauge's file. */
final readonly class FilmReadingsInput
{
    /** µm of each unit a gauge's file may be in. */
    public const UNITS = ['um' => 1.0, 'mil' => 25.4];

    /** @param  list<array{um: float, spot: ?string}>  $readings */
    private function __construct(public array $readings, public FilmReadings $film, public string $source)
    {
    }

    /**
     * @param  array<string, mixed>  $spots  what was typed at each spot
     *
     * @throws Refused naming the spot
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
            throw Refused::because([
                'readings' => 'Readings are empty; type them with spaces or new lines between.',
            ]);
        }

        return self::of($readings, $source);
    }

    /**
     * @param  string|null  $unit  of UNITS, where the file does not say it
     *
     * @throws Refused naming the line
     */
    public static function file(UploadedFile $csv, ?string $unit): self
    {
        try {
            $umEach = self::UNITS[$unit ?? ''] ?? null;

            return self::of(GaugeFile::parse((string) $csv->get(), $umEach)->readings, 'file');
        } catch (InvalidInput $e) {
            throw Refused::because(['file' => 'The gauge\'s file: '.$e->getMessage().'.']);
        }
    }

    /**
     * As a gauge sent them.
     *
     * @param  list<array{um: float|int, spot?: string}>  $readings
     *
     * @throws Refused
     */
    public static function measured(array $readings): self
    {
        return self::of(array_map(fn (array $one): array => [
            'um' => (float) $one['um'], 'spot' => $one['spot'] ?? 'face',
        ], $readings), 'device');
    }

    /** @param  list<array{um: float, spot: ?string}>  $readings */
    private static function of(array $readings, string $source): self
    {
        try {
            $film = FilmReadings::of(array_column($readings, 'um'));
        } catch (InvalidInput $e) {
            throw Refused::because(['readings' => ucfirst($e->getMessage()).'.']);
        }

        return new self($readings, $film, $source);
    }

    private static function micron(string $word, string $spot, int $n): float
    {
        $field = $spot === 'face' ? 'readings' : "spot.{$spot}";
        try {
            $um = Dimension::Film->parse('reading '.($n + 1), $word, Units::current()->system);
            FilmReadings::of([$um]);
        } catch (InvalidInput $e) {
            throw Refused::because([$field => ucfirst($e->getMessage()).'.']);
        }

        return $um;
    }
}
