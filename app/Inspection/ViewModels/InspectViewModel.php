<?php

declare(strict_types=1);

namespace App\Inspection\ViewModels;

use Aenum\Core\Inspection\CoatAlone;
use Aenum\Core\Inspection\CrossCut;
use Aenum\Core\Inspection\FilmJudgement;
use Aenum\Core\Inspection\Gloss;
use Aenum\Core\Trade\FilmCriterion;
use Aenum\Core\Trade\Station;
use Aenum\Core\Units\Dimension;
use Aenum\Core\Units\Message;
use App\Inspection\Commands\InspectionChecklist;
use App\Inspection\Models\Inspection;
use App\Inspection\Queries\ChecklistLine;
use App\Inspection\Queries\DriftNotes;
use App\Inspection\Queries\FilmSpots;
use App\Platform\Presentation\Units;
use App\Routing\Queries\StationQueue;
use Illuminate\Support\Collection;

/** The inspect station for the batch in hand: film chart, checks, defects. */
final readonly class InspectViewModel
{
    private function __construct(
        public StationQueue $pick,
        public InspectionChecklist $over,
        public ?Inspection $film,
        public ?FilmJudgement $judged,
        public ?FilmChart $picture,
    ) {
    }

    public static function of(StationQueue $pick): ?self
    {
        if ($pick->walk === null) {
            return null;
        }
        $over = InspectionChecklist::of($pick->walk);
        $film = $over->latest('film');
        $judged = $film?->judgedFilm();

        return new self($pick, $over, $film, $judged, self::draw($over, $film));
    }

    /** The one number. */
    public function number(): string
    {
        $units = Units::current();

        return $this->judged === null
            ? '–'
            : $units->show(Dimension::Film, $this->judged->film->mean, $units->isMetric() ? 0 : 1);
    }

    public function headline(): string
    {
        $left = $this->over->left();

        return match (true) {
            $this->over->stack === null => 'Nothing of it is baked yet.',
            $left === [] => 'Inspected: film, cure and looks are all there.',
            default => 'Not inspected yet.',
        };
    }

    public function tone(): string
    {
        return $this->over->open()->isNotEmpty() || $this->over->filmUnanswered() ? 'stop' : 'good';
    }

    /** What is left, as one sentence. */
    public function leftWords(): string
    {
        $left = $this->over->left();

        return $left === [] ? '' : ucfirst(implode('; ', $left)).'.';
    }

    /** Nothing was read on it yet, and it can be: that comes first. */
    public function asksFilmNow(): bool
    {
        return $this->film === null && $this->over->stack !== null;
    }

    /** How film is accepted on this part. */
    public function way(): FilmCriterion
    {
        return $this->over->walk->route->facts->house->film;
    }

    /** @return array<string, string> spots to read film at */
    public function spots(): array
    {
        return FilmSpots::of($this->over->walk->batch->part);
    }

    /** @return list<string> which spots are thin, beside what the coat bench had said of them */
    public function thinWords(): array
    {
        $units = Units::current();
        $film = fn (float $um): string => $units->show(Dimension::Film, $um, $units->isMetric() ? 0 : 1);
        $stack = $this->over->stack;
        if ($this->film === null || $stack === null) {
            return [];
        }
        $part = $this->over->walk->batch->part;
        $expected = FilmSpots::expected($stack, $this->over->walk);
        $words = [];
        foreach ($this->film->bySpot() as $spot => $microns) {
            $mean = array_sum($microns) / max(1, count($microns));
            if ($mean < (float) $this->film->band_from_um) {
                $said = $expected[$spot] ?? null;
                $words[] = FilmSpots::name($spot, $part).' is thin, '.$film($mean).($said === null
                    ? '; the coat bench had no plan of it.'
                    : '; the coat bench had said '.$film($said).'.');
            }
        }

        return $words;
    }

    /** The coat on top by itself, where the one below was read after its own bake; null where it was not. */
    public function aloneWords(): ?Message
    {
        $below = $this->over->belowFilm()?->film();
        $now = $this->film?->film();

        return $below === null || $now === null || $this->over->stack === null
            ? null
            : CoatAlone::of($now, $below)->words($this->over->stack->top->powder->name);
    }

    /** The thinnest spot that is under the band: where a fault would be pinned; null where none is. */
    public function thinSpot(): ?string
    {
        $worst = null;
        foreach ($this->film?->bySpot() ?? [] as $spot => $microns) {
            $least = min($microns ?: [INF]);
            if ($least < (float) $this->film?->band_from_um && $least < ($worst[1] ?? INF)) {
                $worst = [$spot, $least];
            }
        }

        return $worst[0] ?? null;
    }

    /** @return list<ChecklistLine> */
    public function looks(): array
    {
        return $this->over->at(Station::Inspect);
    }

    /** How the lattice is cut on such a film. */
    public function latticeWords(): string
    {
        $um = $this->judged->film->mean ?? $this->over->stack?->highUm;
        $mm = $um === null ? null : CrossCut::apartMm($um);

        return $mm === null
            ? 'Too thick for a lattice of blades: cut a cross and pull.'
            : 'Six cuts each way, '.Units::current()->show(Dimension::Length, $mm).' apart, through to metal; brush, '
                .'press the tape on, pull it off at an angle within a second.';
    }

    /** Which angle tells this gloss better; null where the one read does. */
    public function glossWords(): ?string
    {
        $last = $this->over->latest('gloss');
        $better = $last?->figure === null ? null : Gloss::of($last->figure, (int) $last->way)->betterAngle();

        return $better === null ? null : "Such a gloss is told apart better at {$better}°.";
    }

    /** @return list<string> what the shop's own figures warn of */
    public function notes(): array
    {
        return DriftNotes::ofPowder($this->over->stack?->top->powder);
    }

    /** @return Collection<int, Inspection> everything found on these pieces, the latest first */
    public function findings(): Collection
    {
        return $this->over->found;
    }

    private static function draw(InspectionChecklist $over, ?Inspection $film): ?FilmChart
    {
        if ($film === null || $film->readings->isEmpty()) {
            return null;
        }
        $part = $over->walk->batch->part;
        $expected = $over->stack === null ? [] : FilmSpots::expected($over->stack, $over->walk);
        $rows = [];
        foreach ($film->bySpot() as $spot => $microns) {
            if ($microns !== []) {
                $rows[] = [
                    'name' => FilmSpots::name($spot, $part), 'microns' => $microns,
                    'expected' => $expected[$spot] ?? null,
                ];
            }
        }

        return FilmChart::of($rows, (float) $film->band_from_um, (float) $film->band_to_um, Units::current());
    }
}
