<?php

declare(strict_types=1);

namespace App\Release\ViewModels;

use Aenum\Core\Units\Dimension;
use App\Platform\Clock\ShopClock;
use App\Platform\Presentation\Units;
use Carbon\CarbonImmutable;

/**
 * One batch of a record for a reader: sentences in their units, curves ready to draw.
 *
 * Tolerant: what an earlier release did not record is not shown.
 */
final readonly class CertificateBatch
{
    /**
     * @param  list<string>  $coats
     * @param  list<string>  $film
     * @param  list<string>  $tests
     * @param  list<string>  $agreed  faults that were settled, and how
     * @param  list<array{head: string, curve: ?BatchCurveChart}>  $bakes
     * @param  list<string>  $said  at the counter
     * @param  list<string>  $letGo  what was open as it left, and why it left all the same
     */
    private function __construct(
        public string $title,
        public string $what,
        public array $coats,
        public array $film,
        public array $tests,
        public array $agreed,
        public array $bakes,
        public array $said,
        public array $letGo,
        public ?string $handedOver,
    ) {
    }

    /** @param  array<string, mixed>  $document */
    public static function of(array $document, Units $units): self
    {
        $part = self::map($document, 'part');
        $mass = self::number($part, 'mass_kg');
        $area = self::number($part, 'area_m2');
        $batch = self::text($part, 'lot');
        $fate = self::text($part, 'fate');

        return new self(
            self::text($part, 'count').' × '.self::text($part, 'name').($batch === '' ? '' : ", {$batch}")
                .($fate === 'scrapped' ? ', scrapped' : ''),
            implode(', ', array_filter([
                strtolower(self::text($part, 'metal')),
                $mass === null ? '' : $units->show(Dimension::Mass, $mass).' each',
                $area === null ? '' : $units->show(Dimension::Area, $area).' each',
            ])),
            array_map(fn (array $coat): string => self::coat($coat, $units), self::list($document, 'coats')),
            array_map(fn (array $film): string => self::film($film, $units), self::list($document, 'film')),
            array_map(
                fn (array $test): string => self::said($test, $units),
                array_values(array_filter(
                    self::list($document, 'tests'),
                    fn (array $test): bool => ! in_array($test['kind'] ?? '', ['judged'], true),
                )),
            ),
            array_map(
                fn (array $one): string => ucfirst(self::text($one, 'says')).' on '.self::text($one, 'pieces').': '
                    .self::text($one, 'became'),
                // What nobody has decided yet is the shop's business.
                array_values(array_filter(
                    self::list($document, 'faults'),
                    fn (array $one): bool => ($one['open'] ?? false) !== true,
                )),
            ),
            array_map(fn (array $bake): array => [
                'head' => self::bake($bake, $units),
                'curve' => BatchCurveChart::of(self::map($bake, 'curve'), $units),
            ], self::list($document, 'bakes')),
            array_map(
                fn (array $one): string => self::text($one, 'head').': '.implode(' ', array_map(
                    fn (mixed $line): string => is_string($line) ? $line : '',
                    is_array($one['lines'] ?? null) ? $one['lines'] : [],
                )),
                self::list($document, 'said'),
            ),
            self::letGo(self::map($document, 'handed_over')),
            self::handedOver(self::map($document, 'handed_over')),
        );
    }

    /** @return list<string> how it is looked after */
    public static function care(mixed $document): array
    {
        $care = is_array($document) ? $document['care'] ?? [] : [];

        return array_values(array_filter(is_array($care) ? $care : [], is_string(...)));
    }

    /** A moment of a record, in the shop's time. */
    public static function moment(string $at, string $format = 'j M Y H:i'): string
    {
        return $at === '' ? '' : ShopClock::local(CarbonImmutable::parse($at, 'UTC'))->format($format);
    }

    /** @param  array<string, mixed>  $coat */
    private static function coat(array $coat, Units $units): string
    {
        $where = self::text($coat, 'where');
        $batches = implode(', ', array_filter(
            is_array($coat['powder_lots'] ?? null) ? $coat['powder_lots'] : [],
            is_string(...),
        ));
        $peak = self::number($coat, 'peak_c');
        $over = self::number($coat, 'overbake');

        return self::text($coat, 'position').' '.self::text($coat, 'role').': '.self::text($coat, 'powder')
            .($where === '' ? '' : " on {$where}").($batches === '' ? '' : " (lot {$batches})").', '
            .self::said(['says' => $coat['state'] ?? []], $units)
            .($peak === null ? '' : ', peak '.$units->temp($peak))
            .($over === null ? '' : ', over-bake '.number_format($over, 2).' of 1')
            .(($coat['taken_off'] ?? false) === true ? '; stripped off again' : '')
            .(($coat['mends'] ?? false) === true ? '; laid to mend' : '');
    }

    /** @param  array<string, mixed>  $film */
    private static function film(array $film, Units $units): string
    {
        $band = is_array($film['band_um'] ?? null) ? array_values($film['band_um']) : [0, 0];
        $deviation = self::number($film, 'deviation_um');
        $show = fn (string $key): string => $units->show(Dimension::Film, self::number($film, $key) ?? 0.0);
        $place = self::text($film, 'place');

        return ($place === '' ? 'Film' : "Film on {$place}").', all coats: '.self::text($film, 'n').' readings, mean '
            .$show('mean_um').', least '.$show('least_um').', most '.$show('most_um')
            .($deviation === null ? '' : ', deviation '.$show('deviation_um'))
            .'; asked '.$units->field(Dimension::Film, (float) $band[0], $units->isMetric() ? 0 : 1).' to '
            .$units->show(Dimension::Film, (float) ($band[1] ?? 0), $units->isMetric() ? 0 : 1).': '
            .(($film['ok'] ?? false) === true ? 'within' : 'outside');
    }

    /** @param  array<string, mixed>  $bake */
    private static function bake(array $bake, Units $units): string
    {
        $readings = (int) (self::number($bake, 'readings') ?? 0);

        return self::text($bake, 'oven').', '.self::moment(self::text($bake, 'shut_at')).', '
            .Units::minutes(self::number($bake, 'minutes') ?? 0.0).' at '
            .$units->temp(self::number($bake, 'setpoint_c') ?? 0.0).($readings === 0
                ? '; curve by the model'
                : "; curve corrected by {$readings} ".($readings === 1 ? 'reading' : 'readings'));
    }

    /**
     * @param  array<string, mixed>  $handed
     * @return list<string>
     */
    private static function letGo(array $handed): array
    {
        $open = array_filter(is_array($handed['let_go'] ?? null) ? $handed['let_go'] : [], is_string(...));
        $note = self::text($handed, 'note');

        return $open === [] ? [] : [...array_values($open), 'Let go by '.self::text($handed, 'by').': '.$note];
    }

    /** @param  array<string, mixed>  $handed */
    private static function handedOver(array $handed): ?string
    {
        $taken = self::text($handed, 'taken_by');

        return self::text($handed, 'at') === '' ? null : 'Handed over '.self::moment(self::text($handed, 'at')).' by '
            .self::text($handed, 'by').($taken === '' ? '' : ", taken by {$taken}");
    }

    /** @param  array<string, mixed>  $of  a sentence kept in both systems, or in one */
    private static function said(array $of, Units $units): string
    {
        $says = $of['says'] ?? '';

        return is_array($says)
            ? (string) ($says[$units->system->value] ?? '')
            : (is_string($says) ? $says : '');
    }

    /**
     * @param  array<string, mixed>  $in
     * @return array<string, mixed>
     */
    private static function map(array $in, string $key): array
    {
        return is_array($in[$key] ?? null) ? $in[$key] : [];
    }

    /**
     * @param  array<string, mixed>  $in
     * @return list<array<string, mixed>>
     */
    private static function list(array $in, string $key): array
    {
        return array_values(array_filter(self::map($in, $key), is_array(...)));
    }

    /** @param  array<string, mixed>  $in */
    private static function text(array $in, string $key): string
    {
        return is_scalar($in[$key] ?? null) ? (string) $in[$key] : '';
    }

    /** @param  array<string, mixed>  $in */
    private static function number(array $in, string $key): ?float
    {
        return is_int($in[$key] ?? null) || is_float($in[$key] ?? null) ? (float) $in[$key] : null;
    }
}
