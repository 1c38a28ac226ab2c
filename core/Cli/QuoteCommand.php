<?php

declare(strict_types=1);

namespace Aenum\Core\Cli;

use Aenum\Core\Files\QuoteFile;

/** `bin/aenum quote FILE|-`: what a job costs, line by line, at one piece, as many as asked, and ten times as many. */
final class QuoteCommand
{
    /**
     * @param  \Closure(string): string  $read
     * @return array<string, mixed>
     */
    public function __invoke(Arguments $arguments, \Closure $read): array
    {
        return QuoteFile::parse($read($arguments->operands[0]))->answer();
    }
}
