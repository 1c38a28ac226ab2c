<?php

declare(strict_types=1);

namespace App\Preparation\Queries;

use Aenum\Core\Preparation\Racking\HookSize;
use Aenum\Core\Trade\LoadKind;
use Aenum\Core\Units\Message;
use App\Accounts\Models\User;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenLoadItem;
use App\Intake\Models\Part;
use App\Routing\Commands\WriteLog;
use App\Routing\Models\LogLine;

/** Hooks of a part, and how many cures such hooks had since they were cleaned. */
final readonly class HookUse
{
    private const KIND = 'hooks';

    /** Of the bakes since, only so many are looked at: past what wants cleaning it makes no difference. */
    private const LOOKED_AT = 200;

    private function __construct(public HookSize $size, public int $bakes)
    {
    }

    public static function of(Part $part): self
    {
        $size = HookSize::for($part->mass_kg ?? 0.0);
        $lines = LogLine::of(self::KIND, $size->value);
        $cleaned = $lines->toBase()->max('at');
        $pulled = OvenLoad::of(LoadKind::Cure)->where('status', 'pulled')->orderByDesc('pulled_at')
            ->limit(self::LOOKED_AT);
        $pulled->when($cleaned !== null, fn ($loads) => $loads->where('pulled_at', '>', $cleaned));
        [$from, $to] = $size->range();

        return new self($size, OvenLoadItem::query()->toBase()
            ->joinSub($pulled->toBase()->select('id'), 'pulled', 'pulled.id', '=', 'oven_load_id')
            ->join('parts', 'parts.id', '=', 'part_id')->where('mass_kg', '>', $from)->where('mass_kg', '<=', $to)
            ->distinct()->count('oven_load_id'));
    }

    public static function cleaned(HookSize $size, User $by): void
    {
        WriteLog::line(self::KIND, $size->value, [], $by, event: 'cleaned');
    }

    public function words(): Message
    {
        return Message::of('{size}: {bakes} since such were cleaned; {clean}.', [
            'size' => $this->size->label(),
            'bakes' => $this->bakes === 1 ? 'one bake' : "{$this->bakes} bakes",
            'clean' => HookSize::wantsCleaning($this->bakes)
                ? 'burn or blast them clean, or the earth is lost in old film'
                : 'cleaned after '.HookSize::CLEAN_AFTER.', house figure',
        ]);
    }
}
