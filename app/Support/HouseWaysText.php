<?php

declare(strict_types=1);

namespace App\Support;

/** The house ways as a person reads them: the question, and what each way buys and costs. */
final class HouseWaysText
{
    /** question => [asked, [way => [name, buys and costs]]]; the same ways as HouseWays::CHOICES, in the same order */
    public const ALL = [
        'bake_out' => ['Where the bake-out goes', [
            'by_part' => ['by the part', 'before for oily used parts, after for clean castings, both for oily castings.'],
            'before_blast' => ['before blasting', 'drives oil out and the blast takes the scum; leaves gas in pores the blast opens.'],
            'after_blast' => ['after blasting', 'drives gas out of opened pores; oil scum has to be swept off.'],
            'both' => ['both', 'surest for the worst, and costs two bakes.'],
        ]],
        'masking' => ['When to mask', [
            'plugs_early' => ['plugs before, tape after', 'protects bores from media; tape is fresh for the powder.'],
            'all_early' => ['all before blasting', 'one go, but tape must stand blast and every bake.'],
            'all_late' => ['all after bake-out', 'fresh masks; bores have seen the media and must be blown out.'],
        ]],
        'last_clean' => ['The last clean', [
            'by_use' => ['by metal and use', 'outdoor work gets a conversion coat, indoor work a wipe.'],
            'solvent' => ['solvent wipe', 'quick and dry; no extra hold on the metal.'],
            'detergent' => ['detergent wash', 'gets salts off; needs an oven dry.'],
            'pretreat' => ['phosphate or conversion', 'best hold and least creep; longest, and a bath to keep.'],
        ]],
        'coat' => ['Coat cold or warm', [
            'cold' => ['cold', 'even film, can be blown off and done again.'],
            'warm' => ['warm', 'helps recesses and gas; thick in a blink, and never above the softening point.'],
        ]],
        'between' => ['Between coats', [
            'flow' => ['flow only', 'the next coat bonds; the film is tender meanwhile.'],
            'part' => ['part cure', 'tougher to handle; bonds less.'],
            'full' => ['full cure', 'safe to wait for days; must be abraded.'],
        ]],
        'strip' => ['Strip or blast first', [
            'by_coating' => ['by the coating', 'stripper for cross-linked paint and old powder, blast for the rest.'],
            'chemical' => ['brush stripper on everything coated', 'clean media; hours of dwell and waste to handle.'],
            'caustic' => ['hot caustic tank', 'quick and takes grease too; never light metals, and a tank to keep.'],
            'burn_off' => ['burn-off oven', 'no dwell by hand; licensed oven, never light metals or lead paint.'],
            'blast' => ['straight to blast', 'no chemicals; slow and dirty on old powder.'],
        ]],
        'rust' => ['Rust that is all there is', [
            'blast' => ['blast it', 'clean metal with a tooth; the surest.'],
            'convert' => ['rust converter', 'no blast; two coats and a day of waiting, and it holds less.'],
        ]],
        'mask_with' => ['The shop\'s tape', [
            'polyimide' => ['polyimide', 'stands 260 °C; dear.'],
            'polyester' => ['polyester', 'stands 204 °C; cheap, not through a hot bake-out.'],
            'glass_cloth' => ['glass cloth', 'tough edge; rating by maker, from 180 °C.'],
            'paper' => ['paper', 'never in the oven; for spraying only.'],
        ]],
    ];
}
