<?php

declare(strict_types=1);

namespace Tests\Core\Search;

use Aenum\Core\Search\Vocabulary;
use PHPUnit\Framework\TestCase;

final class VocabularyTest extends TestCase
{
    public function test_text_becomes_plain_words(): void
    {
        self::assertSame(
            ['bench', 'ends', 'promenade', '1042', 'lot', '26', '0417'],
            Vocabulary::of('Bench ends, PROMENADE (1042) bench lot 26-0417'),
        );
        self::assertSame(['geloender', 'cafe', 'aalborg'], Vocabulary::of('Gelönder Café Ålborg'));
        self::assertSame([], Vocabulary::of("\xff ,;!"));
    }

    public function test_slips_are_forgiven_by_length_and_numbers_are_not(): void
    {
        $known = ['bench', 'bracket', 'brackets', 'lantern', 'bollard', '1042', '1043', 'arm'];
        self::assertSame(['bracket', 'brackets'], Vocabulary::meant('brac', $known));
        self::assertSame(['lantern'], Vocabulary::meant('lantren', $known));
        self::assertSame(['lantern'], Vocabulary::meant('latern', $known));
        self::assertSame(['bollard'], Vocabulary::meant('bolard', $known));
        self::assertSame(['bracket', 'brackets'], Vocabulary::meant('brackte', $known));
        self::assertSame(['bench'], Vocabulary::meant('bemch', $known));
        self::assertSame([], Vocabulary::meant('1044', $known));
        self::assertSame(['1042', '1043'], Vocabulary::meant('104', $known));
        self::assertSame([], Vocabulary::meant('ram', $known));
        self::assertSame([], Vocabulary::meant('zebra', $known));
    }

    public function test_how_many_slips_are_forgiven_in_a_word(): void
    {
        self::assertSame([0, 0, 1, 1, 2, 2, 0, 0], array_map(
            Vocabulary::slips(...),
            ['a', 'arm', 'arms', 'braket', 'bracket', 'lampbracket', '1042', '26042026'],
        ));
    }

    public function test_the_nearest_are_meant_and_only_they(): void
    {
        // One slip before two; a swap of neighbours is one.
        self::assertSame(['lantern'], Vocabulary::meant('lantrn', ['lantern', 'latrine']));
        self::assertSame(['lantern'], Vocabulary::meant('lnatern', ['lantern', 'lattern']), 'a swap is one slip');
        self::assertSame([], Vocabulary::meant('lnarten', ['lantern']), 'two swaps are too many');
        self::assertSame(['lanterns'], Vocabulary::meant('lantrens', ['lantern', 'lanterns', 'lamp']));
        self::assertSame([], Vocabulary::meant('lantern', ['lant']), 'what is much shorter is another word');
        self::assertSame(['bench', 'benches'], Vocabulary::meant('benhc', ['bench', 'benches', 'beach']));
        self::assertSame(['bollards'], Vocabulary::meant('bollrad', ['bollards', 'board']), 'as a longer word begins');
        self::assertSame([], Vocabulary::meant('arx', ['arm']), 'in three letters nothing is forgiven');
        self::assertSame(['armx'], Vocabulary::meant('arms', ['armx', 'oars']), 'in four one is');
        self::assertSame([], Vocabulary::meant('', []));
        self::assertSame(40, strlen(Vocabulary::of(str_repeat('a', 50))[0]));
    }
}
