<?php

declare(strict_types=1);

namespace Aenum\Core\Cli;

use Aenum\Core\Units\InvalidInput;

/** A command, what it works on, and its options. */
final readonly class Arguments
{
    /** Options that take no value: there or not. */
    private const FLAGS = ['cells'];

    /**
     * @param  list<string>  $operands
     * @param  array<string, string>  $options
     */
    private function __construct(public string $command, public array $operands, public array $options)
    {
    }

    /** @param  list<string>  $words */
    public static function of(array $words): self
    {
        $operands = $options = [];
        $command = array_shift($words) ?? '';
        while ($words !== []) {
            $word = array_shift($words);
            if (! str_starts_with($word, '--')) {
                $operands[] = $word;

                continue;
            }
            [$name, $value] = array_pad(explode('=', substr($word, 2), 2), 2, null);
            $isFlag = in_array($name, self::FLAGS, true) && $value === null;
            $options[(string) $name] = $isFlag
                ? ''
                : $value ?? (array_shift($words) ?? throw InvalidInput::missing("--{$name}", 'a value after it'));
        }

        return new self($command, $operands, $options);
    }

    /**
     * @param  list<string>  $options
     *
     * @throws InvalidInput unless there are so many operands and no other options
     */
    public function only(int $operands, array $options): self
    {
        if (count($this->operands) !== $operands) {
            throw InvalidInput::outside(
                $this->command,
                implode(' ', $this->operands),
                $operands === 2
                    ? 'a name and a file, or - for standard input'
                    : 'one file, or - for standard input',
            );
        }
        foreach (array_keys($this->options) as $name) {
            if (! in_array($name, $options, true)) {
                throw InvalidInput::unknownKey(
                    "--{$name}",
                    $options === [] ? ['no options'] : array_map(fn (string $o): string => "--{$o}", $options),
                );
            }
        }

        return $this;
    }

    /**
     * The number given for an option; null where it was not given.
     *
     * @throws InvalidInput
     */
    public function number(string $name, float $least, float $most): ?float
    {
        $text = $this->option($name);
        if ($text === null) {
            return null;
        }
        $number = is_numeric($text) ? (float) $text : NAN;

        return $number >= $least && $number <= $most
            ? $number
            : throw InvalidInput::outside("--{$name}", $text, "a number from {$least} to {$most}");
    }

    /** What was given for an option; null where it was not given. */
    public function option(string $name): ?string
    {
        return $this->options[$name] ?? null;
    }
}
