<?php

declare(strict_types=1);

namespace App\Platform\Validation;

use Aenum\Core\Units\Dimension;
use Aenum\Core\Units\InvalidInput;
use App\Platform\Presentation\Units;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** Validates a quantity typed with or without a unit, within a range in the stored unit. */
final readonly class MeasuredQuantity implements ValidationRule
{
    public function __construct(
        private Dimension $dimension,
        private float $min,
        private float $max,
        private bool $above = false,
    ) {
    }

    /** Above a limit, not at it. */
    public static function above(Dimension $dimension, float $above, float $max): self
    {
        return new self($dimension, $above, $max, true);
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $name = FieldNames::of($attribute);
        if (! is_scalar($value)) {
            $fail("{$name} must be a number.");

            return;
        }
        $units = Units::current();
        try {
            $kept = $this->dimension->parse($name, (string) $value, $units->system);
        } catch (InvalidInput $e) {
            $fail(ucfirst($e->getMessage()).'.');

            return;
        }
        if ($kept < $this->min - 1e-9 || $kept > $this->max * (1 + 1e-9) || ($this->above && $kept <= $this->min)) {
            $fail(
                sprintf(
                    '%s is %s; allowed: %s %s to %s.',
                    $name,
                    $units->show($this->dimension, $kept),
                    $this->above ? 'above' : 'from',
                    $units->field($this->dimension, $this->min),
                    $units->show($this->dimension, $this->max),
                ),
            );
        }
    }

    /** The typed text as the program keeps it; call after validation. */
    public static function read(Dimension $dimension, mixed $value): ?float
    {
        return $value === null || $value === '' || ! is_scalar($value)
            ? null
            : $dimension->parse('value', (string) $value, Units::current()->system);
    }
}
