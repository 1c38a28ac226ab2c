<?php

declare(strict_types=1);

namespace Tests\Core\Files;

use Aenum\Core\Files\Node;
use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The one door every file comes in by. */
final class NodeTest extends TestCase
{
    public function test_values_are_read_by_kind_and_place(): void
    {
        $node = Node::parse(
            "\xEF\xBB\xBF".'{"a":{"n":3,"f":2.5,"w":7.0,"t":"é","b":true,"l":[1,{"n":4}]}}',
        )->object(['a']);
        $a = $node->need('a', 'an object')->object(['n', 'f', 'w', 't', 'b', 'l']);
        self::assertSame(3.0, $a->number('n'));
        self::assertSame(2.5, $a->numberOr('f', null));
        self::assertNull($a->numberOr('absent', null));
        self::assertSame(1.5, $a->numberOr('absent', 1.5));
        self::assertSame(7, $a->need('w', '')->asWhole());
        self::assertSame('é', $a->need('t', '')->asText());
        self::assertTrue($a->need('b', '')->asFlag());
        self::assertTrue($a->has('n'));
        self::assertNull($a->find('absent'));
        $list = $a->need('l', '')->list(1, 5);
        self::assertSame('a.l[1]', $list[1]->place);
        self::assertSame(4.0, $list[1]->number('n'));
        self::assertSame('é', $a->need('t', '')->oneOf(['e', 'é']));
    }

    /** @return array<string, array{\Closure(Node): mixed, string}> */
    public static function refusals(): array
    {
        return [
            'a missing key' => [fn (Node $n) => $n->number('absent'), 'absent is missing; allowed: a number'],
            'text' => [fn (Node $n) => $n->number('t'), 't is "warm"; allowed: a number'],
            'a list' => [fn (Node $n) => $n->number('l'), 'l is a list; allowed: a number'],
            'an empty list' => [
                fn (Node $n) => $n->need('e', '')->list(1, 3),
                'e is an empty list; allowed: 1 to 3 entries',
            ],
            'too long a list' => [
                fn (Node $n) => $n->need('l', '')->list(1, 2),
                'l has 3 entries; allowed: 1 to 2 entries',
            ],
            'an object for a list' => [
                fn (Node $n) => $n->need('o', '')->list(0, 2),
                'o is an object; allowed: a list of 0 to 2',
            ],
            'a list for an object' => [
                fn (Node $n) => $n->need('l', '')->object([]),
                'l is a list; allowed: an object',
            ],
            'half a piece' => [fn (Node $n) => $n->need('h', '')->asWhole(), 'h is 2.5; allowed: a whole number'],
            'a number for text' => [fn (Node $n) => $n->need('h', '')->asText(), 'h is 2.5; allowed: text'],
            'a number for a flag' => [
                fn (Node $n) => $n->need('h', '')->asFlag(),
                'h is 2.5; allowed: true or false',
            ],
            'null' => [fn (Node $n) => $n->number('z'), 'z is null; allowed: a number'],
            'an unknown word' => [
                fn (Node $n) => $n->need('t', '')->oneOf(['hot', 'cold']),
                't is "warm"; allowed: one of hot, cold',
            ],
            'a range within' => [
                fn (Node $n) => $n->need('o', '')->guard(fn () => Check::between('n', 9, 0, 5)),
                'o.n is 9; allowed: 0 to 5',
            ],
            'a range above' => [
                fn (Node $n) => $n->guard(fn () => Check::above('h', 0, 0, 5)),
                'h is 0; allowed: above 0, up to 5',
            ],
        ];
    }

    /** @param  \Closure(Node): mixed  $work */
    #[DataProvider('refusals')]
    public function test_a_refusal_says_place_finding_and_range(\Closure $work, string $said): void
    {
        $node = Node::parse('{"t":"warm","l":[1,2,3],"e":[],"o":{"n":9},"h":2.5,"z":null}');
        $this->expectExceptionMessage($said);
        $this->expectException(InvalidInput::class);
        $work($node);
    }

    public function test_a_refusal_is_one_line_however_wild_the_value(): void
    {
        foreach (["line\nbreak", "tab\t\x00nul", str_repeat('x', 5000), "\u{2028}", '"; DROP'] as $wild) {
            $message = InvalidInput::outside('field', $wild, 'anything else')->getMessage();
            self::assertMatchesRegularExpression('/^[^\x00-\x1F\x{2028}]+$/u', $message);
            self::assertLessThan(200, strlen($message));
        }
        self::assertSame(
            'items[2].mass_kg is -3; allowed: 0 or more',
            InvalidInput::negative('mass_kg', -3)
                ->within('items[2]')
                ->getMessage(),
        );
        self::assertSame(
            'the file is missing; allowed: something',
            InvalidInput::missing('', 'something')->getMessage(),
        );
    }
}
