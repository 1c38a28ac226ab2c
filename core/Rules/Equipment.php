<?php

declare(strict_types=1);

namespace Aenum\Core\Rules;

use Aenum\Core\Routing\EquipmentFacts;
use Aenum\Core\Routing\PartFacts;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

/** What a part must go into, or hang from. */
enum Equipment: string
{
    case Booth = 'booth';
    case Oven = 'oven';
    case Door = 'oven door';
    case Rail = 'rail';
    case Hook = 'hook';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return $this->value;
    }

    /** Whether its room or strength is written down. */
    public function isKnown(EquipmentFacts $shop): bool
    {
        return match ($this) {
            self::Booth => $shop->boothMm !== null,
            self::Oven => $shop->ovenMm !== null,
            self::Door => $shop->doorMm !== null,
            self::Rail => $shop->railKg !== null,
            self::Hook => $shop->hookKg !== null,
        };
    }

    /** It takes a size, not a weight. */
    public function isRoom(): bool
    {
        return in_array($this, [self::Booth, self::Oven, self::Door], true);
    }

    /** What is said where the part fits. */
    public function says(EquipmentFacts $shop, PartFacts $part): Message
    {
        return match ($this) {
            self::Oven => Message::of('Goes in with {room} and more all round.', [
                'room' => Quantity::mm(EquipmentFacts::OVEN_CLEARANCE_MM, 0),
            ]),
            self::Booth, self::Door => Message::from('Goes in.'),
            self::Rail => self::onRail((float) $shop->railKg, $part),
            self::Hook => Message::of('Carries {carries}; one weighs {mass}.', [
                'carries' => Quantity::kg((float) $shop->hookKg, 0),
                'mass' => Quantity::kg($part->massKg ?? 0.0, 1),
            ]),
        };
    }

    private static function onRail(float $carriesKg, PartFacts $part): Message
    {
        $each = $part->massKg ?? 0.0;
        $all = $part->count * $each;

        return $all <= $carriesKg
            ? Message::of('Carries {carries}; all {count} weigh {mass}.', [
                'carries' => Quantity::kg($carriesKg, 0),
                'count' => $part->count,
                'mass' => Quantity::kg($all, 0),
            ])
            : Message::of('Carries {carries}: {n} of {count} at a time.', [
                'carries' => Quantity::kg($carriesKg, 0),
                'n' => (int) floor($carriesKg / $each),
                'count' => $part->count,
            ]);
    }
}
