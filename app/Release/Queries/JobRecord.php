<?php

declare(strict_types=1);

namespace App\Release\Queries;

use App\Intake\Models\Batch;
use App\Intake\Models\Job;
use App\Intake\Models\Part;
use App\Platform\Clock\ShopClock;
use App\Release\Models\Release;
use App\Release\Models\Supplement;
use Illuminate\Support\Collection;

/** The record of a job: released batches as stored, others as drafts, and supplements. */
final readonly class JobRecord
{
    /**
     * @param  list<array<string, mixed>>  $documents  one a lot
     * @param  Collection<int, Release>  $releases  by lot
     * @param  Collection<int, Supplement>  $supplements
     */
    private function __construct(
        public Job $job,
        public array $documents,
        public Collection $releases,
        public Collection $supplements,
    ) {
    }

    public static function of(Job $job): self
    {
        $job->loadMissing(['customer', 'parts.batches']);
        $job->lotsThere();
        $kept = Release::query()->with('user')->where('job_id', $job->id)->orderBy('id')->get()->toBase()
            ->keyBy('batch_id');
        $supplements = Supplement::query()->with('user')->where('job_id', $job->id)->orderBy('id');
        $drafts = $job->parts->filter(fn (Part $part): bool => $part->batches->contains(
            fn (Batch $batch): bool => ! isset($kept[$batch->id]),
        ));
        BatchRecord::load($drafts->values());
        $documents = $job->lotsThere()->filter(fn (Batch $batch): bool => $batch->status !== 'declined')->map(
            fn (Batch $batch): array => isset($kept[$batch->id])
                ? $kept[$batch->id]->record()
                : BatchRecord::build($batch),
        );

        return new self($job, array_values($documents->all()), $kept, $supplements->get()->toBase());
    }

    /** The same without what has not left yet: what a customer may read. */
    public function releasedOnly(): self
    {
        $gone = array_map(fn (Release $one): array => $one->record(), array_values($this->releases->all()));

        return new self($this->job, $gone, $this->releases, $this->supplements);
    }

    /** What it comes to in a line of figures: changed by one letter, it is another. Null before anything has left. */
    public function digest(): ?string
    {
        return $this->releases->isEmpty()
            ? null
            : hash('sha256', $this->releases->sortBy('id')->pluck('digest')->implode("\n"));
    }

    /** Everything of it has left and is kept as it was. */
    public function isFrozen(): bool
    {
        return ! $this->job->isOpen() && $this->releases->isNotEmpty()
            && $this->job->lotsThere()->where('status', 'released')->every(
                fn (Batch $batch): bool => isset($this->releases[$batch->id]),
            );
    }

    /** Whether what is kept is what was kept. */
    public function isWhole(): bool
    {
        return $this->releases->every(fn (Release $one): bool => $one->isWhole());
    }

    /** What it is by now, in words. */
    public function state(): string
    {
        $last = $this->releases->last();

        return match (true) {
            $this->isFrozen() && $last !== null => 'released '.ShopClock::local($last->at)->format('j F Y'),
            $this->job->status === 'released' => 'released before records were kept as they were; drawn up from what '
                .'the shop has on its books',
            $this->job->isOpen() && $this->releases->isNotEmpty() => 'released in part; the rest is as it is now',
            $this->job->isOpen() => 'not released yet, '.$this->job->whereWords(),
            default => $this->job->status,
        };
    }

    /** What is added to it, with a digest of its own over the record and its words. */
    public function supplement(string $wording): string
    {
        return hash('sha256', "{$this->digest()}\n{$wording}");
    }

    /** @return array<string, mixed> as it is given away whole */
    public function open(): array
    {
        return [
            'format' => BatchRecord::FORMAT,
            'digest' => $this->digest(),
            'lots' => $this->documents,
            'supplements' => array_values($this->supplements->map(fn (Supplement $one): array => [
                'at' => $one->at->utc()->format('Y-m-d\TH:i:s\Z'),
                'by' => $one->user->name,
                'wording' => $one->wording,
                'digest' => $one->digest,
            ])->all()),
        ];
    }
}
