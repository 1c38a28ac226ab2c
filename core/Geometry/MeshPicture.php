<?php

declare(strict_types=1);

namespace Aenum\Core\Geometry;

/**
 * A mesh seen from above the front right, on a small grid: the nearest facet's light in each cell, and how much metal
 * lies along the line of sight there (back faces' depths less front faces').
 *
 * Orthographic; memory is the grid's, whatever the number of triangles.
 */
final class MeshPicture implements TriangleSink
{
    private const CELLS = 260;

    public const TONES = 8;

    /** Seen from 35° to the right, 24° above. */
    private const COS_YAW = 0.8192;

    private const SIN_YAW = 0.5736;

    private const COS_PITCH = 0.9135;

    private const SIN_PITCH = 0.4067;

    private readonly int $columns;

    private readonly int $rows;

    /** Cells per unit of the file. */
    private readonly float $scale;

    private readonly float $left;

    private readonly float $top;

    private readonly Work $work;

    /** @var array<int, float> nearest depth by cell */
    private array $near = [];

    /** @var array<int, float> light 0 to 1 by cell */
    private array $light = [];

    /** @var array<int, float> metal along the line of sight by cell, in the file's unit */
    private array $through = [];

    /**
     * @param  array{float, float, float}  $least  corners of the bounding box, in the file's unit
     * @param  array{float, float, float}  $most
     * @param  float  $unitMm  mm in the file's unit
     * @param  bool  $inverted  facets face inwards
     */
    public function __construct(
        array $least,
        array $most,
        private readonly float $unitMm,
        private readonly bool $inverted,
    ) {
        $this->work = new Work(Work::CELLS);
        $x = $y = [];
        for ($corner = 0; $corner < 8; $corner++) {
            [$x[], $y[]] = self::project(
                $corner & 1 ? $most[0] : $least[0],
                $corner & 2 ? $most[1] : $least[1],
                $corner & 4 ? $most[2] : $least[2],
            );
        }
        $this->left = min($x);
        $this->top = max($y);
        $wide = max($x) - $this->left;
        $high = $this->top - min($y);
        $this->scale = self::CELLS / max($wide, $high, 1e-12);
        $this->columns = max(1, (int) ceil($wide * $this->scale));
        $this->rows = max(1, (int) ceil($high * $this->scale));
    }

    /** Takes in one triangle, corners in metres. */
    public function add(
        float $ax,
        float $ay,
        float $az,
        float $bx,
        float $by,
        float $bz,
        float $cx,
        float $cy,
        float $cz,
    ): void {
        [$x1, $y1, $z1] = self::project($ax, $ay, $az);
        [$x2, $y2, $z2] = self::project($bx, $by, $bz);
        [$x3, $y3, $z3] = self::project($cx, $cy, $cz);
        $x1 = ($x1 - $this->left) * $this->scale;
        $x2 = ($x2 - $this->left) * $this->scale;
        $x3 = ($x3 - $this->left) * $this->scale;
        $y1 = ($this->top - $y1) * $this->scale;
        $y2 = ($this->top - $y2) * $this->scale;
        $y3 = ($this->top - $y3) * $this->scale;
        $double = ($x2 - $x1) * ($y3 - $y1) - ($x3 - $x1) * ($y2 - $y1);
        if (abs($double) < 1e-12) {
            return;
        }
        // Rows run downwards, so a facet that faces the eye turns clockwise.
        $faces = $double < 0 !== $this->inverted;
        $light = $this->lightOf($ax, $ay, $az, $bx, $by, $bz, $cx, $cy, $cz, $faces);
        $toColumn = min($this->columns - 1, (int) floor(max($x1, $x2, $x3)));
        $toRow = min($this->rows - 1, (int) floor(max($y1, $y2, $y3)));
        $fromColumn = max(0, (int) floor(min($x1, $x2, $x3)));
        for ($row = max(0, (int) floor(min($y1, $y2, $y3))); $row <= $toRow; $row++) {
            $py = $row + 0.5;
            [$from, $to] = Span::across($py, $y1, $x1, $y2, $x2, $y3, $x3);
            $last = (int) min($toColumn, ceil($to));
            $column = (int) max($fromColumn, floor($from) - 1);
            $this->work->spend(max(0, $last - $column) + 1);
            for (; $column <= $last; $column++) {
                $px = $column + 0.5;
                $u = (($x2 - $px) * ($y3 - $py) - ($x3 - $px) * ($y2 - $py)) / $double;
                $v = (($x3 - $px) * ($y1 - $py) - ($x1 - $px) * ($y3 - $py)) / $double;
                if ($u < 0 || $v < 0 || $u + $v > 1) {
                    continue;
                }
                $depth = $u * $z1 + $v * $z2 + (1 - $u - $v) * $z3;
                $cell = $row * $this->columns + $column;
                $this->through[$cell] = ($this->through[$cell] ?? 0.0) + ($faces ? -$depth : $depth);
                if ($depth < ($this->near[$cell] ?? INF)) {
                    $this->near[$cell] = $depth;
                    $this->light[$cell] = $light;
                }
            }
        }
    }

    /**
     * The picture: paths on a grid, one for each tone, the darkest first; and the same by metal along the line of
     * sight.
     */
    public function drawing(): MeshDrawing
    {
        $most = 0.0;
        $through = [];
        foreach ($this->through as $cell => $metal) {
            $through[$cell] = max(0.0, $metal) * $this->unitMm;
            $most = max($most, $through[$cell]);
        }

        return new MeshDrawing(
            $this->columns,
            $this->rows,
            ($this->columns / $this->scale) * $this->unitMm,
            $this->bands($this->light, 1.0),
            $this->bands($through, $most),
            $most,
        );
    }

    /**
     * @param  array<int, float>  $values
     * @return list<string> a path for each tone
     */
    private function bands(array $values, float $most): array
    {
        $paths = array_fill(0, self::TONES, '');
        for ($row = 0; $row < $this->rows; $row++) {
            $from = 0;
            $tone = null;
            for ($column = 0; $column <= $this->columns; $column++) {
                $value = $column === $this->columns ? null : $values[$row * $this->columns + $column] ?? null;
                $now =
                    $value === null
                        ? null
                        : min(self::TONES - 1, (int) floor((self::TONES * $value) / max(1e-12, $most)));
                if ($now !== $tone) {
                    if ($tone !== null) {
                        $run = $column - $from;
                        $paths[$tone] .= "M{$from} {$row}h{$run}v1h-{$run}z";
                    }
                    [$from, $tone] = [$column, $now];
                }
            }
        }

        return array_values($paths);
    }

    /** Light from above the left shoulder of whoever looks; a facet seen from behind is dim. */
    private function lightOf(
        float $ax,
        float $ay,
        float $az,
        float $bx,
        float $by,
        float $bz,
        float $cx,
        float $cy,
        float $cz,
        bool $faces,
    ): float {
        $nx = ($by - $ay) * ($cz - $az) - ($bz - $az) * ($cy - $ay);
        $ny = ($bz - $az) * ($cx - $ax) - ($bx - $ax) * ($cz - $az);
        $nz = ($bx - $ax) * ($cy - $ay) - ($by - $ay) * ($cx - $ax);
        $length = sqrt($nx * $nx + $ny * $ny + $nz * $nz);
        $dot = $length > 0 ? (($this->inverted ? -1 : 1) * (-0.35 * $nx - 0.55 * $ny + 0.76 * $nz)) / $length : 0.0;

        // Half of the light comes round the edge, so that what is turned away still shows its shape.
        return $faces ? min(0.999, max(0.02, ((1 + $dot) / 2) ** 1.5)) : 0.02;
    }

    /** @return array{float, float, float} right, up and away from the eye */
    private static function project(float $x, float $y, float $z): array
    {
        $away = $y * self::COS_YAW - $x * self::SIN_YAW;

        return [
            $x * self::COS_YAW + $y * self::SIN_YAW,
            $z * self::COS_PITCH + $away * self::SIN_PITCH,
            $away * self::COS_PITCH - $z * self::SIN_PITCH,
        ];
    }
}
