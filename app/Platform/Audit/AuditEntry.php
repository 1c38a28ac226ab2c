<?php

declare(strict_types=1);

namespace App\Platform\Audit;

use App\Accounts\Models\Shop;
use App\Accounts\Models\User;
use App\Catalog\Models\Oven;
use App\Catalog\Models\Powder;
use App\Curing\Models\OvenLoadItem;
use App\Intake\Models\Job;
use App\Intake\Models\Part;
use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One change of one row: who, when, from where, before and after. Append-only, enforced by the database.
 *
 * @property int $id
 * @property CarbonImmutable $at by the clock of the machine
 * @property ?int $user_id null where nobody was signed in
 * @property ?string $from_where the address it came from
 * @property string $row_table
 * @property int $row_id
 * @property string $what created, updated or deleted
 * @property array<string, mixed>|null $before by column
 * @property array<string, mixed>|null $after by column
 * @property ?int $job_id
 * @property ?int $oven_id
 * @property ?int $waited_s so much later than it was done, where it waited for the network
 * @property ?User $user
 */
final class AuditEntry extends BaseModel
{
    public $timestamps = false;

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /**
     * Who changed one of these last, but for the one who asks.
     *
     * @param  array<array-key, mixed>  $rows
     */
    public static function lastOn(array $rows, ?User $but): ?User
    {
        $rows = array_filter($rows, fn (mixed $one): bool => $one instanceof Model);
        $row = $rows === [] ? Shop::current() : array_values($rows)[0];
        $lines = self::query()->with('user')->where('user_id', '!=', $but?->id)->orderByDesc('id');
        $row instanceof Part || $row instanceof Job
            ? $lines->where('job_id', $row instanceof Part ? $row->job_id : $row->id)
            : $lines->where('row_table', $row->getTable())->where('row_id', $row->getKey());

        return $lines->first()?->user;
    }

    /**
     * What happened to a row and to what belongs to it, latest first.
     *
     * @return Builder<self>
     */
    public static function of(Job|Oven|Powder|User $row): Builder
    {
        $lines = self::query()->with('user')->orderByDesc('id');
        if ($row instanceof Job) {
            $parts = Part::query()->where('job_id', $row->id)->select('id');
            $loads = OvenLoadItem::query()->whereIn('part_id', $parts)->distinct()->pluck('oven_load_id');
            $lines->where(fn (Builder $any) => $any->where('job_id', $row->id)->orWhere(
                fn (Builder $load) => $load->where('row_table', 'oven_loads')->whereIn('row_id', $loads),
            ));
        } elseif ($row instanceof Oven) {
            $lines->where('oven_id', $row->id);
        } else {
            $lines->where('row_table', $row->getTable())->where('row_id', $row->id);
        }

        return $lines;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'before' => 'array',
            'after' => 'array',
            'at' => 'immutable_datetime:Y-m-d H:i:s.v',
        ];
    }
}
