<?php

declare(strict_types=1);

namespace Aenum\Core\Units;

use Closure;
use WeakMap;

/** Values worked out of immutable objects, kept as long as the object lives. */
final class ObjectMemo
{
    /** @var WeakMap<object, array<string, mixed>> */
    private WeakMap $known;

    public function __construct()
    {
        $this->known = new WeakMap;
    }

    /** Whether anything of an object is known. */
    public function knows(object $of): bool
    {
        return isset($this->known[$of]);
    }

    /**
     * @template T
     *
     * @param  string  $name  of the value, among those of the object
     * @param  Closure(): T  $work  called once an object and name
     * @return T
     */
    public function get(object $of, string $name, Closure $work): mixed
    {
        $values = $this->known[$of] ?? [];
        if (! array_key_exists($name, $values)) {
            $made = $work();
            $values = $this->known[$of] ?? [];
            $values[$name] = $made;
            $this->known[$of] = $values;
        }

        /** @var T */
        return $values[$name];
    }
}
