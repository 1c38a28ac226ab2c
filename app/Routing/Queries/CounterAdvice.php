<?php

declare(strict_types=1);

namespace App\Routing\Queries;

use Aenum\Core\Application\PowderNeed;
use Aenum\Core\Curing\Chemistry;
use Aenum\Core\Curing\CureSheet;
use Aenum\Core\Preparation\Masking\PinKind;
use Aenum\Core\Routing\CoatAdvice;
use Aenum\Core\Routing\CostEstimate;
use Aenum\Core\Routing\Promise;
use Aenum\Core\Routing\TwoColors;
use Aenum\Core\Trade\Effect;
use App\Accounts\Models\Shop;
use App\Catalog\Models\Powder;
use App\Intake\Models\Coat;
use App\Intake\Models\Pin;
use App\Platform\Presentation\Units;
use Illuminate\Support\Collection;

/** Advice at the counter for one part: coats that fit, lead time, first cost estimate. */
final readonly class CounterAdvice
{
    /** Specific gravity of a powder that is not picked yet. House figure. */
    private const USUAL_SG = 1.5;

    /**
     * @param  array<string, string>  $onShelf  what the advice asks for => a powder of the shop's that is it
     * @param  array<string, float>  $coatMoney  what the advice asks for => what its powder costs on all pieces
     */
    private function __construct(
        public CoatAdvice $advice,
        public Promise $promise,
        public CostEstimate $cost,
        public array $onShelf,
        public array $coatMoney,
        public ?TwoColors $twoColours,
    ) {
    }

    /** The same sentences at the counter, on the card and at release. */
    public static function promise(PartRoute $route): Promise
    {
        $damage = $route->part->pins
            ->filter(fn (Pin $pin): bool => $pin->kind === PinKind::Damage)
            ->map(fn (Pin $pin): string => $pin->note ?? "damage at pin {$pin->number}")
            ->values()
            ->all();

        return Promise::for($route->facts, array_values($damage));
    }

    public static function of(PartRoute $route): self
    {
        $part = $route->part;
        $shop = Shop::current();
        $powders = $part->coats
            ->map(fn (Coat $coat): array => [
                'sg' => $coat->powder->density(),
                'price' => $coat->powder->price_kg,
            ])
            ->values()
            ->all();
        $advice = CoatAdvice::for($route->facts);
        $media = ShopBlast::mediaKg($route->plan());

        return new self(
            $advice,
            self::promise($route),
            CostEstimate::of($route->plan(), array_values($powders), $media, $shop->ambient_c, $shop->prices()),
            $advice->missing() === [] ? [] : self::onShelf(),
            self::coatMoney($advice, $route, $shop->prices()['powder_kg'] ?? null),
            TwoColors::of(
                $route->facts,
                array_values($part->coats->map(fn (Coat $coat): CureSheet => $coat->powder->sheet())->all()),
            ),
        );
    }

    /**
     * What the powder of each advised coat costs on all pieces, at the shop's usual price.
     *
     * @return array<string, float>
     */
    private static function coatMoney(CoatAdvice $advice, PartRoute $route, ?float $priceKg): array
    {
        $area = $route->facts->part->areaOfAllM2();
        $money = [];
        foreach ($priceKg === null ? [] : $advice->stack as $coat) {
            $kg = PowderNeed::kg(
                $area,
                self::USUAL_SG,
                $coat->filmMicrons,
                $route->facts->part->openness()->transfer(),
                $route->facts->equipment->feed,
            );
            $money[$coat->what] = $kg * $priceKg;
        }

        return $money;
    }

    /** Why the rough cost is not told in money; null where it is. */
    public function missingPrice(): ?string
    {
        return isset(Shop::current()->prices()['hour'])
            ? null
            : 'No hourly rate is set, so the rough cost is in time. Set the rate under shop settings.';
    }

    /** The one figure: money where the shop has an hourly rate, else hands. */
    public function total(): string
    {
        return $this->cost->total() > 0 && $this->missingPrice() === null
            ? number_format($this->cost->total(), 0, '.', ' ').' '.Shop::current()->currency
            : Units::minutes($this->cost->handMinutes);
    }

    /** A sum in the shop's currency. */
    public function money(float $sum): string
    {
        return number_format($sum, $sum < 10 ? 2 : 0, '.', ' ').' '.Shop::current()->currency;
    }

    /** @return array<string, string> */
    private static function onShelf(): array
    {
        /** @var Collection<int, Powder> $shelf */
        $shelf = Powder::query()->whereNull('retired_at')->orderBy('name')->get();
        $name = fn (callable $is): ?string => $shelf->first($is)?->name;
        $isPlain = fn (Powder $powder): bool => ! $powder->zinc_rich && ! $powder->gas_tolerant
            && ! $powder->conductive && $powder->effect() === Effect::Plain;
        $epoxy = fn (Powder $powder): bool => $powder->chemistry === Chemistry::Epoxy && $isPlain($powder);
        $clear = fn (Powder $powder): bool => str_contains(
            mb_strtolower("{$powder->name} {$powder->finish}"),
            'clear',
        );

        return array_filter([
            'zinc-rich primer' => $name(fn (Powder $powder): bool => $powder->zinc_rich),
            'gas-tolerant primer' => $name(fn (Powder $powder): bool => $powder->gas_tolerant),
            'epoxy primer' => $name($epoxy),
            'clear' => $name($clear),
            'conductive primer' => $name(fn (Powder $powder): bool => $powder->conductive),
            'silver base' => $name(fn (Powder $powder): bool => $powder->effect()->hasFlake()),
            'weatherproof base coat' => $name(fn (Powder $powder): bool => $powder->outdoors === true),
        ]);
    }
}
