<?php

declare(strict_types=1);

namespace App\DeviceApi\Simulated;

use Aenum\Core\Files\LoadFile;
use Aenum\Core\Thermal\Simulation;
use Aenum\Core\Thermal\Trajectory;
use DateTimeImmutable;
use InvalidArgumentException;

/** A running bake as simulated devices measure it, in an oven whose figures are off by undisclosed amounts. */
final readonly class SimulatedBake
{
    private const COUPLE_NOISE_K = 0.8;

    /** Off by up to this, either way. */
    private const OFF = 0.15;

    private Trajectory $run;

    private DateTimeImmutable $began;

    /** @param  array<string, mixed>  $told  as docs/schemas/device-api/bake.schema.json */
    public function __construct(private array $told)
    {
        if ($told['status'] !== 'running') {
            throw new InvalidArgumentException("bake {$told['id']} is {$told['status']}; allowed: one that runs");
        }
        $file = LoadFile::parse(json_encode($told['load'], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));
        $hidden = $file->oven->times(array_map(
            fn (int $n): float => 1 - self::OFF + 2 * self::OFF * $this->chance("figure {$n}"),
            range(0, 7),
        ));
        $this->began = (new DateTimeImmutable($told['shut_at']))->modify(
            '-'.(int) round($told['load']['oven']['door_open_s']).' seconds',
        );
        $this->run = (new Simulation($hidden, $file->items, $file->schedule))->run(3600 * 24);
    }

    /**
     * What the couples read at a moment.
     *
     * @return list<array{at: string, channel: string, c: float}>
     */
    public function samples(DateTimeImmutable $at): array
    {
        $second = max(1.0, (float) ($at->getTimestamp() - $this->began->getTimestamp()));
        $read = ['air' => $this->run->airC($second)];
        foreach ($this->told['items'] as $n => $item) {
            $read[$item['name']] = $this->run->coreC($n, $second);
        }
        $samples = [];
        foreach ($read as $channel => $celsius) {
            $noise = self::COUPLE_NOISE_K * 2 * ($this->chance("{$channel} {$second}") - 0.5);
            $samples[] = [
                'at' => $at->format('Y-m-d\TH:i:s\Z'),
                'channel' => (string) $channel,
                'c' => round($celsius + $noise, 1),
            ];
        }

        return $samples;
    }

    /** What a thermometer that is set right shows of an item at a moment, °C. */
    public function surfaceC(string $key, DateTimeImmutable $at): float
    {
        $n = array_search($key, array_column($this->told['items'], 'key'), true);
        if (! is_int($n)) {
            throw new InvalidArgumentException("no item {$key}; allowed: "
                .implode(', ', array_column($this->told['items'], 'key')));
        }

        return round($this->run->surfaceC($n, max(1.0, $at->getTimestamp() - $this->began->getTimestamp())), 1);
    }

    /** 0 to 1, the same for the same bake and question. */
    private function chance(string $question): float
    {
        return hexdec(substr(hash('sha256', "{$this->told['id']}|{$question}"), 0, 8)) / 0xFFFFFFFF;
    }
}
