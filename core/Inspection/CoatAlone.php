<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

/**
 * The film of one coat by itself: what a gauge reads after its bake less what it read before it went on.
 *
 * Half of its 95 % interval is t(0.975, the smaller n − 1)·√(s₁²/n₁ + s₂²/n₂), the careful number of degrees of freedom
 * for two unlike spreads; null where either was read once.
 */
final readonly class CoatAlone
{
    private function __construct(public float $um, public ?float $halfUm)
    {
    }

    /** What is read on all of it now, and what was read on all that lies below before. */
    public static function of(FilmReadings $now, FilmReadings $before): self
    {
        $um = $now->mean - $before->mean;
        if ($now->deviation === null || $before->deviation === null) {
            return new self($um, null);
        }
        $error = sqrt($now->deviation ** 2 / $now->n + $before->deviation ** 2 / $before->n);

        return new self($um, StudentT::quantile(StudentT::TWO_SIDED_95, min($now->n, $before->n) - 1) * $error);
    }

    /**
     * As it is said beside the whole.
     *
     * @param  string  $coat  as it is called
     */
    public function words(string $coat): Message
    {
        return Message::of($this->halfUm === null ? '{coat} by itself: {film}' : '{coat} by itself: {film}, ± {half}', [
            'coat' => $coat,
            'film' => Quantity::micron($this->um),
            'half' => Quantity::micron((float) $this->halfUm),
        ]);
    }
}
