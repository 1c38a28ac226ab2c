<?php

declare(strict_types=1);

namespace App\Routing\Commands;

use Aenum\Core\Trade\PartFlag;
use App\Intake\Models\Part;
use App\Intake\Models\PartTrait;
use Illuminate\Support\Facades\DB;

/** Stores the facts of a part as a whole; earlier ones are replaced. */
final class WriteFacts
{
    /**
     * @param  array<string, mixed>  $facts  made, duty, alloy, paint_test, temper_c, strength_mpa, licence,
     *      licensed_for, acid_product, box_mm, blast {media, pressure_bar}, on_it, features, and every mark that is so
     */
    public static function on(Part $part, array $facts): void
    {
        $box = $facts['box_mm'] ?? [null, null, null];
        $marks = array_filter(
            array_column(PartFlag::cases(), 'value'),
            fn (string $mark): bool => ! empty($facts[$mark]),
        );
        DB::transaction(function () use ($part, $facts, $box, $marks): void {
            $plain = ['made', 'duty', 'alloy', 'paint_test', 'temper_c', 'strength_mpa', 'licence', 'acid_product'];
            $part->update(
                array_intersect_key($facts, array_flip($plain)) +
                    array_fill_keys($plain, null) + [
                        'box_long_mm' => $box[0],
                        'box_wide_mm' => $box[1],
                        'box_high_mm' => $box[2],
                        'blast_medium' => $facts['blast']['media'] ?? null,
                        'blast_bar' => $facts['blast']['pressure_bar'] ?? null,
                    ],
            );
            self::traits($part, PartTrait::ON_IT, $facts['on_it'] ?? []);
            self::traits($part, PartTrait::FEATURE, $facts['features'] ?? []);
            self::traits($part, PartTrait::MARK, $marks);
            self::traits($part, PartTrait::LICENSED, $facts['licensed_for'] ?? []);
        });
        $part->unsetRelation('traits');
    }

    /** @param  array<array-key, string>  $words */
    private static function traits(Part $part, string $kind, array $words): void
    {
        $kept = $part->traits()->where('kind', $kind)->get();
        $kept->reject(fn (PartTrait $one): bool => in_array($one->word, $words, true))->each->delete();
        foreach (array_diff(array_unique($words), $kept->pluck('word')->all()) as $word) {
            $part->traits()->create(['kind' => $kind, 'word' => $word]);
        }
    }
}
