@use('Aenum\Core\Curing\BakePreference')
@use('Aenum\Core\Curing\TimingCriterion')
@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Platform\Presentation\EnumLabels')
<x-layout title="House ways">
    <h1 class="mb-3">House ways</h1>
    <x-edit action="/shop" class="grid gap-4 max-w-4xl">
        <div class="panel grid grid-cols-2 max-[900px]:grid-cols-1 gap-4">
            <x-field name="name" label="Shop" :value="$shop->name" />
            <x-field name="prices[hour]" label="An hour of labor" :unit="$shop->currency" :value="$shop->price_hour"
                inputmode="decimal" hint="Without it a quote has no price." />
            <x-field
                name="ambient"
                label="Usual shop temperature"
                :unit="$u->unit(D::Temperature)"
                :value="$u->field(D::Temperature, $shop->ambient_c)"
            />
            <x-field name="hook" label="A hook carries" :unit="$u->unit(D::Mass)"
                :value="$u->field(D::Mass, $shop->hook_kg)" />
            <div class="col-span-full grid grid-cols-3 gap-4">
                @foreach (['width', 'height', 'depth'] as $n => $side)
                    <x-field
                        name="booth[{{ $n }}]"
                        label="Booth {{ $side }}"
                        :unit="$u->unit(D::Size)"
                        :value="$u->field(D::Size, $shop->boothM()[$n] ?? null)"
                    />
                @endforeach
            </div>
        </div>
        <x-layer title="Rail, compressor, nozzle and hoses"
            :fields="['rail', 'compressor_m3_min', 'nozzle_mm', 'air.*']">
        <x-field
            name="rail"
            label="Rail carries"
            :unit="$u->unit(D::Mass)"
            :value="$u->field(D::Mass, $shop->rail_kg)"
            hint="Empty: not checked."
        />
        <x-field
            name="compressor_m3_min"
            label="Compressor, free air"
            :unit="$u->unit(D::AirFlow)"
            :value="$u->field(D::AirFlow, $shop->compressor_m3_min)"
            inputmode="decimal"
        />
        <x-field
            name="nozzle_mm"
            label="Blast nozzle bore"
            :unit="$u->unit(D::Length)"
            :value="$u->field(D::Length, $shop->nozzle_mm)"
            inputmode="decimal"
        />
        @foreach ($air as $key => [$label, $dimension])
            <x-field
                name="air[{{ $key }}]"
                :label="$label"
                :unit="$u->unit($dimension)"
                :value="$u->field($dimension, $shop->{$key})"
            />
        @endforeach
        </x-layer>
        <x-layer id="safety" title="Safety equipment"
            :fields="['light_metal_cabinet', 'breathing_air_tested_on', 'co_alarm', 'gun_interlocked',
                'compressor_duty']">
        <x-pick name="light_metal_cabinet" label="Cabinet, media and collector for light metal alone"
            :options="$yesNo" :value="$shop->light_metal_cabinet === null ? '' : (int) $shop->light_metal_cabinet"
            empty="not recorded" hint="Aluminum and steel dust together can explode." />
        <x-field name="breathing_air_tested_on" type="date" label="Breathing air of the blast hood tested on"
            :value="$shop->breathing_air_tested_on?->format('Y-m-d')" hint="Usually every three months." />
        <x-pick name="co_alarm" label="Carbon monoxide alarm on the breathing air" :options="$yesNo"
            :value="$shop->co_alarm === null ? '' : (int) $shop->co_alarm" empty="not recorded" />
        <x-pick name="gun_interlocked" label="Gun stops when the booth fan stops" :options="$yesNo"
            :value="$shop->gun_interlocked === null ? '' : (int) $shop->gun_interlocked" empty="not recorded" />
        <x-field name="compressor_duty" label="Compressor duty cycle, %" inputmode="decimal"
            :value="$shop->compressor_duty === null ? '' : round(100 * $shop->compressor_duty)"
            hint="By its plate. Blank: runs without a break." />
        <x-caution>A yes here releases work. Answer what was tested, not what was meant to be.</x-caution>
        </x-layer>
        <x-layer title="Other prices" :fields="['prices.powder_kg', 'prices.media_kg', 'kwh_price', 'currency']">
        @foreach ($prices as $key => [$label, $price])
            <x-field name="prices[{{ $key }}]" :label="$label" :unit="$shop->currency" :value="$price"
                inputmode="decimal" />
        @endforeach
        <x-field name="kwh_price" label="Price of a kWh" :value="$shop->kwh_price" inputmode="decimal" />
        <x-field name="currency" label="Currency" :value="$shop->currency" />
        </x-layer>
        <x-layer title="How a bake is judged" :fields="['clock_way', 'prefer', 'margin_percent', 'overbake_percent']">
        <x-pick
            name="clock_way"
            label="When the cure clock starts"
            :options="EnumLabels::of(TimingCriterion::cases())"
            :value="$shop->clock_way->value"
            hint="Slowest metal at temperature is safe for any mass. Counted over the curve is shorter by minutes
                and needs a model you trust. From oven entry suits one part repeated all day, and fails the heavy
                one."
        />
        <x-pick name="prefer" label="Which bake of those that serve" :options="EnumLabels::of(BakePreference::cases())"
            :value="$shop->prefer->value" :hint="EnumLabels::says(BakePreference::cases())" />
        <x-field
            name="margin_percent"
            label="Extra on dose and minutes, %"
            :value="round(100 * $shop->margin, 1)"
            hint="Buys safety against a cool corner; costs that much time at temperature."
        />
        <x-field
            name="overbake_percent"
            label="Over-bake limit, % of what the powder stands"
            :value="round(100 * $shop->overbake_limit, 1)"
            hint="Lower keeps gloss and colour safer; more loads have to be parted."
        />
        </x-layer>
        <x-layer title="Where finishers disagree" :fields="['house.*']">
        @foreach ($questions as $question => [$asked, $choices])
            <x-pick
                name="house[{{ $question }}]"
                :label="$asked"
                :options="EnumLabels::of($choices)"
                :value="$ways[$question] ?? $choices[0]->value"
                :hint="EnumLabels::says($choices)"
            />
        @endforeach
        </x-layer>
        <x-layer title="Air, time zone and tablets"
            :fields="['humidity_pct', 'by_the_sea', 'timezone', 'tablet_minutes']">
        <x-field
            name="humidity_pct"
            label="Usual humidity of the air, %"
            :value="round($shop->humidity_pct)"
            inputmode="decimal"
            hint="Sets how long blasted steel may stand bare."
        />
        <label class="flex items-center gap-3 min-h-[44px] font-normal">
            <input type="checkbox" name="by_the_sea" value="1" @checked(old('by_the_sea', $shop->by_the_sea))>
            The shop stands by the sea: salt in its air halves what bare steel may stand
        </label>
        <x-pick name="timezone" label="Time zone" :options="$zones" :value="$shop->timezone" />
        <x-field name="tablet_minutes" label="A shared tablet signs out after, minutes"
            :value="$shop->tablet_minutes" inputmode="numeric"
            hint="Without a touch. Its clocks stay on the screen." />
        </x-layer>
        <div>
            <button class="btn btn-do">Save</button>
        </div>
    </x-edit>
</x-layout>
