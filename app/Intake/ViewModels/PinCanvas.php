<?php

declare(strict_types=1);

namespace App\Intake\ViewModels;

use App\Intake\Models\Part;
use App\Intake\Models\Picture;
use App\Intake\Models\Pin;
use Illuminate\Support\Collection;

/** What pins are placed on: a photo, else the part's drawing, its mesh or a blank sheet. */
final readonly class PinCanvas
{
    /** Units of the picture to a cell of a mesh. */
    public const MESH_SCALE = 4;

    private const BLANK_HIGH = 480;

    /** A pin's mark against the longer side. */
    private const MARK = 0.02;

    /**
     * @param  array<string, mixed>|null  $mesh
     * @param  Collection<int, Pin>  $pins
     */
    private function __construct(
        public Part $part,
        public ?Picture $picture,
        public ?PartDrawing $drawing,
        public ?array $mesh,
        public int $wide,
        public int $high,
        public Collection $pins,
    ) {
    }

    public static function of(Part $part, ?Picture $picture, ?PartDrawing $drawing): self
    {
        $pins = $part->pins->where('picture_id', $picture?->id)->values();
        $on = fn (int $wide, int $high, ?PartDrawing $drawn = null, ?array $mesh = null): self => new self(
            $part, $picture, $drawn, $mesh, $wide, $high, $pins,
        );

        return match (true) {
            $picture !== null => $on($picture->width, $picture->height),
            $drawing !== null => $on(PartDrawing::WIDTH, (int) round($drawing->height()), $drawing),
            $part->mesh !== null => $on(
                self::MESH_SCALE * $part->mesh['columns'],
                self::MESH_SCALE * $part->mesh['rows'],
                mesh: $part->mesh,
            ),
            default => $on(PartDrawing::WIDTH, self::BLANK_HIGH),
        };
    }

    /** How large a pin's mark is. */
    public function radius(): float
    {
        return max($this->wide, $this->high) * self::MARK;
    }

    /** @return array<string, float> path of each tone of the mesh => how dark it is */
    public function tones(): array
    {
        $tones = [];
        foreach ($this->mesh['light'] ?? [] as $tone => $path) {
            if ($path !== '') {
                $tones[$path] = MeshTone::light($tone);
            }
        }

        return $tones;
    }

    /** What a reader who does not see it is told. */
    public function label(): string
    {
        return $this->part->name.($this->pins->isEmpty()
            ? ', no pins'
            : '; '.$this->pins->map(fn (Pin $pin): string => "{$pin->number} {$pin->kind->label()}")->join(', '));
    }
}
