<?php

declare(strict_types=1);

namespace Aenum\Core\Cli;

use Aenum\Core\Application\SprayedPanel;
use Aenum\Core\Files\SprayFile;

/** `bin/aenum spray FILE|- [--cells]`: the film a path of the gun leaves on a panel. */
final class SprayCommand
{
    public const FORMAT = 'aenum-film/1';

    /**
     * @param  \Closure(string): string  $read
     * @return array<string, mixed>
     */
    public function __invoke(Arguments $arguments, \Closure $read): array
    {
        $file = SprayFile::parse($read($arguments->operands[0]));
        $film = SprayedPanel::bare($file->panel, $file->powder)->after($file->path, $file->gun);
        $figures = $film->figures();

        return [
            'format' => self::FORMAT,
            'mean_um' => round($figures->meanUm, 4),
            'least_um' => round($figures->leastUm, 4),
            'most_um' => round($figures->mostUm, 4),
            'deviation_um' => round($figures->deviationUm, 4),
            'in_band' => round($figures->inBand, 6),
            'sprayed_g' => round($film->sprayedG, 4),
            'landed_g' => round($film->landedG(), 4),
            'charge_index' => round($film->index, 6),
        ] + ($arguments->option('cells') === null ? [] : ['cells' => [
            'across' => $film->panel->across,
            'down' => $film->panel->down,
            'um' => array_map(fn (?float $um): ?float => $um === null ? null : round($um, 3), $film->filmUm),
        ]]);
    }
}
