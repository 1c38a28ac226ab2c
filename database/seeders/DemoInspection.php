<?php

declare(strict_types=1);

namespace Database\Seeders;

use Aenum\Core\Inspect\SolventRub;
use Aenum\Core\Word\FilmWay;
use App\Actions\Inspect\FilmTyped;
use App\Actions\Inspect\LookedOver;
use App\Actions\Inspect\RecordInspection;
use App\Actions\Inspect\Stack;
use App\Actions\Lot\LotWalk;
use App\Models\Coat;
use App\Models\Lot;
use App\Models\User;

/** What is found at Inspect and Release in the demo shop. */
final readonly class DemoInspection
{
    public function __construct(private User $owner, private User $finisher)
    {
    }

    /** @param  array<string, string>  $spots  readings as they are typed */
    public function film(Lot $lot, array $spots): void
    {
        $typed = FilmTyped::read($spots, 'gauge');
        (new RecordInspection())->film(self::top($lot), $lot, $this->finisher, $typed, FilmWay::Plain, null);
    }

    public function rub(Lot $lot, int $rating, ?string $note = null): void
    {
        (new RecordInspection())->solventRub(
            self::top($lot),
            $lot,
            $this->finisher,
            SolventRub::of(50, $rating),
            'MEK',
            $note,
        );
    }

    /** Every look of the station it hangs at is ticked. */
    public function over(Lot $lot): void
    {
        $lot = Lot::query()->findOrFail($lot->id);
        foreach (LookedOver::of(LotWalk::of($lot))->at($lot->station) as $line) {
            $by = $line->wantsName() ? $this->owner->name : null;
            LookedOver::tick($lot, $line->what, $line->pin, $by, $this->finisher);
        }
    }

    private static function top(Lot $lot): Coat
    {
        $stack = Stack::of(LotWalk::of(Lot::query()->findOrFail($lot->id)));

        return $stack->top ?? throw new \LogicException("nothing is baked on {$lot->title()}");
    }
}
