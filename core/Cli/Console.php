<?php

declare(strict_types=1);

namespace Aenum\Core\Cli;

use Aenum\Core\Scheduling\Infeasible;
use Aenum\Core\Units\InvalidInput;

/** The core on the command line: JSON in, JSON out; a refusal is one line and exit code 2. */
final readonly class Console
{
    private const USAGE = 'simulate FILE|- [--at 10,20] [--every 1]; plan FILE|-; correct FILE|-; fit FILE|-; '
        .'calc NAME FILE|-; route FILE|-; spray FILE|- [--cells]; diagnose FILE|-; '
        .'day FILE|- [--seconds 2] [--seed 1] [--steps N]; quote FILE|-; '
        .'mesh FILE.stl|FILE.obj [--unit mm|in|m] [--material KEY]; '
        .'judge LOG.csv --powder POWDER.json';

    /**
     * @param  \Closure(string): string  $read  the text of a file, or of standard input for "-"; throws InvalidInput
     * @param  \Closure(string): void  $out
     * @param  \Closure(string): void  $err
     * @param  \Closure(): float  $clock  seconds since the program began
     */
    public function __construct(
        private \Closure $read,
        private \Closure $out,
        private \Closure $err,
        private \Closure $clock,
    ) {
    }

    /** @param  list<string>  $words without the program's name */
    public function run(array $words): int
    {
        try {
            $answer = $this->answer(Arguments::of($words));
        } catch (InvalidInput|Infeasible $e) {
            ($this->err)($e->getMessage()."\n");

            return 2;
        }
        ($this->out)(
            json_encode(
                $answer,
                JSON_UNESCAPED_UNICODE |
                    JSON_UNESCAPED_SLASHES |
                    JSON_PRESERVE_ZERO_FRACTION |
                    JSON_INVALID_UTF8_SUBSTITUTE |
                    JSON_THROW_ON_ERROR,
            )."\n",
        );

        return 0;
    }

    /** @return array<string, mixed> */
    private function answer(Arguments $arguments): array
    {
        return match ($arguments->command) {
            'simulate' => (new SimulateCommand())($arguments->only(1, ['at', 'every']), $this->read),
            'plan' => (new PlanCommand())($arguments->only(1, []), $this->read),
            'correct' => (new CorrectCommand())($arguments->only(1, []), $this->read),
            'fit' => (new FitCommand())($arguments->only(1, []), $this->read),
            'calc' => (new CalcCommand())($arguments->only(2, []), $this->read),
            'spray' => (new SprayCommand())($arguments->only(1, ['cells']), $this->read),
            'diagnose' => (new DiagnoseCommand())($arguments->only(1, []), $this->read),
            'route' => (new RouteCommand())($arguments->only(1, []), $this->read),
            'day' => (new DayCommand($this->clock))(
                $arguments->only(1, ['seconds', 'seed', 'steps']),
                $this->read,
            ),
            'quote' => (new QuoteCommand())($arguments->only(1, []), $this->read),
            'mesh' => (new MeshCommand())($arguments->only(1, ['unit', 'material'])),
            'judge' => (new JudgeCommand())($arguments->only(1, ['powder']), $this->read),
            default => throw InvalidInput::outside('command', $arguments->command, self::USAGE),
        };
    }
}
