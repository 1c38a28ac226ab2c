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
        <h2 class="col-span-full mt-2">Where finishers disagree</h2>
        @foreach ($says as $question => [$asked, $ways])
            <x-pick name="house[{{ $question }}]" :label="$asked" :options="collect($ways)->map(fn ($way) => $way[0])" :value="$shop->house[$question] ?? array_key_first($ways)" :hint="$u->said(collect($ways)->map(fn ($way) => ucfirst($way[0]).': '.$way[1])->join(' '))" />
        @endforeach
        <h2 class="col-span-full mt-2">What the shop has</h2>
        <x-field name="rail" label="Rail carries" :unit="$u->unit(D::Mass)" :value="$u->field(D::Mass, $shop->equipment['rail_kg'] ?? null)" hint="Empty: not checked." />
        <x-field name="hook" label="A hook carries" :unit="$u->unit(D::Mass)" :value="$u->field(D::Mass, $shop->equipment['hook_kg'] ?? null)" />
        <div class="col-span-full grid grid-cols-3 gap-4">
            @foreach (['width', 'height', 'depth'] as $n => $side)
                <x-field name="booth[{{ $n }}]" label="Booth {{ $side }}" :unit="$u->unit(D::Size)" :value="isset($shop->equipment['booth_mm']) ? $u->field(D::Size, $shop->equipment['booth_mm'][$n] / 1000) : ''" />
            @endforeach
        </div>
        <x-field name="compressor_m3_min" label="Compressor, free air" :unit="$u->unit(D::AirFlow)" :value="$u->field(D::AirFlow, $shop->equipment['compressor_m3_min'] ?? null)" inputmode="decimal" />
        <x-field name="nozzle_mm" label="Blast nozzle bore" :unit="$u->unit(D::Length)" :value="$u->field(D::Length, $shop->equipment['nozzle_mm'] ?? null)" inputmode="decimal" />
        @foreach (['compressor_bar' => ['Compressor holds, at its receiver', D::Pressure], 'nozzle_new_mm' => ['Nozzle bore when it was new', D::Length], 'air_hose_m' => ['Air hose, dryer to pot: length', D::Size], 'air_hose_mm' => ['its bore', D::Length], 'blast_hose_m' => ['Blast hose, pot to nozzle: length', D::Size], 'blast_hose_mm' => ['its bore', D::Length]] as $key => [$label, $dimension])
            <x-field name="air[{{ $key }}]" :label="$label" :unit="$u->unit($dimension)" :value="$u->field($dimension, $shop->air[$key] ?? null)" />
        @endforeach
        <h2 class="col-span-full mt-2">What things cost</h2>
        @foreach (['hour' => 'An hour of hands', 'powder_kg' => 'A kilogram of powder', 'media_kg' => 'A kilogram of blast media'] as $key => $label)
            <x-field name="prices[{{ $key }}]" :label="$label" :unit="$shop->currency" :value="$shop->prices[$key] ?? ''" inputmode="decimal" />
        @endforeach
        <h2 class="col-span-full mt-2">The air of the shop</h2>
        <x-field name="humidity_pct" label="Usual humidity of the air, %" :value="round($shop->humidity_pct)" inputmode="decimal" hint="Sets how long blasted steel may stand bare." />
        <div class="col-span-full"><button class="btn btn-do">Save</button></div>
    </form>
</x-layout>
