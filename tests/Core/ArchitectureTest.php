<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The layers go one way: the core knows nothing of the framework, and does no input or output of its own. */
final class ArchitectureTest extends TestCase
{
    private const ROOT = __DIR__.'/../../';

    /** @return array<string, array{string}> */
    public static function files(): array
    {
        $files = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(self::ROOT.'core', \FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file instanceof \SplFileInfo && $file->getExtension() === 'php' && $file->getBasename() !== 'autoload.php') {
                $files[substr($file->getPathname(), strlen(self::ROOT))] = [$file->getPathname()];
            }
        }

        return $files;
    }

    #[DataProvider('files')]
    public function test_a_core_file_stands_alone(string $path): void
    {
        $code = (string) file_get_contents($path);
        self::assertStringContainsString('declare(strict_types=1);', $code);
        self::assertDoesNotMatchRegularExpression('~\b(Illuminate|App|Symfony|Carbon|Laravel)\\\\~', $code);
        // Time, chance and the outside come in as arguments.
        self::assertDoesNotMatchRegularExpression('~(?<![\w>:\\\\])(time|microtime|date|rand|mt_rand|random_int|getenv|file_get_contents|file_put_contents|curl_init|env|config|now)\(~', $code);
        self::assertDoesNotMatchRegularExpression('~new \\\\?DateTime(Immutable)?\(\s*\)~', $code);
        self::assertLessThan(330, substr_count($code, "\n"), 'a file this long is two things');
    }

    public function test_every_class_is_loaded_by_the_core_s_own_loader_and_named_after_its_file(): void
    {
        foreach (array_keys(self::files()) as $file) {
            $class = 'Aenum\\Core\\'.strtr(substr($file, 5, -4), '/', '\\');
            self::assertTrue(class_exists($class) || interface_exists($class) || enum_exists($class), $class);
        }
    }

    public function test_controllers_hold_no_computation_and_views_no_queries(): void
    {
        foreach (glob(self::ROOT.'app/Http/Controllers/*.php') ?: [] as $controller) {
            self::assertDoesNotMatchRegularExpression('~(?<!>)\b(exp|log|sqrt|pow)\(~', (string) file_get_contents($controller), $controller);
        }
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(self::ROOT.'resources/views', \FilesystemIterator::SKIP_DOTS)) as $view) {
            $text = (string) file_get_contents((string) $view);
            self::assertStringNotContainsString('::query()', $text, (string) $view);
            self::assertStringNotContainsString('{!!', $text, (string) $view);
            self::assertLessThan(160, substr_count($text, "\n"), (string) $view);
        }
    }
}
