<?php

declare(strict_types=1);

namespace Aenum\Core\Files;

use Aenum\Core\Inspection\DefectKind;
use Aenum\Core\Inspection\Evidence;
use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;

/** `aenum-fault/1`: what is wrong, what the record shows by name, and which causes this shop has confirmed of it. */
final readonly class DefectFile
{
    public const FORMAT = 'aenum-fault/1';

    /**
     * @param  array<string, bool|float>  $record  by the name of the evidence; what is missing is unknown
     * @param  array<string, int>  $confirmed  by cause
     */
    private function __construct(public DefectKind $defect, public array $record, public array $confirmed)
    {
    }

    /** @throws InvalidInput naming the place */
    public static function parse(string $json): self
    {
        $file = Node::parse($json)->object(['format', 'fault', 'record', 'confirmed']);
        $file->need('format', '"'.self::FORMAT.'"')->oneOf([self::FORMAT]);
        $defect = $file->need('fault', 'a fault\'s key')->enum(DefectKind::class);

        return new self(
            $defect,
            self::record($file->find('record')),
            self::confirmed($file->find('confirmed'), $defect),
        );
    }

    /** @return array<string, bool|float> */
    private static function record(?Node $in): array
    {
        $keys = array_map(fn (Evidence $one): string => $one->value, Evidence::cases());
        $in?->object($keys);
        $record = [];
        foreach (Evidence::cases() as $evidence) {
            $node = $in?->find($evidence->value);
            if ($node === null || $node->isNull()) {
                continue;
            }
            [$least, $most] = $evidence->range() ?? [0.0, 1.0];
            $record[$evidence->value] = $evidence->isFlag()
                ? $node->asFlag()
                : Check::between($node->place, $node->asNumber(), $least, $most);
        }

        return $record;
    }

    /** @return array<string, int> */
    private static function confirmed(?Node $in, DefectKind $defect): array
    {
        $keys = array_map(fn ($cause): string => $cause->value, $defect->causes());
        $in?->object($keys);
        $counts = [];
        foreach ($keys as $key) {
            $node = $in?->find($key);
            if ($node !== null) {
                $counts[$key] = (int) Check::between($node->place, $node->asWhole(), 0, 1e6);
            }
        }

        return $counts;
    }
}
