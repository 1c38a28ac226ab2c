<?php

declare(strict_types=1);

namespace Aenum\Core\Advice;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Equipment;
use Aenum\Core\Rules\FitRule;
use Aenum\Core\Rules\RuleBook;
use Aenum\Core\Units\Message;

/** Whether a part goes into one thing the shop has, or hangs from it: every rule about equipment, as one line. */
final readonly class PartFit
{
    /** @param  bool|null  $fits  null where something is not known */
    private function __construct(public Equipment $equipment, public ?bool $fits, public Message $says)
    {
    }

    /** Yes, no, or nothing where something is not known. */
    public function answer(): string
    {
        return match ($this->fits) {
            true => 'Yes.',
            false => 'No.',
            null => '',
        };
    }

    /** @return list<self> one for each kind of equipment a rule speaks of */
    public static function of(PartRouting $plan): array
    {
        $rules = array_filter(RuleBook::all(), fn ($rule): bool => $rule instanceof FitRule);

        return array_values(array_map(fn (FitRule $rule): self => self::by($rule, $plan), $rules));
    }

    private static function by(FitRule $rule, PartRouting $plan): self
    {
        $equipment = $rule->equipment;
        $against = $rule->applies($plan);
        $part = $plan->facts->part;

        return match (true) {
            $against !== null => new self($equipment, false, Message::from($against)->asSentence()),
            ! $equipment->isKnown($plan->facts->equipment) => new self($equipment, null, Message::from(
                $equipment->isRoom()
                    ? "The {$equipment->label()}'s measures are not written down."
                    : "What the {$equipment->label()} carries is not written down.",
            )),
            $equipment->isRoom() && $part->boxMm === null => new self($equipment, null, Message::from(
                'Its outside measures are not known; give them, or build it here.',
            )),
            default => new self($equipment, true, $equipment->says($plan->facts->equipment, $part)),
        };
    }
}
