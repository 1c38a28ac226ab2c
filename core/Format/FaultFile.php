<?php

declare(strict_types=1);

namespace Aenum\Core\Format;

use Aenum\Core\Inspect\Evidence;
use Aenum\Core\Inspect\FaultKind;
use Aenum\Core\Unit\Check;
use Aenum\Core\Unit\InvalidQuantity;

/** `aenum-fault/1`: what is wrong, what the record shows by name, and which causes this shop has confirmed of it. */
final readonly class FaultFile
{
    public const FORMAT = 'aenum-fault/1';

    /**
     * @param  array<string, bool|float>  $record  by the name of the evidence; what is missing is unknown
     * @param  array<string, int>  $confirmed  by cause
     */
    private function __construct(public FaultKind $fault, public array $record, public array $confirmed)
    {
    }

    /** @throws InvalidQuantity naming the place */
    public static function parse(string $json): self
    {
        $file = Node::parse($json)->object(['format', 'fault', 'record', 'confirmed']);
        $file->need('format', '"'.self::FORMAT.'"')->oneOf([self::FORMAT]);
        $fault = $file->need('fault', 'a fault\'s key')->enum(FaultKind::class);

        return new self($fault, self::record($file->find('record')), self::confirmed($file->find('confirmed'), $fault));
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
    private static function confirmed(?Node $in, FaultKind $fault): array
    {
        $keys = array_map(fn ($cause): string => $cause->value, $fault->causes());
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
