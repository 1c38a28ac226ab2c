<?php

declare(strict_types=1);

namespace App\Actions\Route;

use Aenum\Core\Cure\Chemistry;
use Aenum\Core\Mask\PinKind;
use Aenum\Core\Route\CoatAdvice;
use Aenum\Core\Route\FirstCost;
use Aenum\Core\Route\Promise;
use App\Actions\Blast\ShopBlast;
use App\Models\Coat;
use App\Models\Pin;
use App\Models\Powder;
use App\Models\Shop;
use App\Support\Units;
use Illuminate\Support\Collection;

/** What can be said at the counter about one part: coats that fit, what is promised, a first idea of cost. */
final readonly class Counter
{
    /** @param  array<string, string>  $onShelf  what the advice asks for => a powder of the shop's that is it */
    private function __construct(
        public CoatAdvice $advice,
        public Promise $promise,
        public FirstCost $cost,
        public array $onShelf,
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

        return Promise::for($route->facts, $damage);
    }

    public static function of(PartRoute $route): self
    {
        $part = $route->part;
        $shop = Shop::current();
        $powders = $part->coats
            ->map(fn (Coat $coat): array => ['sg' => $coat->powder->specific_gravity, 'price' => null])
            ->values()
            ->all();
        $advice = CoatAdvice::for($route->facts);
        $media = ShopBlast::mediaKg($route->plan());

        return new self(
            $advice,
            self::promise($route),
            FirstCost::of($route->plan(), $powders, $media, $shop->ambient_c, $shop->prices()),
            $advice->missing() === [] ? [] : self::onShelf(),
        );
    }

    /** The one figure: money where the shop has its prices, else hands. */
    public function total(): string
    {
        return $this->cost->total() > 0
            ? number_format($this->cost->total(), 0, '.', ' ').' '.Shop::current()->currency
            : Units::minutes($this->cost->handMinutes);
    }

    /** @return array<string, string> */
    private static function onShelf(): array
    {
        /** @var Collection<int, Powder> $shelf */
        $shelf = Powder::query()->whereNull('retired_at')->orderBy('name')->get();
        $name = fn (callable $is): ?string => $shelf->first($is)?->name;
        $epoxy = fn (Powder $powder): bool => $powder->chemistry === Chemistry::Epoxy && ! $powder->zinc_rich;
        $clear = fn (Powder $powder): bool => str_contains(
            mb_strtolower("{$powder->name} {$powder->finish}"),
            'clear',
        );

        return array_filter([
            'zinc-rich primer' => $name(fn (Powder $powder): bool => $powder->zinc_rich),
            'gas-tolerant primer' => $name(fn (Powder $powder): bool => $powder->gas_tolerant),
            'epoxy primer' => $name($epoxy),
            'clear' => $name($clear),
        ]);
    }
}
