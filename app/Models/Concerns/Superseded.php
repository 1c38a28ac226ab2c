<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Support\ShopClock;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Auth;

/** A row that is never deleted: another takes its place, and it is read no more. */
trait Superseded
{
    protected static function bootSuperseded(): void
    {
        static::addGlobalScope('stands', function (Builder $rows): void {
            $rows->whereNull($rows->getModel()->qualifyColumn('superseded_at'));
        });
    }

    public function supersede(): void
    {
        $this->update(['superseded_at' => ShopClock::now(), 'superseded_by' => Auth::id()]);
    }
}
