<?php

declare(strict_types=1);

namespace Aenum\Core\Surface;

/** What is on the metal at one moment, how it is keyed, and how many coats of powder are over it. */
final readonly class Surface
{
    /**
     * @param  list<Layer>  $layers  each once, as they were found or formed
     * @param  bool  $isFilmSound  somebody has checked that the old film holds all over
     * @param  bool  $isScrubbed  pad and brush have been over it since it was last dirty
     * @param  int  $coats  of powder, 0 before the first
     */
    public function __construct(
        public array $layers = [],
        public Key $key = Key::None,
        public bool $isFilmSound = false,
        public bool $isScrubbed = false,
        public int $coats = 0,
    ) {
    }

    /** Whether any of these layers is on it. */
    public function has(Layer ...$any): bool
    {
        return array_filter($any, fn (Layer $one): bool => in_array($one, $this->layers, true)) !== [];
    }

    /** @return list<Layer> old organic films still on it */
    public function films(): array
    {
        return array_values(array_filter($this->layers, fn (Layer $one): bool => $one->isFilm()));
    }

    /** The same without some layers. */
    public function without(Layer ...$gone): self
    {
        $stays = fn (Layer $one): bool => ! in_array($one, $gone, true);

        return $this->with(layers: array_values(array_filter($this->layers, $stays)));
    }

    /** The same with one more layer; one that is there already stays single. */
    public function plus(Layer $layer): self
    {
        return $this->has($layer) ? $this : $this->with(layers: [...$this->layers, $layer]);
    }

    /** The same, keyed. */
    public function keyed(Key $key): self
    {
        return $this->with(key: $key);
    }

    /** The same after pad and brush. */
    public function scrubbed(): self
    {
        return $this->with(isScrubbed: true);
    }

    /** The same under one more coat of powder. */
    public function coated(): self
    {
        return $this->with(coats: $this->coats + 1);
    }

    /** One line for the routing: "blasted metal", "mill scale, grease", "coat 1 on phosphate". */
    public function words(): string
    {
        $names = array_map(fn (Layer $one): string => $one->label(), $this->layers);
        $keyed = trim("{$this->key->label()} metal");
        $ground = $names === [] ? ($this->key === Key::None ? 'bare metal' : $keyed) : implode(', ', $names);
        $swept = $names !== [] && $this->key !== Key::None ? " ({$this->key->label()})" : '';

        return ($this->coats === 0 ? '' : "coat {$this->coats} on ").$ground.$swept;
    }

    /** @param  list<Layer>|null  $layers */
    private function with(
        ?array $layers = null,
        ?Key $key = null,
        ?bool $isScrubbed = null,
        ?int $coats = null,
    ): self {
        return new self(
            $layers ?? $this->layers,
            $key ?? $this->key,
            $this->isFilmSound,
            $isScrubbed ?? $this->isScrubbed,
            $coats ?? $this->coats,
        );
    }
}
