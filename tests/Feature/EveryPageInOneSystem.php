<?php

declare(strict_types=1);

namespace Tests\Feature;

/** Opens every page of the demo shop, each of which says what it says in the reader's units. */
trait EveryPageInOneSystem
{
    use EveryPage;

    /** @param  string  $foreign  units of the other system, as alternatives of a pattern */
    private function opensEveryPageIn(string $system, string $foreign): void
    {
        $this->mara->update(['unit_system' => $system]);
        $pages = self::everyPage();
        self::assertGreaterThan(500, count($pages));
        foreach ($pages as $page) {
            $answer = $this->actingAs($this->mara->refresh())->get($page);
            self::assertSame(200, $answer->getStatusCode(), $page);
            // Devices speak SI to every reader.
            if (! str_starts_with($page, '/practice') && $page !== '/devices/door') {
                $this->saysNothingIn($foreign, (string) $answer->getContent(), $page);
            }
        }
    }

    /** What the app itself says is in the reader's units; what a person typed stays as typed. */
    private function saysNothingIn(string $foreign, string $html, string $page): void
    {
        $html = (string) preg_replace('~<(script|style|option)[^>]*>.*?</\1>~s', '', $html);
        $text = str_ireplace('old chip in the skirt, 30 mm', '', html_entity_decode(strip_tags($html)));
        // Examples of what a field understands are in the other system on purpose.
        $text = (string) preg_replace(['/“[^”]+”/u', '/°C, kg, mm, µm|°F, lb, in, mil/u'], '', $text);
        self::assertDoesNotMatchRegularExpression("/\d ?({$foreign})(?![\p{L}\/²])/u", $text, $page);
    }
}
