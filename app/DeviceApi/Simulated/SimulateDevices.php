<?php

declare(strict_types=1);

namespace App\DeviceApi\Simulated;

use Closure;
use DateTimeImmutable;
use DateTimeZone;
use InvalidArgumentException;

/** The simulated devices by name. */
final readonly class SimulateDevices
{
    private const ALLOWED = 'logger, thermometer, gauge, scale, rail, bake, day, job';

    private const GAUGE_SPREAD = [1.04, 0.93, 1.09, 0.97];

    /**
     * @param  array<string, string>  $options
     * @param  Closure(string): void  $say
     */
    private function __construct(private DeviceApiClient $door, private array $options, private Closure $say)
    {
    }

    /**
     * @param  list<string>  $arguments
     * @param  Closure(string): void  $say
     * @return int what the command ends with
     *
     * @throws DeviceApiRefused
     * @throws InvalidArgumentException
     */
    public static function run(array $arguments, Closure $say): int
    {
        $options = [];
        for ($n = 1; $n < count($arguments); $n += 2) {
            $name = substr($arguments[$n], 2);
            if (! str_starts_with($arguments[$n], '--') || ! isset($arguments[$n + 1])) {
                throw new InvalidArgumentException("{$arguments[$n]} is no option with a value");
            }
            $options[$name] = $arguments[$n + 1];
        }
        $token = $options['token'] ?? getenv('AENUM_TOKEN') ?: '';
        if ($token === '') {
            throw new InvalidArgumentException('--token is missing; make one in Aenum under Devices');
        }
        $url = rtrim($options['url'] ?? (getenv('AENUM_URL') ?: 'http://127.0.0.1:8080'), '/');
        $play = new self(new DeviceApiClient($url, $token), $options, $say);
        match ($arguments[0] ?? '') {
            'logger' => $play->logger(),
            'thermometer' => $play->thermometer(),
            'gauge' => $play->gauge(),
            'scale' => $play->scale(),
            'rail', 'day' => $play->look($arguments[0]),
            'bake' => $play->look("bakes/{$play->number('bake')}"),
            'job' => $play->look("jobs/{$play->number('job')}"),
            default => throw new InvalidArgumentException('which device? allowed: '.self::ALLOWED),
        };

        return 0;
    }

    /** Rides until the load is pulled or its time is up, a batch as often as it is told. */
    private function logger(): void
    {
        $every = $this->number('every', 30);
        $until = time() + $this->number('for', 600);
        $id = $this->number('bake');
        do {
            // The bake is asked each time: doors and setpoints change under a logger that rides.
            $told = $this->door->get("bakes/{$id}");
            if ($told['status'] !== 'running') {
                ($this->say)("bake {$id} is {$told['status']}");

                return;
            }
            $answer = $this->door->post("bakes/{$id}/samples", [
                'logger' => $this->options['name'] ?? 'Rider 1',
                'samples' => (new SimulatedBake($told))->samples($this->now($told)),
            ]);
            ($this->say)("{$answer['at']}: {$answer['kept']} samples; pull at {$answer['pull_at']}");
            $goesOn = time() + $every < $until;
            $goesOn ? sleep($every) : null;
        } while ($goesOn);
    }

    private function thermometer(): void
    {
        $id = $this->number('bake');
        $told = $this->door->get("bakes/{$id}");
        $key = $this->options['item'] ?? $told['items'][0]['key'];
        $shown = (new SimulatedBake($told))->surfaceC($key, $this->now($told));
        $answer = $this->door->post("loads/{$id}/readings", [
            'item' => $key,
            'shown_c' => $shown,
            'emissivity' => 0.9,
        ]);
        ($this->say)("{$shown} °C: {$answer['says']} Pull at {$answer['pull_at']}.");
    }

    private function gauge(): void
    {
        $um = (float) ($this->options['um'] ?? 80);
        $readings = array_map(
            fn (int $n): array => ['um' => round($um * self::GAUGE_SPREAD[$n % count(self::GAUGE_SPREAD)], 1)],
            range(0, max(0, $this->number('readings', 12) - 1)),
        );
        $batch = $this->number('lot');
        $answer = $this->door->post("lots/{$batch}/film", ['gauge' => 'Gauge 2', 'readings' => $readings]);
        ($this->say)($answer['says']);
    }

    private function scale(): void
    {
        $answer = $this->door->post('weights', [
            'scale' => $this->options['name'] ?? 'Coat bench',
            'grams' => (float) ($this->options['grams'] ?? throw new InvalidArgumentException('--grams is missing')),
        ]);
        ($this->say)($answer['says']);
    }

    private function look(string $path): void
    {
        $flags = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;
        ($this->say)(json_encode($this->door->get($path), $flags));
    }

    /**
     * The shop's time, as the shop itself has it.
     *
     * @param  array<string, mixed>  $told
     */
    private function now(array $told): DateTimeImmutable
    {
        return new DateTimeImmutable($told['at'], new DateTimeZone('UTC'));
    }

    private function number(string $name, ?int $else = null): int
    {
        $given = $this->options[$name] ?? $else
            ?? throw new InvalidArgumentException("--{$name} is missing; allowed: a number");

        return filter_var($given, FILTER_VALIDATE_INT, ['options' => ['min_range' => 1]])
            ?: throw new InvalidArgumentException("--{$name} is no number; allowed: 1 and more");
    }
}
