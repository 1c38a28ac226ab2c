<?php

declare(strict_types=1);

namespace Aenum\Core\Files;

use Aenum\Core\Geometry\Shape;
use Aenum\Core\Geometry\ShapeKind;
use Aenum\Core\Materials\Metal;
use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;

/** One shape with its measures, material and count, as `calc shape` takes it. */
final readonly class ShapeFile
{
    private function __construct(public Shape $shape, public Metal $metal, public int $count)
    {
    }

    /** @throws InvalidInput */
    public static function read(Node $node): self
    {
        $kinds = array_column(ShapeKind::cases(), 'value');
        $kind = ShapeKind::from($node->need('shape', 'one of '.implode(', ', $kinds))->oneOf($kinds));
        $node->object(['shape', 'material', 'count', ...$kind->needs(), ...$kind->mayHave()]);
        $metal = LoadFile::metal($node->need('material', 'a metal\'s key'));
        $measures = [];
        foreach ([...$kind->needs(), ...$kind->mayHave()] as $name) {
            if (
                ! in_array($name, ['legs_mm', 'holes', 'inside_coated'], true) &&
                ($value = $node->numberOr($name, null)) !== null
            ) {
                $measures[$name] = $value;
            }
        }
        $legs = array_map(fn (Node $leg): float => $leg->asNumber(), $node->find('legs_mm')?->list(1, 40) ?? []);
        $holes = array_map(
            fn (Node $hole): array => [
                'diameter_mm' => $hole->object(['diameter_mm', 'count'])->number('diameter_mm'),
                'count' => (int) $hole->guard(
                    fn (): float => Check::between('count', $hole->find('count')?->asWhole() ?? 1, 1, 100000),
                ),
            ],
            $node->find('holes')?->list(0, 200) ?? [],
        );

        return new self(
            $node->guard(
                fn (): Shape => Shape::of(
                    $kind,
                    $measures,
                    $metal,
                    $legs,
                    $holes,
                    $node->find('inside_coated')?->asFlag() ?? false,
                ),
            ),
            $metal,
            (int) $node->guard(
                fn (): float => Check::between('count', $node->find('count')?->asWhole() ?? 1, 1, 10000),
            ),
        );
    }
}
