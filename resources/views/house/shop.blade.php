@use('Aenum\Core\Unit\Dimension', 'D')
<x-layout title="House ways">
    <h1 class="mb-3">House ways</h1>
    <form method="post" action="/shop" class="panel grid grid-cols-2 max-[900px]:grid-cols-1 gap-4 max-w-4xl">
        <x-once /> @method('put')
        <x-field name="name" label="Shop" :value="$shop->name" />
        <x-pick name="timezone" label="Time zone" :options="collect(DateTimeZone::listIdentifiers())->mapWithKeys(fn ($z) => [$z => $z])" :value="$shop->timezone" />
        <x-pick name="clock_way" label="When the cure clock starts" :options="collect(Aenum\Core\Cure\ClockWay::cases())->mapWithKeys(fn ($w) => [$w->value => $w->label()])" :value="$shop->clock_way->value" hint="Slowest metal at temperature is safe for any mass. Counted over the curve is shorter by minutes and needs a model you trust. From oven entry suits one part repeated all day, and fails the heavy one." />
        <x-field name="margin_percent" label="Extra on dose and minutes, %" :value="round(100 * $shop->margin, 1)" hint="Buys safety against a cool corner; costs that much time at temperature." />
        <x-field name="overbake_percent" label="Over-bake limit, % of what the powder stands" :value="round(100 * $shop->overbake_limit, 1)" hint="Lower keeps gloss and colour safer; more loads have to be parted." />
        <x-field name="ambient" label="Usual shop temperature" :unit="$u->unit(D::Temperature)" :value="$u->field(D::Temperature, $shop->ambient_c)" />
        <x-field name="currency" label="Currency" :value="$shop->currency" />
        <x-field name="kwh_price" label="Price of a kWh" :value="$shop->kwh_price" inputmode="decimal" />
        <div class="col-span-full"><button class="btn btn-do">Save</button></div>
    </form>
</x-layout>
