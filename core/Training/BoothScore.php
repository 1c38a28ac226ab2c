<?php

declare(strict_types=1);

namespace Aenum\Core\Training;

use Aenum\Core\Application\PanelArea;
use Aenum\Core\Application\SprayedPanel;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

/** What came of a drill: a score of 100, what it is made of, and why. */
final readonly class BoothScore
{
    /** Points of 100. House figures. */
    private const BAND = 55;

    private const EVEN = 15;

    private const STARS = 15;

    private const THRIFT = 15;

    /** A film this even, deviation over mean, is as even as a hand gets; this uneven earns nothing. House figures. */
    private const EVEN_AT = 0.10;

    private const UNEVEN_AT = 0.40;

    /** Share of the powder that lands on a flat panel in a good hand. House figure. */
    private const LANDS = 0.30;

    /** An edge or a recess that differs so much from the face is worth a word. House figures. */
    private const EDGE_OVER = 1.08;

    private const RECESS_UNDER = 0.7;

    /**
     * @param  array<string, int>  $points  what for => how many
     * @param  list<Message>  $why
     */
    private function __construct(public int $score, public array $points, public array $why)
    {
    }

    /** The score of a panel as it hangs. */
    public static function of(BoothDrill $drill, SprayedPanel $film, BoothSetting $set): self
    {
        $figures = $film->figures();
        if ($figures->meanUm <= 0.0) {
            return new self(0, [], [Message::from('Nothing is on it yet.')]);
        }
        $spread = $figures->deviationUm / $figures->meanUm;
        $landed = $film->sprayedG > 0.0 ? $film->landedG() / $film->sprayedG : 0.0;
        $share = fn (float $of): float => max(0.0, min(1.0, $of));
        $points = [
            'in the band' => (int) round(self::BAND * self::inBand($drill, $film)),
            'even' => (int) round(self::EVEN * $share(
                (self::UNEVEN_AT - $spread) / (self::UNEVEN_AT - self::EVEN_AT),
            )),
            'no stars' => $film->index <= 1.0 && $figures->meanUm >= $drill->powder->lowUm / 2 ? self::STARS : 0,
            'powder landed' => (int) round(self::THRIFT * $share($landed / self::LANDS)),
        ];

        return new self(array_sum($points), $points, self::why($drill, $film, $set));
    }

    /** Share in the band; where there are recesses they count as much as all the rest. */
    private static function inBand(BoothDrill $drill, SprayedPanel $film): float
    {
        [$recess, $rest] = [[], []];
        foreach ($film->filmUm as $n => $um) {
            if ($um !== null) {
                $is = $um >= $drill->powder->lowUm && $um <= $drill->powder->highUm;
                self::isInRecess($drill, $n) ? $recess[] = (int) $is : $rest[] = (int) $is;
            }
        }
        $share = fn (array $all): float => array_sum($all) / max(1, count($all));

        return $recess === [] ? $share($rest) : ($share($recess) + $share($rest)) / 2;
    }

    private static function isInRecess(BoothDrill $drill, int $cell): bool
    {
        $panel = $drill->panel;
        [$x, $y] = [$panel->xMm($cell % $panel->across), $panel->yMm(intdiv($cell, $panel->across))];

        return array_filter($panel->recesses, fn (PanelArea $one): bool => $one->holds($x, $y)) !== [];
    }

    /** @return list<Message> */
    private static function why(BoothDrill $drill, SprayedPanel $film, BoothSetting $set): array
    {
        $figures = $film->figures();
        [$edge, $recess, $face] = self::means($drill, $film);
        $why = [];
        if ($set->ohms >= 1e6) {
            $why[] = Message::from('The hook insulates: half and more of what would land flies past. Clean it.');
        }
        if ($set->faceMPerS > 0.6) {
            $why[] = Message::from('The booth draws so hard that it takes the powder along.');
        }
        if ($film->index > 1.0) {
            $why[] = Message::of('The charge index is {index}: what lies throws off what comes.', [
                'index' => round($film->index, 2),
            ]);
        }
        if ($figures->underBand > 0.05) {
            $why[] = Message::of('{share} % is thinner than {low}.', [
                'share' => round(100 * $figures->underBand),
                'low' => Quantity::micron($drill->powder->lowUm),
            ]);
        }
        if ($figures->overBand > 0.05) {
            $why[] = Message::of('{share} % is thicker than {high}.', [
                'share' => round(100 * $figures->overBand),
                'high' => Quantity::micron($drill->powder->highUm),
            ]);
        }
        if ($edge !== null && $face > 0.0 && $edge > self::EDGE_OVER * $face) {
            $why[] = Message::of('Edges draw powder: {edge} against {face} on the face. Volts down.', [
                'edge' => Quantity::micron($edge),
                'face' => Quantity::micron($face),
            ]);
        }
        if ($recess !== null && $face > 0.0 && $recess < self::RECESS_UNDER * $face) {
            $why[] = Message::of('The floor of a recess has {recess} where the face has {face}: first, '
                .'with fewer volts '
                .'and enough air.', ['recess' => Quantity::micron($recess), 'face' => Quantity::micron($face)]);
        }

        return $why === [] ? [Message::from('Nothing to find fault with.')] : $why;
    }

    /** @return array{?float, ?float, float} mean film on the rims, in recesses, on the open face, µm */
    private static function means(BoothDrill $drill, SprayedPanel $film): array
    {
        $panel = $drill->panel;
        $of = ['edge' => [], 'recess' => [], 'face' => []];
        foreach ($film->filmUm as $n => $um) {
            if ($um === null) {
                continue;
            }
            [$column, $row] = [$n % $panel->across, intdiv($n, $panel->across)];
            $rim = min($column, $row, $panel->across - 1 - $column, $panel->down - 1 - $row) === 0;
            $of[self::isInRecess($drill, $n) ? 'recess' : ($rim ? 'edge' : 'face')][] = $um;
        }
        $mean = fn (array $all): ?float => $all === [] ? null : array_sum($all) / count($all);

        return [$mean($of['edge']), $mean($of['recess']), $mean($of['face']) ?? 0.0];
    }
}
