<?php

declare(strict_types=1);

namespace Aenum\Core\Cli;

use Aenum\Core\Files\RouteFile;

/** Lays out a job's route and says what contradicts what. */
final class RouteCommand
{
    /**
     * @param  \Closure(string): string  $read
     * @return array<string, mixed>
     */
    public function __invoke(Arguments $arguments, \Closure $read): array
    {
        return RouteFile::parse($read($arguments->operands[0]))->answer();
    }
}
