<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;

/** Every line of the checklist that names a test names one there is. */
final class SecurityChecklistTest extends TestCase
{
    public function test_every_test_it_names_is_there(): void
    {
        $root = dirname(__DIR__, 2);
        $page = (string) file_get_contents("{$root}/docs/security.md");
        $held = (string) strstr($page, '## Not held by a test', true);
        preg_match_all('/^- (.*?)(?=^- |^## |\z)/ms', $held, $lines);
        self::assertGreaterThan(25, count($lines[1]));
        foreach ($lines[1] as $line) {
            if (preg_match('~`(tests/\w+/run)`~', $line, $script) === 1) {
                self::assertFileExists("{$root}/{$script[1]}");

                continue;
            }
            self::assertSame(1, preg_match('/`(\w+Test)::(test_\w+)`/', $line, $named), $line);
            $files = [...glob("{$root}/tests/Feature/{$named[1]}.php") ?: [],
                ...glob("{$root}/tests/Core/*/{$named[1]}.php") ?: []];
            self::assertCount(1, $files, $named[1]);
            self::assertStringContainsString("function {$named[2]}(", (string) file_get_contents($files[0]), $line);
        }
    }
}
