<?php

declare(strict_types=1);

namespace Tests\Core\Find;

use Aenum\Core\Find\Words;
use PHPUnit\Framework\TestCase;

final class WordsTest extends TestCase
{
    public function test_text_becomes_plain_words(): void
    {
        self::assertSame(
            ['bench', 'ends', 'promenade', '1042', 'lot', '26', '0417'],
            Words::of('Bench ends, PROMENADE (1042) bench lot 26-0417'),
        );
        self::assertSame(['geloender', 'cafe', 'aalborg'], Words::of('Gelönder Café Ålborg'));
        self::assertSame([], Words::of("\xff ,;!"));
    }

    public function test_slips_are_forgiven_by_length_and_numbers_are_not(): void
    {
        $known = ['bench', 'bracket', 'brackets', 'lantern', 'bollard', '1042', '1043', 'arm'];
        self::assertSame(['bracket', 'brackets'], Words::meant('brac', $known));
        self::assertSame(['lantern'], Words::meant('lantren', $known));
        self::assertSame(['lantern'], Words::meant('latern', $known));
        self::assertSame(['bollard'], Words::meant('bolard', $known));
        self::assertSame(['bracket', 'brackets'], Words::meant('brackte', $known));
        self::assertSame(['bench'], Words::meant('bemch', $known));
        self::assertSame([], Words::meant('1044', $known));
        self::assertSame(['1042', '1043'], Words::meant('104', $known));
        self::assertSame([], Words::meant('ram', $known));
        self::assertSame([], Words::meant('zebra', $known));
    }

    public function test_how_many_slips_are_forgiven_in_a_word(): void
    {
        self::assertSame([0, 0, 1, 1, 2, 2, 0, 0], array_map(
            Words::slips(...),
            ['a', 'arm', 'arms', 'braket', 'bracket', 'lampbracket', '1042', '26042026'],
        ));
    }

    public function test_the_nearest_are_meant_and_only_they(): void
    {
        // One slip before two; a swap of neighbours is one.
        self::assertSame(['lantern'], Words::meant('lantrn', ['lantern', 'latrine']));
        self::assertSame(['lantern'], Words::meant('lnatern', ['lantern', 'lattern']), 'a swap is one slip');
        self::assertSame([], Words::meant('lnarten', ['lantern']), 'two swaps are too many');
        self::assertSame(['lanterns'], Words::meant('lantrens', ['lantern', 'lanterns', 'lamp']));
        self::assertSame([], Words::meant('lantern', ['lant']), 'what is much shorter is another word');
        self::assertSame(['bench', 'benches'], Words::meant('benhc', ['bench', 'benches', 'beach']));
        self::assertSame(['bollards'], Words::meant('bollrad', ['bollards', 'board']), 'as a longer word begins');
        self::assertSame([], Words::meant('arx', ['arm']), 'in three letters nothing is forgiven');
        self::assertSame(['armx'], Words::meant('arms', ['armx', 'oars']), 'in four one is');
        self::assertSame([], Words::meant('', []));
        self::assertSame(40, strlen(Words::of(str_repeat('a', 50))[0]));
    }
}
