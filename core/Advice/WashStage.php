<?php

declare(strict_types=1);

namespace Aenum\Core\Advice;

use Aenum\Core\Preparation\Pretreatment\Bath;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

/** One stage of a wash line. */
final readonly class WashStage
{
    /** A stage of a spray line, min. General practice, unverified; the line's and the chemical's sheets come first. */
    private const SPRAY_MIN = [0.5, 2.0];

    /**
     * @param  Bath|null  $bath  null for plain water or air
     * @param  float  $least  minutes
     * @param  float|null  $most  minutes past which what tooLong says happens; null where that does no harm
     */
    public function __construct(
        public string $key,
        public string $name,
        public ?Bath $bath,
        public float $least,
        public ?float $most,
        public string $why,
        public string $tooLong = '',
    ) {
    }

    /** The same stage on a spray line: hot, half a minute to two, and no harm in less than a bath asks. */
    public function sprayed(): self
    {
        return $this->bath === null ? $this : new self(
            $this->key, $this->name, $this->bath,
            min($this->least, self::SPRAY_MIN[0]), self::SPRAY_MIN[1],
            $this->why, $this->tooLong,
        );
    }

    /** What is done, with the bath's strength and warmth where it has any. */
    public function does(): Message
    {
        return $this->bath === null || $this->bath->percent <= 0
            ? Message::from($this->name)
            : Message::of('{name}, {percent} % at {celsius}', [
                'name' => $this->name,
                'percent' => $this->bath->percent,
                'celsius' => Quantity::celsius($this->bath->celsius),
            ]);
    }
}
