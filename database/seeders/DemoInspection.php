<?php

declare(strict_types=1);

namespace Database\Seeders;

use Aenum\Core\Inspection\DefectKind;
use Aenum\Core\Inspection\ReworkMethod;
use Aenum\Core\Inspection\SolventRub;
use Aenum\Core\Preparation\Masking\PinKind;
use Aenum\Core\Trade\FilmCriterion;
use Aenum\Core\Trade\Station;
use App\Accounts\Models\User;
use App\Application\Queries\FilmReadingsInput;
use App\Inspection\Commands\DecideDisposition;
use App\Inspection\Commands\InspectionChecklist;
use App\Inspection\Commands\RecordInspection;
use App\Inspection\Models\Defect;
use App\Inspection\Queries\FilmStack;
use App\Intake\Commands\PlacePin;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Intake\Models\Part;
use App\Platform\Clock\ShopClock;
use App\Routing\Queries\RoutingProgress;
use App\ShopFloor\Commands\MoveBatch;

/** What is found at Inspect and Release in the demo shop. */
final readonly class DemoInspection
{
    public function __construct(private User $owner, private User $finisher)
    {
    }

    /** @param  array<string, string>  $spots  readings as they are typed */
    public function film(Batch $batch, array $spots): void
    {
        $typed = FilmReadingsInput::read($spots, 'gauge');
        (new RecordInspection())->film(self::top($batch), $batch, $this->finisher, $typed, FilmCriterion::Plain, null);
    }

    public function rub(Batch $batch, int $rating, ?string $note = null): void
    {
        (new RecordInspection())->solventRub(
            self::top($batch),
            $batch,
            $this->finisher,
            SolventRub::of(50, $rating),
            'MEK',
            $note,
        );
    }

    /** Every look of the station it hangs at is ticked. */
    public function over(Batch $batch): void
    {
        $batch = Batch::query()->findOrFail($batch->id);
        foreach (InspectionChecklist::of(RoutingProgress::of($batch))->at($batch->station) as $line) {
            $by = $line->wantsName() ? $this->owner->name : null;
            InspectionChecklist::tick($batch, $line->what, $line->pin, $by, $this->finisher);
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
    public function thin(Batch $batch, int $pieces): Defect
    {
        $pin = $batch->part->pins()->firstOrFail();

        return Defect::query()->create([
            'part_id' => $batch->part_id, 'batch_id' => $batch->id, 'coat_id' => self::top($batch)->id,
            'kind' => DefectKind::ThinRecess, 'pin_id' => $pin->id, 'x' => $pin->x, 'y' => $pin->y, 'size_mm' => 20,
            'pieces' => $pieces, 'to_metal' => false, 'note' => 'metal seen with the torch',
            'user_id' => $this->finisher->id, 'at' => ShopClock::now(),
        ])->refresh();
    }

    /** Sanded and coated again: its pieces on their way back to Coat. */
    public function recoat(Defect $defect): void
    {
        $batch = (new DecideDisposition())->choose($defect, ReworkMethod::Recoat, null, null, $this->owner);
        (new MoveBatch())->send($batch->refresh(), $this->finisher, Station::Coat, null, Station::Inspect);
    }

    private static function top(Batch $batch): Coat
    {
        $stack = FilmStack::of(RoutingProgress::of(Batch::query()->findOrFail($batch->id)));

        return $stack->top ?? throw new \LogicException("nothing is baked on {$batch->title()}");
    }
}
