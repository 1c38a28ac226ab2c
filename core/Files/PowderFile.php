<?php

declare(strict_types=1);

namespace Aenum\Core\Files;

use Aenum\Core\Curing\Chemistry;
use Aenum\Core\Curing\CureScheduleRow;
use Aenum\Core\Curing\CureSheet;
use Aenum\Core\Units\InvalidInput;

/** A powder's bake as it stands in a load file, or alone in a file of its own. */
final class PowderFile
{
    public const FORMAT = 'aenum-powder/1';

    private const KEYS = ['chemistry', 'window_pmt_c', 'flow_c', 'flow_min', 'rows'];

    /** @throws InvalidInput */
    public static function parse(string $json): CureSheet
    {
        $node = Node::parse($json)->object(['format', 'name', ...self::KEYS]);
        $node->find('format')?->oneOf([self::FORMAT]);
        $node->find('name')?->asText();

        return self::sheet($node);
    }

    /** @throws InvalidInput */
    public static function read(Node $node): CureSheet
    {
        return self::sheet($node->object(self::KEYS));
    }

    private static function sheet(Node $node): CureSheet
    {
        $chemistry = Chemistry::from(
            $node->need('chemistry', 'one of '.implode(', ', Chemistry::keys()))->oneOf(Chemistry::keys()),
        );
        $rows = [];
        foreach (
            $node->need('rows', 'a list of 1 to '.CureSheet::MOST_ROWS)->list(1, CureSheet::MOST_ROWS) as $row
        ) {
            $row->object(['pmt_c', 'min', 'max']);
            $rows[] = $row->guard(
                fn (): CureScheduleRow => CureScheduleRow::of(
                    $row->number('pmt_c'),
                    $row->number('min'),
                    $row->numberOr('max', null),
                ),
            );
        }

        return $node->guard(
            fn (): CureSheet => CureSheet::of(
                $chemistry,
                $rows,
                $node->numberOr('window_pmt_c', null),
                $node->numberOr('flow_c', null),
                $node->numberOr('flow_min', null),
            ),
        );
    }
}
