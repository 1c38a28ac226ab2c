<?php

declare(strict_types=1);

namespace Database\Seeders;

use Aenum\Core\Inspect\FaultKind;
use Aenum\Core\Inspect\ReworkWay;
use Aenum\Core\Inspect\SolventRub;
use Aenum\Core\Mask\PinKind;
use Aenum\Core\Word\FilmWay;
use Aenum\Core\Word\Station;
use App\Actions\Inspect\FilmTyped;
use App\Actions\Inspect\LookedOver;
use App\Actions\Inspect\MendFault;
use App\Actions\Inspect\RecordInspection;
use App\Actions\Inspect\Stack;
use App\Actions\Lot\LotWalk;
use App\Actions\Pins\PlacePin;
use App\Actions\Rail\MoveLot;
use App\Models\Coat;
use App\Models\Fault;
use App\Models\Lot;
use App\Models\Part;
use App\Models\User;
use App\Support\ShopClock;

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

    /** A recess, pinned on the part's drawing. */
    public function recess(Part $part): void
    {
        $part->update(['shapes' => [
            ['shape' => 'cone', 'count' => 1, 'diameter_mm' => 300, 'top_diameter_mm' => 110, 'height_mm' => 150],
        ]]);
        (new PlacePin())($part, [
            'kind' => PinKind::Recess, 'picture_id' => null, 'x' => 0.3, 'y' => 0.34, 'size_mm' => 26, 'depth_mm' => 48,
            'places' => 2, 'note' => 'under the collar', 'must_stay_bare' => false,
        ], $this->finisher);
    }

    /** Thin in its recess, on so many of them. */
    public function thin(Lot $lot, int $pieces): Fault
    {
        $pin = $lot->part->pins()->firstOrFail();

        return Fault::query()->create([
            'part_id' => $lot->part_id, 'lot_id' => $lot->id, 'coat_id' => self::top($lot)->id,
            'kind' => FaultKind::ThinRecess, 'pin_id' => $pin->id, 'x' => $pin->x, 'y' => $pin->y, 'size_mm' => 20,
            'pieces' => $pieces, 'to_metal' => false, 'note' => 'metal seen with the torch',
            'user_id' => $this->finisher->id, 'at' => ShopClock::now(),
        ])->refresh();
    }

    /** Sanded and coated again: its pieces on their way back to Coat. */
    public function recoat(Fault $fault): void
    {
        $lot = (new MendFault())->choose($fault, ReworkWay::Recoat, null, null, $this->owner);
        (new MoveLot())->send($lot->refresh(), $this->finisher, Station::Coat, null, Station::Inspect);
    }

    private static function top(Lot $lot): Coat
    {
        $stack = Stack::of(LotWalk::of(Lot::query()->findOrFail($lot->id)));

        return $stack->top ?? throw new \LogicException("nothing is baked on {$lot->title()}");
    }
}
