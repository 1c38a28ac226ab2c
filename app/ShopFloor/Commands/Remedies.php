<?php

declare(strict_types=1);

namespace App\ShopFloor\Commands;

use Aenum\Core\Preparation\Racking\Rack;
use Aenum\Core\Preparation\Racking\RackSetting;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\RuleBook;
use Aenum\Core\Trade\Feature;
use Aenum\Core\Trade\PartFlag;
use Aenum\Core\Trade\Station;
use App\Accounts\Models\Shop;
use App\Intake\Models\Part;
use App\Intake\Models\PartTrait;
use App\Platform\Errors\Refused;
use App\Preparation\Commands\SetRack;
use App\Routing\Commands\ChangeRoute;
use App\Routing\Queries\PartRoute;
use App\ShopFloor\Queries\RemedyOffer;
use Illuminate\Support\Facades\DB;

/** Offers and applies the remedies of a blocking rule for one part. */
final readonly class Remedies
{
    /** Most hooks one piece is hung on. */
    private const MOST_HOOKS = 20;

    /** remedy => the page where the fact is kept */
    private const PAGES = [
        Remedy::PickMetal->value => '/parts/{part}/edit#metal',
        Remedy::PickPowder->value => '/parts/{part}/edit#coats',
        Remedy::CoolerOven->value => '/station/cure',
        Remedy::TwoColors->value => '/parts/{part}/route#ways',
        Remedy::CompareStripping->value => '/station/strip?part={part}',
        Remedy::EnterTemper->value => '/parts/{part}/route#temper',
        Remedy::SweepAgain->value => '/station/blast?part={part}',
        Remedy::ReliefBake->value => '/station/bake-out?part={part}',
        Remedy::BakeOutAlone->value => '/station/bake-out?part={part}',
        Remedy::OtherMask->value => '/station/mask-and-hang?part={part}',
        Remedy::MeasureGround->value => '/station/mask-and-hang?part={part}',
        Remedy::LessPowder->value => '/station/coat?part={part}',
        Remedy::SeeOvens->value => '/ovens',
        Remedy::FewerAtATime->value => '/station/mask-and-hang?part={part}',
        Remedy::CheckSize->value => '/parts/{part}/route#outside',
        Remedy::Decline->value => '/jobs/{job}#decline',
        Remedy::MeasureMetal->value => '/station/{station}?part={part}#metal',
        Remedy::CleanAgain->value => '/jobs/{job}',
        Remedy::ShopFacts->value => '/shop#safety',
    ];

    /** Where every other fact of a part is kept. */
    private const PART_PAGE = '/parts/{part}/route';

    /**
     * Returns the buttons past a rule; where none of its own fits the part, the one that leads to the part's routing.
     *
     * @return non-empty-list<RemedyOffer>
     */
    public static function of(Part $part, Rule $rule): array
    {
        $buttons = array_values(array_filter(array_map(
            fn (Remedy $remedy): ?RemedyOffer => self::button($part, $remedy),
            $rule->remedies(),
        )));

        return $buttons ?: [self::link($part, Remedy::ChangePart)];
    }

    /** @throws Refused where the remedy does not fit the part any more */
    public static function apply(Part $part, string $rule, string $remedy): void
    {
        $asked = self::rule($rule);
        $what = Remedy::tryFrom($remedy);
        if ($asked === null || $what === null || ! in_array($what, $asked->remedies(), true)) {
            self::gone();
        }
        DB::transaction(fn () => match ($what) {
            Remedy::MoreHooks => self::hang($part, self::onMoreHooks($part)),
            Remedy::SmallerRack => self::hang($part, self::smallerRack($part)),
            Remedy::TakenOff => self::takeOff($part, $asked->takesOff()),
            Remedy::Vented => self::mark($part, PartFlag::Vented),
            Remedy::GasFree => self::mark($part, PartFlag::GasFree),
            Remedy::AdvisedMedia => $part->update(['blast_medium' => null, 'blast_bar' => null]),
            Remedy::PlannedRouting => ChangeRoute::write($part, []),
            default => self::gone(),
        });
    }

    /** The rule of a key; null where there is none. */
    public static function rule(string $key): ?Rule
    {
        foreach (RuleBook::all() as $rule) {
            if ($rule->key === $key) {
                return $rule;
            }
        }

        return null;
    }

    private static function button(Part $part, Remedy $remedy): ?RemedyOffer
    {
        return match ($remedy) {
            Remedy::MoreHooks => self::hooks($part, $remedy),
            Remedy::SmallerRack => self::rack($part, $remedy),
            Remedy::AdvisedMedia => $part->blast_medium === null ? null : self::change($remedy),
            Remedy::PlannedRouting => $part->steps->isEmpty() ? null : self::change($remedy),
            Remedy::TakenOff, Remedy::Vented, Remedy::GasFree => self::change($remedy),
            default => self::link($part, $remedy),
        };
    }

    private static function change(Remedy $remedy, ?string $label = null): RemedyOffer
    {
        return new RemedyOffer($remedy->value, $label ?? $remedy->label(), null);
    }

    private static function link(Part $part, Remedy $remedy): RemedyOffer
    {
        $station = $part->lotsThere()->first()->station ?? Station::Blast;
        $of = ['{part}' => (string) $part->id, '{job}' => (string) $part->job_id, '{station}' => $station->value];
        $page = strtr(self::PAGES[$remedy->value] ?? self::PART_PAGE, $of);

        return new RemedyOffer($remedy->value, $remedy->label(), $page);
    }

    private static function hooks(Part $part, Remedy $remedy): ?RemedyOffer
    {
        $set = self::onMoreHooks($part);

        return $set === null ? null : self::change($remedy, "Hang each on {$set->hooks} hooks");
    }

    private static function rack(Part $part, Remedy $remedy): ?RemedyOffer
    {
        $set = self::smallerRack($part);

        return $set === null ? null : self::change($remedy, "Hang {$set->across} per row");
    }

    /** The rack with as many hooks to a piece as the shop's hook load asks; null where no number of them does. */
    private static function onMoreHooks(Part $part): ?RackSetting
    {
        $carries = Shop::current()->hook_kg;
        $needed = $carries === null || $part->mass_kg === null ? 0 : (int) ceil($part->mass_kg / $carries);
        $set = SetRack::of($part)->rack->set;

        return $needed < 2 || $needed > self::MOST_HOOKS ? null : self::reset($set, $set->across, $needed);
    }

    /** The rack with as many pieces in a row as the oven takes; null where not even one goes in. */
    private static function smallerRack(Part $part): ?RackSetting
    {
        $oven = PartRoute::of($part)->facts->equipment->ovenMm;
        $set = SetRack::of($part)->rack->set;
        for ($across = $set->across - 1; $oven !== null && $across >= 1; $across--) {
            $one = self::reset($set, $across, $set->hooks);
            if (Rack::of($one, $part->mass_kg ?? 1.0)->fitsIn($oven)) {
                return $one;
            }
        }

        return null;
    }

    private static function reset(RackSetting $set, int $across, int $hooks): RackSetting
    {
        return RackSetting::of(
            $set->boxMm, $across, $set->rows, $set->pitchMm, $set->dropMm, $hooks, $set->jigged, $set->drain,
        );
    }

    private static function hang(Part $part, ?RackSetting $set): void
    {
        SetRack::save($part, $set ?? self::gone());
    }

    /** @param  list<Feature>  $features */
    private static function takeOff(Part $part, array $features): void
    {
        $words = array_map(fn (Feature $one): string => $one->value, $features);
        foreach ($part->traits()->where('kind', PartTrait::FEATURE)->whereIn('word', $words)->get() as $trait) {
            $trait->delete();
        }
        $part->unsetRelation('traits');
    }

    private static function mark(Part $part, PartFlag $mark): void
    {
        $part->traits()->firstOrCreate(['kind' => PartTrait::MARK, 'word' => $mark->value]);
        $part->unsetRelation('traits');
    }

    private static function gone(): never
    {
        throw Refused::because([
            'remedy' => 'That remedy does not fit this part any more; look again.',
        ]);
    }
}
