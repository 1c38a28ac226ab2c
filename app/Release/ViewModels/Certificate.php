<?php

declare(strict_types=1);

namespace App\Release\ViewModels;

use App\Accounts\Models\Shop;
use App\Platform\Presentation\Units;
use App\Release\Models\Release;
use App\Release\Models\Supplement;
use App\Release\Queries\JobRecord;

/** The certificate the customer keeps: on screen, on paper, as PDF. */
final readonly class Certificate
{
    /**
     * @param  list<CertificateBatch>  $parts
     * @param  list<string>  $care
     * @param  list<array{name: string, paths: list<string>}>  $signatures  who took it, strokes as points
     * @param  list<string>  $supplements
     */
    private function __construct(
        public string $title,
        public string $shop,
        public string $customer,
        public string $state,
        public ?string $agreed,
        public array $parts,
        public array $care,
        public array $signatures,
        public array $supplements,
        public ?string $digest,
        public bool $isWhole,
        public bool $isFrozen,
        public bool $isLetter,
        public int $number,
    ) {
    }

    public static function of(JobRecord $record, Units $units): self
    {
        $job = $record->job;
        $first = $record->documents[0] ?? [];
        $frozen = is_array($first['job'] ?? null) && $record->isFrozen() ? $first['job'] : [];
        $care = array_map(CertificateBatch::care(...), $record->documents);

        return new self(
            (string) ($frozen['title'] ?? $job->title),
            (string) ($first['shop'] ?? Shop::current()->name),
            (string) ($frozen['customer'] ?? $job->customer->name),
            $record->state(),
            $frozen === [] ? $job->notes : ($frozen['agreed'] ?? null),
            array_map(fn (array $one): CertificateBatch => CertificateBatch::of($one, $units), $record->documents),
            array_values(array_unique(array_merge([], ...$care))),
            array_values($record->releases->filter(fn (Release $one): bool => $one->taken_by !== null)->map(
                fn (Release $one): array => [
                    'name' => (string) $one->taken_by,
                    'paths' => $one->signature === null ? [] : explode('|', $one->signature),
                ],
            )->all()),
            array_values($record->supplements->map(fn (Supplement $one): string => CertificateBatch::moment(
                $one->at->utc()->format('Y-m-d\TH:i:s\Z'),
                'j M Y',
            ).", {$one->user->name}: {$one->wording}")->all()),
            $record->digest(),
            $record->isWhole(),
            $record->isFrozen(),
            ! $units->isMetric(),
            $job->number,
        );
    }

    /** @return list<string> what was said at the counter, each sentence once */
    public function said(): array
    {
        return array_values(array_unique(array_merge([], ...array_map(
            fn (CertificateBatch $part): array => $part->said,
            $this->parts,
        ))));
    }
}
