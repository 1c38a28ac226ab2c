<?php

declare(strict_types=1);

namespace Database\Seeders;

use Aenum\Core\Advice\BlastSetting;
use Aenum\Core\Advice\WashLine;
use Aenum\Core\Preparation\Blasting\Media;
use Aenum\Core\Preparation\Masking\MaskMaterial;
use Aenum\Core\Preparation\Masking\PinKind;
use Aenum\Core\Preparation\Racking\RackSetting;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Training\Exercise;
use Aenum\Core\Training\PotMove;
use App\Accounts\Models\User;
use App\Catalog\Models\Mask;
use App\Catalog\Models\Oven;
use App\Curing\Commands\LoadBakeOut;
use App\Curing\Commands\RunOven;
use App\Intake\Commands\ImportMesh;
use App\Intake\Commands\PlacePin;
use App\Intake\Commands\StorePicture;
use App\Intake\Models\Bag;
use App\Intake\Models\Batch;
use App\Intake\Models\Part;
use App\Platform\Clock\ShopClock;
use App\Preparation\Commands\BareSteelTimer;
use App\Preparation\Commands\SetRack;
use App\Preparation\Models\MaskApplication;
use App\Preparation\Queries\StripOptions;
use App\Routing\Commands\CompleteStep;
use App\Routing\Commands\RunTimer;
use App\Routing\Commands\WriteLog;
use App\Routing\Queries\GroundReading;
use App\Routing\Queries\MediaLog;
use App\Routing\Queries\PartRoute;
use App\Routing\Queries\RoutingProgress;
use App\Routing\Queries\ShopBlast;
use App\Training\Commands\PlayPot;
use Carbon\CarbonImmutable;

/** The preparation benches of the demo shop, each in the middle of something. */
final readonly class DemoBenches
{
    public function __construct(
        private User $owner,
        private User $finisher,
        private Oven $bakeOutOven,
        private DemoTime $time,
    ) {
    }

    public function fill(CarbonImmutable $now): void
    {
        $this->pictures($now);
        $this->shelfAndBaths($now);
        $this->air($now);
        $this->stripping($now);
        $this->bakingOut($now);
        $this->washing($now);
        $this->hanging($now);
        $this->practice();
        $this->catchUp($now);
        $this->time->set($now);
    }

    private function part(string $name): Part
    {
        return Part::query()->where('name', $name)->with('job')->firstOrFail();
    }

    private function batch(string $name): Batch
    {
        return Batch::query()->whereHas('part', fn ($part) => $part->where('name', $name))->firstOrFail();
    }

    private function at(CarbonImmutable $moment): void
    {
        $this->time->at($moment);
    }

    /** Photos, pins and bags: what was seen at the counter. */
    private function pictures(CarbonImmutable $now): void
    {
        $this->at($now->subHours(5));
        $place = new PlacePin();
        $bollard = Part::query()->where('name', 'bollard base')->firstOrFail();
        $photo = (new StorePicture())($bollard, DemoPhoto::bollard(), $this->finisher);
        foreach (
            [
                [PinKind::Thread, 0.5, 0.38, 24, 1, 'M24, blind, 40 deep', false],
                [PinKind::Bore, 0.375, 0.74, 18, 3, 'through, anchor bolts', false],
                [PinKind::Face, 0.5, 0.8, 300, 1, 'underside that beds on the mole', true],
                [PinKind::WasLikeThis, 0.775, 0.75, null, 1, 'cap was four turns in, mark towards the lake', false],
                [PinKind::Damage, 0.62, 0.55, null, 1, 'old chip in the skirt, 30 mm', false],
                [PinKind::HangPoint, 0.5, 0.28, null, 1, 'eyebolt in the thread, hoist', false],
            ] as [$kind, $x, $y, $size, $places, $note, $bare]
        ) {
            $place(
                $bollard,
                [
                    'kind' => $kind,
                    'picture_id' => $photo->id,
                    'x' => $x,
                    'y' => $y,
                    'size_mm' => $size,
                    'places' => $places,
                    'note' => $note,
                    'must_stay_bare' => $bare,
                ],
                $this->finisher,
            );
        }
        Bag::query()->create([
            'part_id' => $bollard->id,
            'name' => 'N1',
            'holds' => 'caps and their grub screws',
            'count' => 8,
            'user_id' => $this->finisher->id,
            'at' => ShopClock::now(),
        ]);
        $end = Part::query()->where('name', 'handrail end')->firstOrFail();
        foreach (
            [
                [PinKind::Thread, 0.2, 0.5, 12, 2, 'M12, through', false],
                [PinKind::Bore, 0.5, 0.45, 30, 1, 'slides over the post', false],
                [PinKind::Seat, 0.72, 0.5, 45, 1, 'bears on the post collar', true],
                [PinKind::GroundPoint, 0.9, 0.6, null, 1, 'inside of the spigot', false],
            ] as [$kind, $x, $y, $size, $places, $note, $bare]
        ) {
            $place(
                $end,
                [
                    'kind' => $kind,
                    'picture_id' => null,
                    'x' => $x,
                    'y' => $y,
                    'size_mm' => $size,
                    'places' => $places,
                    'note' => $note,
                    'must_stay_bare' => $bare,
                ],
                $this->finisher,
            );
        }
        Part::query()
            ->where('name', 'sign bracket')
            ->firstOrFail()
            ->update([
                'shapes' => [
                    [
                        'shape' => 'bar_flat',
                        'count' => 1,
                        'width_mm' => 50,
                        'thickness_mm' => 6,
                        'length_mm' => 620,
                    ],
                    ['shape' => 'bar_round', 'count' => 2, 'diameter_mm' => 12, 'length_mm' => 540],
                ],
            ]);
        Part::query()
            ->where('name', 'name bracket')
            ->firstOrFail()
            ->update([
                'shapes' => [
                    [
                        'shape' => 'sheet_folded',
                        'count' => 1,
                        'length_mm' => 120,
                        'legs_mm' => [40, 90, 40],
                        'thickness_mm' => 2.5,
                    ],
                ],
            ]);
        (new ImportMesh())(
            Part::query()->where('name', 'lantern cap')->firstOrFail(),
            DemoMesh::lanternCap(),
            'mm',
        );
        $end->update([
            'shapes' => [
                ['shape' => 'tube_round', 'count' => 1, 'od_mm' => 48, 'wall_mm' => 3, 'length_mm' => 320],
                ['shape' => 'disc', 'count' => 1, 'diameter_mm' => 110, 'thickness_mm' => 6],
            ],
        ]);
    }

    /** Masks on the shelf, and nine mornings of bath readings. */
    private function shelfAndBaths(CarbonImmutable $now): void
    {
        foreach (
            [
                ['plug 10 to 14', 'plug', 'silicone', 10, 14, 120],
                ['plug 16 to 20', 'plug', 'silicone', 16, 20, 80],
                ['plug 22 to 27', 'plug', 'silicone', 22, 27, 40],
                ['plug 28 to 33', 'plug', 'silicone', 28, 33, 30],
                ['cap 8 to 12', 'cap', 'silicone', 8, 12, 60],
                ['disc sheet, amber', 'disc', 'polyimide', 20, 150, 60],
                ['disc sheet, green', 'disc', 'polyester', 20, 150, 40],
                ['tape 25, amber', 'tape', 'polyimide', 25, 25, 33],
                ['tape 50, green', 'tape', 'polyester', 50, 50, 66],
            ] as [$name, $kind, $material, $from, $to, $held]
        ) {
            Mask::query()->create([
                'name' => $name,
                'kind' => $kind,
                'material' => $material,
                'from_mm' => $from,
                'to_mm' => $to,
                'rated_c' => MaskMaterial::from($material)->ratedC(),
                'held' => $held,
            ]);
        }
        foreach (range(9, 1) as $ago) {
            $this->time->set($this->time->morning($ago, 7, 30));
            WriteLog::line(
                'bath',
                'iron_phosphate',
                [
                    'concentration_pct' => round(2.3 + 0.11 * $ago, 2),
                    'ph' => round(5.3 - 0.05 * $ago, 2),
                    'volume_l' => 180,
                ],
                $this->finisher,
            );
            WriteLog::line(
                'bath',
                'zirconium',
                [
                    'concentration_pct' => round(1.5 + 0.06 * $ago, 2),
                    'ph' => round(4.6 - 0.02 * $ago, 2),
                    'volume_l' => 120,
                ],
                $this->finisher,
            );
            WriteLog::line('bath', 'last_rinse', ['conductivity_us' => 61 - 5 * $ago], $this->finisher);
        }
    }

    /** Media, logged blasts, the air, and steel that stands bare. */
    private function air(CarbonImmutable $now): void
    {
        $this->time->set($this->time->morning(4, 13, 20));
        WriteLog::line('media', 'garnet', ['kg' => 250], $this->owner, event: 'new');
        WriteLog::line('media', 'glass_bead', ['kg' => 75], $this->owner, event: 'new');
        WriteLog::line('media', 'steel_grit', ['kg' => 400], $this->owner, event: 'new');
        WriteLog::line('media', 'fine_garnet', ['kg' => 100], $this->owner, event: 'new');
        foreach (
            [['sign bracket', 1.22], ['lamp arm', 1.31], ['railing panel', 1.08], ['bench end', 1.4]] as [$name, $slow]
        ) {
            $blast = ShopBlast::bench(
                PartRoute::of($this->part($name))->plan(),
                new BlastSetting(Media::get('garnet')),
            );
            WriteLog::line(
                'blast',
                'garnet',
                [
                    'planned_min' => round($blast->plan->plainMinutes, 2),
                    'actual_min' => round($slow * $blast->plan->plainMinutes, 1),
                    'bar' => round($blast->plan->bar, 2),
                    'mixture' => $blast->mixture,
                ],
                $this->finisher,
                $this->part($name),
            );
            MediaLog::shot(
                Media::get('garnet'),
                $blast->plan->mediaKgPerMin * $slow * $blast->plan->plainMinutes,
                $this->part($name),
                $this->finisher,
                $name === 'bench end',
            );
        }
        $watch = new BareSteelTimer();
        $this->at($now->subHours(2));
        $watch->air($this->finisher, 18.5, 52, 'by hand');
        $this->at($now->subMinutes(70));
        $watch->start($this->batch('lamp arm'), $this->finisher);
        $this->at($now->subMinutes(40));
        $watch->air($this->finisher, 18.9, 57, 'weather station');
    }

    /** Bin liners under stripper. */
    private function stripping(CarbonImmutable $now): void
    {
        $run = new RunTimer();
        $liner = $this->part('bin liner');
        $this->at($now->subMinutes(24));
        $soak = StripOptions::of($liner->refresh())->way->steps;
        $batch = $this->batch('bin liner');
        $degrease = $run->start(
            $batch,
            $this->finisher,
            $soak[0]->key,
            $soak[0]->does,
            $soak[0]->dwell,
            $soak[0]->tooLong,
        );
        $this->at($now->subMinutes(12));
        $run->stop($degrease, $this->finisher);
        CompleteStep::logged($batch, $this->finisher, null, StepKind::Degrease);
        $this->at($now->subMinutes(9));
        $coat = collect($soak)->firstOrFail(fn ($step): bool => $step->dwell > 0 && $step->key !== $soak[0]->key);
        $run->start($batch, $this->finisher, $coat->key, $coat->does, $coat->dwell, $coat->tooLong);
    }

    /** Vane arms in the oven. */
    private function bakingOut(CarbonImmutable $now): void
    {
        $this->at($now->subMinutes(12));
        $out = (new LoadBakeOut())($this->bakeOutOven, [$this->batch('vane arm')->id => 4], $this->finisher);
        (new RunOven())->shut($out, $this->finisher);
    }

    /** Trim on the conversion line. */
    private function washing(CarbonImmutable $now): void
    {
        $run = new RunTimer();
        $trim = $this->part('trim length');
        $stages = WashLine::for(PartRoute::of($trim->refresh())->plan())->stages;
        $this->at($now->subMinutes(7));
        $batch = $this->batch('trim length');
        $clean = $run->start(
            $batch,
            $this->finisher,
            $stages[0]->key,
            $stages[0]->name,
            $stages[0]->least,
            $stages[0]->most,
        );
        $this->at($now->subMinutes(3));
        $run->stop($clean, $this->finisher);
        CompleteStep::logged($batch, $this->finisher, null, StepKind::Wash);
        $this->at($now->subSeconds(40));
        $run->start($batch, $this->finisher, $stages[1]->key, $stages[1]->name, $stages[1]->least, $stages[1]->most);
    }

    /** Handrail ends on the rack, one pin plugged. */
    private function hanging(CarbonImmutable $now): void
    {
        $this->at($now->subMinutes(15));
        $end = $this->part('handrail end');
        SetRack::save(
            $end,
            RackSetting::of([110.0, 320.0, 110.0], 5, 2, 210, 420, 1, drain: 'spigot down, it drains by itself'),
        );
        $batch = $this->batch('handrail end');
        GroundReading::write($batch, 240.0, $this->finisher);
        CompleteStep::logged($batch, $this->finisher, null, StepKind::Hang);
        CompleteStep::logged($batch, $this->finisher, null, StepKind::GroundCheck);
        $thread = $end->pins()->where('kind', 'thread')->firstOrFail();
        MaskApplication::query()->create([
            'pin_id' => $thread->id,
            'batch_id' => $batch->id,
            'mask_id' => Mask::query()->where('name', 'plug 10 to 14')->firstOrFail()->id,
            'fitted' => 20,
            'user_id' => $this->finisher->id,
            'at' => ShopClock::now(),
        ]);
    }

    /** Pins and facts that came later ask for steps that were long done: they are ticked as well. */
    private function catchUp(CarbonImmutable $now): void
    {
        $this->at($now->subHours(3));
        foreach (Batch::hanging()->get() as $batch) {
            $walk = RoutingProgress::of($batch)->walk;
            foreach ($walk->undone() as $n) {
                $kind = $walk->steps[$n]->kind;
                if ($kind === StepKind::Bake || ! $batch->station->isAfter($kind->station())) {
                    continue;
                }
                $kind->hasOwnLog()
                    ? CompleteStep::logged($batch, $this->finisher, null, $kind)
                    : (new CompleteStep())->byHand($batch, $this->finisher, $walk->keys[$n]->text());
            }
        }
    }

    /** A few goes at the pot. */
    private function practice(): void
    {
        $play = new PlayPot();
        foreach (['mixture', 'plug', 'lower'] as $key) {
            $exercise = Exercise::all()[$key];
            $play->start($exercise, $this->finisher);
            foreach (
                [...$key === 'plug' ? [PotMove::MoreMedia, PotMove::LessMedia] : [], ...$exercise->shortest()] as $move
            ) {
                $play->move($exercise, $this->finisher, $move);
            }
        }
    }
}
