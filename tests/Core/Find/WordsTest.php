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
}
