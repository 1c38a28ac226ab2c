<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What was kept in blobs and asked for by name has columns and rows of its own; what is there is carried over. */
return new class extends Migration
{
    private const SHOP_FIGURES = [
        'equipment' => ['rail_kg', 'hook_kg', 'compressor_m3_min', 'nozzle_mm'],
        'air' => ['compressor_bar', 'air_hose_m', 'air_hose_mm', 'blast_hose_m', 'blast_hose_mm', 'nozzle_new_mm'],
    ];

    private const BOOTH = ['booth_wide_mm', 'booth_high_mm', 'booth_deep_mm'];

    private const PRICES = [
        'hour' => 'price_hour',
        'powder_kg' => 'price_powder_kg',
        'media_kg' => 'price_media_kg',
    ];

    private const MARKS = ['hardened', 'heat_treated', 'vented', 'plating_new', 'oily'];

    /** Rows whose taking back named nobody. */
    private const WITHDRAWN = ['parts', 'pictures', 'pins', 'bags', 'logbook', 'fittings', 'bake_logs'];

    private const RETIRED = ['powders', 'ovens', 'masks'];

    public function up(): void
    {
        $this->makeParts();
        $this->makeShop();
        $this->makeLogbook();
        $this->makeInspections();
        foreach (self::WITHDRAWN as $name) {
            Schema::table($name, function (Blueprint $table): void {
                $table->foreignId('withdrawn_by')->nullable()->constrained('users');
            });
        }
        foreach (self::RETIRED as $name) {
            Schema::table($name, function (Blueprint $table): void {
                $table->foreignId('retired_by')->nullable()->constrained('users');
            });
        }
        DB::table('parts')->orderBy('id')->each(fn (stdClass $part) => $this->carryPart($part));
        DB::table('shops')->orderBy('id')->each(fn (stdClass $shop) => $this->carryShop($shop));
        DB::table('ovens')->orderBy('id')->each(fn (stdClass $oven) => $this->carryOven($oven));
        DB::table('logbook')->orderBy('id')->each(fn (stdClass $line) => $this->carryLine($line));
        DB::table('inspections')->orderBy('id')->each(fn (stdClass $found) => $this->carryInspection($found));
        Schema::table('parts', fn (Blueprint $table) => $table->dropColumn(['facts', 'route', 'hang', 'prep']));
        Schema::table('shops', fn (Blueprint $table) => $table->dropColumn(['house', 'equipment', 'air', 'prices']));
        Schema::table('ovens', fn (Blueprint $table) => $table->dropColumn('answers'));
        Schema::table('logbook', fn (Blueprint $table) => $table->dropColumn('figures'));
        Schema::table('inspections', fn (Blueprint $table) => $table->dropColumn('findings'));
    }

    private function makeParts(): void
    {
        Schema::table('parts', function (Blueprint $table): void {
            foreach (['made', 'duty', 'alloy', 'paint_test'] as $word) {
                $table->string($word, 30)->nullable();
            }
            $table->string('licence', 120)->nullable();
            $table->string('acid_product', 120)->nullable();
            foreach (
                ['temper_c', 'strength_mpa', 'box_long_mm', 'box_wide_mm', 'box_high_mm', 'blast_bar'] as $figure
            ) {
                $table->double($figure)->nullable();
            }
            $table->string('blast_medium', 40)->nullable();
            $table->string('strip_way', 30)->nullable();
        });
        // What is on a part, what it has, and what else is so: a word a row.
        Schema::create('part_traits', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('part_id')->constrained()->cascadeOnDelete();
            $table->enum('kind', ['on_it', 'feature', 'mark']);
            $table->string('word', 40);
            $table->unique(['part_id', 'kind', 'word']);
        });
        // The route where a person has changed it; none for as laid out.
        Schema::create('part_steps', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('part_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            $table->string('kind', 30);
            $table->double('minutes');
            $table->double('wait_minutes');
            $table->string('why', 300);
            $table->double('celsius')->nullable();
            $table->double('hold_minutes')->nullable();
            $table->unsignedTinyInteger('coat')->nullable();
            $table->string('agent', 30)->nullable();
            $table->unique(['part_id', 'position']);
        });
        Schema::create('racks', function (Blueprint $table): void {
            $table->foreignId('part_id')->primary()->constrained()->cascadeOnDelete();
            foreach (['across', 'rows', 'hooks'] as $count) {
                $table->unsignedSmallInteger($count);
            }
            foreach (['pitch_mm', 'drop_mm', 'along_mm', 'up_mm', 'deep_mm'] as $figure) {
                $table->double($figure);
            }
            $table->boolean('jigged');
            $table->string('drain', 120)->nullable();
        });
    }

    private function makeShop(): void
    {
        Schema::table('shops', function (Blueprint $table): void {
            $figures = [
                ...array_merge(...array_values(self::SHOP_FIGURES)),
                ...self::BOOTH,
                ...array_values(self::PRICES),
            ];
            foreach ($figures as $figure) {
                $table->double($figure)->nullable();
            }
        });
        // The house ways that differ from the defaults.
        Schema::create('house_ways', function (Blueprint $table): void {
            $table->string('question', 30)->primary();
            $table->string('way', 30);
        });
        Schema::table('ovens', function (Blueprint $table): void {
            $table->string('heat', 20)->nullable();
            $table->string('fan', 20)->nullable();
            foreach (['width_m', 'height_m', 'depth_m', 'minutes_to_200', 'heater_said_kw'] as $figure) {
                $table->double($figure)->nullable();
            }
        });
        Schema::table('powders', fn (Blueprint $table) => $table->string('before_clear', 10)->default('silent'));
    }

    private function makeLogbook(): void
    {
        Schema::table('logbook', fn (Blueprint $table) => $table->string('event', 20)->nullable());
        Schema::create('logbook_figures', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('logbook_id')->constrained('logbook')->cascadeOnDelete();
            $table->string('name', 30);
            $table->double('value');
            $table->unique(['logbook_id', 'name']);
        });
    }

    private function makeInspections(): void
    {
        Schema::table('inspections', function (Blueprint $table): void {
            $table->unsignedSmallInteger('rubs')->nullable();
            $table->unsignedTinyInteger('rating')->nullable();
            $table->string('solvent', 60)->nullable();
            $table->double('band_from_um')->nullable();
            $table->double('band_to_um')->nullable();
        });
        Schema::create('inspection_readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('inspection_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            $table->double('microns');
            $table->unique(['inspection_id', 'position']);
        });
    }

    private function carryPart(stdClass $part): void
    {
        $facts = $this->blob($part->facts);
        $box = $facts['box_mm'] ?? [null, null, null];
        DB::table('parts')
            ->where('id', $part->id)
            ->update([
                'made' => $facts['made'] ?? null,
                'duty' => $facts['duty'] ?? null,
                'temper_c' => $facts['temper_c'] ?? null,
                'box_long_mm' => $box[0],
                'box_wide_mm' => $box[1],
                'box_high_mm' => $box[2],
                'blast_medium' => $facts['blast']['media'] ?? null,
                'blast_bar' => $facts['blast']['pressure_bar'] ?? null,
                'strip_way' => $this->blob($part->prep)['strip'] ?? null,
                // "Tested, no lead or chromate" is what the tick said.
                'paint_test' => empty($facts['paint_tested']) ? null : 'none',
            ]);
        $marks = array_filter(self::MARKS, fn (string $mark): bool => ! empty($facts[$mark]));
        $kinds = ['on_it' => $facts['on_it'] ?? [], 'feature' => $facts['features'] ?? [], 'mark' => $marks];
        foreach ($kinds as $kind => $words) {
            foreach (array_unique($words) as $word) {
                DB::table('part_traits')->insert([
                    'part_id' => $part->id,
                    'kind' => $kind,
                    'word' => mb_substr($word, 0, 40),
                ]);
            }
        }
        $this->carryRoute($part);
        $hang = $this->blob($part->hang);
        if (isset($hang['box_mm'])) {
            $same = array_intersect_key(
                $hang,
                array_flip(['across', 'rows', 'hooks', 'pitch_mm', 'drop_mm', 'drain']),
            );
            [$along, $up, $deep] = $hang['box_mm'];
            DB::table('racks')->insert(
                $same + [
                    'part_id' => $part->id,
                    'along_mm' => $along,
                    'up_mm' => $up,
                    'deep_mm' => $deep,
                    'jigged' => $hang['jigged'] ?? false,
                ],
            );
        }
    }

    private function carryRoute(stdClass $part): void
    {
        foreach (array_values($this->blob($part->route)) as $position => $step) {
            DB::table('part_steps')->insert([
                'part_id' => $part->id,
                'position' => $position,
                'kind' => $step['step'],
                'minutes' => $step['minutes'] ?? 0,
                'wait_minutes' => $step['wait_min'] ?? 0,
                'why' => mb_substr($step['why'] ?? '', 0, 300),
                'celsius' => $step['pmt_c'] ?? null,
                'hold_minutes' => $step['hold_min'] ?? null,
                'coat' => $step['coat'] ?? null,
            ]);
        }
    }

    private function carryShop(stdClass $shop): void
    {
        $figures = [];
        foreach (self::SHOP_FIGURES as $blob => $names) {
            $figures += array_intersect_key($this->blob($shop->{$blob}), array_flip($names));
        }
        $booth = $this->blob($shop->equipment)['booth_mm'] ?? null;
        foreach (self::BOOTH as $n => $name) {
            $figures[$name] = $booth[$n] ?? null;
        }
        foreach (self::PRICES as $price => $name) {
            $figures[$name] = $this->blob($shop->prices)[$price] ?? null;
        }
        DB::table('shops')->where('id', $shop->id)->update($figures);
        foreach ($this->blob($shop->house) as $question => $way) {
            DB::table('house_ways')->insert(['question' => $question, 'way' => $way]);
        }
    }

    private function carryOven(stdClass $oven): void
    {
        $said = $this->blob($oven->answers);
        $same = array_flip(['heat', 'fan', 'width_m', 'height_m', 'depth_m', 'minutes_to_200']);
        DB::table('ovens')
            ->where('id', $oven->id)
            ->update(array_intersect_key($said, $same) + ['heater_said_kw' => $said['heater_kw'] ?? null]);
    }

    private function carryLine(stdClass $line): void
    {
        foreach ($this->blob($line->figures) as $name => $value) {
            if ($name === 'what') {
                DB::table('logbook')
                    ->where('id', $line->id)
                    ->update(['event' => $value]);
            } elseif (is_numeric($value)) {
                DB::table('logbook_figures')->insert([
                    'logbook_id' => $line->id,
                    'name' => $name,
                    'value' => $value,
                ]);
            }
        }
    }

    private function carryInspection(stdClass $found): void
    {
        $findings = $this->blob($found->findings);
        DB::table('inspections')
            ->where('id', $found->id)
            ->update([
                'rubs' => $findings['rubs'] ?? null,
                'rating' => $findings['rating'] ?? null,
                'solvent' => $findings['solvent'] ?? null,
                'band_from_um' => $findings['band_um'][0] ?? null,
                'band_to_um' => $findings['band_um'][1] ?? null,
            ]);
        foreach ($findings['readings_um'] ?? [] as $position => $microns) {
            DB::table('inspection_readings')->insert([
                'inspection_id' => $found->id,
                'position' => $position,
                'microns' => $microns,
            ]);
        }
    }

    /** @return array<array-key, mixed> */
    private function blob(?string $json): array
    {
        $read = $json === null ? null : json_decode($json, true);

        return is_array($read) ? $read : [];
    }
};
