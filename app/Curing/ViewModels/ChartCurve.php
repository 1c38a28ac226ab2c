<?php

declare(strict_types=1);

namespace App\Curing\ViewModels;

/** One curve of a chart. */
final readonly class ChartCurve
{
    /** @param  string  $kind  air, shell or part */
    public function __construct(
        public string $name,
        public string $kind,
        public string $dash,
        public string $path,
        public float $endX,
        public float $endY,
        public float $labelY = 0.0,
    ) {
    }

    public function labelledAt(float $y): self
    {
        return new self($this->name, $this->kind, $this->dash, $this->path, $this->endX, $this->endY, $y);
    }

    public function isPart(): bool
    {
        return $this->kind === 'part';
    }
}
