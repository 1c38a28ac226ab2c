<?php

declare(strict_types=1);

namespace Aenum\Core\Files;

use Aenum\Core\Application\Charge;
use Aenum\Core\Application\Panel;
use Aenum\Core\Application\PanelArea;
use Aenum\Core\Application\PathPoint;
use Aenum\Core\Application\SprayGun;
use Aenum\Core\Application\SprayPowder;
use Aenum\Core\Units\InvalidInput;

/** `aenum-spray/1`: a panel, a powder, a gun as it is set, and the way it took. */
final readonly class SprayFile
{
    public const FORMAT = 'aenum-spray/1';

    public const MOST_POINTS = 20000;

    public const MOST_PLACES = 200;

    /** Twenty thousand points, with room for blanks. */
    private const MOST_BYTES = 8_000_000;

    /** @param  list<PathPoint>  $path */
    private function __construct(
        public Panel $panel,
        public SprayPowder $powder,
        public SprayGun $gun,
        public array $path,
    ) {
    }

    /** @throws InvalidInput naming the place */
    public static function parse(string $json): self
    {
        $file = Node::parse($json, self::MOST_BYTES)->object(['format', 'panel', 'recesses', 'powder', 'gun', 'path']);
        $file->need('format', '"'.self::FORMAT.'"')->oneOf([self::FORMAT]);

        return new self(self::panel($file), self::powder($file), self::gun($file), self::path($file));
    }

    private static function panel(Node $file): Panel
    {
        $recesses = array_map(fn (Node $one): PanelArea => self::place($one, true), self::many($file, 'recesses'));
        $in = $file->need('panel', 'an object');
        $in->object(['width_mm', 'height_mm', 'cell_mm', 'open', 'folds']);
        $open = array_map(fn (Node $one): PanelArea => self::place($one, false), self::many($in, 'open'));
        $folds = ['x_mm' => [], 'y_mm' => []];
        foreach (self::many($in, 'folds') as $fold) {
            $fold->object(['x_mm', 'y_mm']);
            if ($fold->has('x_mm') === $fold->has('y_mm')) {
                throw InvalidInput::unreadable($fold->place, 'is not a line', 'either x_mm or y_mm');
            }
            $along = $fold->has('x_mm') ? 'x_mm' : 'y_mm';
            $folds[$along][] = $fold->number($along);
        }

        return $in->guard(fn (): Panel => Panel::of(
            $in->number('width_mm'),
            $in->number('height_mm'),
            $in->number('cell_mm'),
            $recesses,
            $open,
            $folds['x_mm'],
            $folds['y_mm'],
        ));
    }

    private static function place(Node $in, bool $hasDepth): PanelArea
    {
        $in->object(['x_mm', 'y_mm', 'width_mm', 'height_mm', ...($hasDepth ? ['depth_mm'] : [])]);

        return $in->guard(fn (): PanelArea => PanelArea::of(
            $in->number('x_mm'),
            $in->number('y_mm'),
            $in->number('width_mm'),
            $in->number('height_mm'),
            $hasDepth ? $in->number('depth_mm') : 0.0,
        ));
    }

    private static function powder(Node $file): SprayPowder
    {
        $in = $file->need('powder', 'an object')->object(['sg', 'target_um', 'under_um', 'q_m_uc_g']);
        $target = $in->need('target_um', 'two numbers, least and most film')->list(2, 2);

        return $in->guard(fn (): SprayPowder => SprayPowder::of(
            $in->number('sg'),
            $target[0]->asNumber(),
            $target[1]->asNumber(),
            $in->numberOr('under_um', 0.0) ?? 0.0,
            $in->numberOr('q_m_uc_g', Charge::USUAL_UC_G) ?? Charge::USUAL_UC_G,
        ));
    }

    private static function gun(Node $file): SprayGun
    {
        $in = $file->need('gun', 'an object')->object([
            'flow_g_min', 'transfer', 'kv', 'ua', 'air', 'pattern_mm', 'pattern_at_mm', 'charging', 'ohms', 'face_m_s',
        ]);

        return $in->guard(fn (): SprayGun => SprayGun::of(
            $in->number('flow_g_min'),
            $in->number('transfer'),
            $in->number('kv'),
            $in->number('pattern_mm'),
            $in->number('pattern_at_mm'),
            $in->numberOr('ua', 20.0) ?? 20.0,
            $in->numberOr('air', 1.0) ?? 1.0,
            $in->find('charging')?->asFlag() ?? true,
            $in->numberOr('ohms', 0.0) ?? 0.0,
            $in->numberOr('face_m_s', SprayGun::USUAL_FACE_M_S) ?? SprayGun::USUAL_FACE_M_S,
        ));
    }

    /** @return list<PathPoint> */
    private static function path(Node $file): array
    {
        $path = [];
        foreach ($file->need('path', 'a list of points')->list(1, self::MOST_POINTS) as $in) {
            $point = self::point($in);
            $before = end($path);
            if ($before !== false && $point->tS <= $before->tS) {
                throw InvalidInput::outside("{$in->place}.t_s", $point->tS, "above the {$before->tS} before it");
            }
            $path[] = $point;
        }

        return $path;
    }

    /** A point of a path, without looking at those beside it. */
    public static function point(Node $in): PathPoint
    {
        $in->object(['t_s', 'x_mm', 'y_mm', 'away_mm', 'on']);

        return $in->guard(fn (): PathPoint => PathPoint::of(
            $in->number('t_s'),
            $in->number('x_mm'),
            $in->number('y_mm'),
            $in->number('away_mm'),
            $in->need('on', 'true or false')->asFlag(),
        ));
    }

    /** @return list<Node> */
    private static function many(Node $in, string $key): array
    {
        return $in->find($key)?->list(0, self::MOST_PLACES) ?? [];
    }
}
