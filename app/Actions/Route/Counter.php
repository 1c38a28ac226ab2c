<?php

declare(strict_types=1);

namespace App\Actions\Route;

use Aenum\Core\Mask\PinKind;
use Aenum\Core\Metal\MetalCatalogue;
use Aenum\Core\Route\CoatAdvice;
use Aenum\Core\Route\FirstCost;
use Aenum\Core\Route\Promise;
use App\Actions\Blast\BlastOfPart;
use App\Models\Coat;
use App\Models\Pin;
use App\Models\Powder;
use App\Models\Shop;
use Illuminate\Support\Collection;

/** What can be said at the counter about one part: coats that fit, what is promised, a first idea of cost. */
final readonly class Counter
{
    /** @param  array<string, string>  $onShelf  what the advice asks for => a powder of the shop's that is it */
    private function __construct(public CoatAdvice $advice, public Promise $promise, public FirstCost $cost, public array $onShelf)
    {
    }

    public static function of(PartRoute $route): self
    {
        $part = $route->part;
        $shop = Shop::current();
        $damage = $part->pins->filter(fn (Pin $pin): bool => $pin->kind === PinKind::Damage)->map(fn (Pin $pin): string => $pin->note ?? "damage at pin {$pin->number}")->values()->all();
        $powders = $part->coats->map(fn (Coat $coat): array => ['sg' => $coat->powder->specific_gravity, 'price' => null])->values()->all();
        $advice = CoatAdvice::for($route->facts);

        return new self(
            $advice,
            Promise::for($route->facts, $damage),
            FirstCost::of($route->plan(), $powders, BlastOfPart::mediaKg($route), in_array($part->metal, MetalCatalogue::keys(), true) ? $part->metalKind() : null, $shop->ambient_c, ($shop->prices ?? []) + ['kwh' => $shop->kwh_price]),
            $advice->missing() === [] ? [] : self::onShelf(),
        );
    }

    /** @return array<string, string> */
    private static function onShelf(): array
    {
        /** @var Collection<int, Powder> $shelf */
        $shelf = Powder::query()->whereNull('retired_at')->orderBy('name')->get();
        $name = fn (callable $is): ?string => $shelf->first($is)?->name;

        return array_filter([
            'zinc-rich primer' => $name(fn (Powder $p): bool => $p->zinc_rich),
            'gas-tolerant primer' => $name(fn (Powder $p): bool => $p->gas_tolerant),
            'epoxy primer' => $name(fn (Powder $p): bool => $p->chemistry->value === 'epoxy' && ! $p->zinc_rich),
            'clear' => $name(fn (Powder $p): bool => str_contains(mb_strtolower($p->name.' '.$p->finish), 'clear')),
        ]);
    }
}
