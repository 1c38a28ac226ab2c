<?php

declare(strict_types=1);

namespace Tests\Core;

use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\RuleBook;
use PHPUnit\Framework\TestCase;

/** The layers go one way: the core knows nothing of the framework, and does no input or output of its own. */
final class ArchitectureTest extends TestCase
{
    private const ROOT = __DIR__.'/../../';

    /** @return array<string, string> path below the project => whole path, of every file of the core */
    public static function files(): array
    {
        $files = [];
        foreach (
            new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator(self::ROOT.'core', \FilesystemIterator::SKIP_DOTS),
            ) as $file
        ) {
            if (
                $file instanceof \SplFileInfo &&
                $file->getExtension() === 'php' &&
                $file->getBasename() !== 'autoload.php'
            ) {
                $files[substr($file->getPathname(), strlen(self::ROOT))] = $file->getPathname();
            }
        }

        return $files;
    }

    public function test_a_core_file_stands_alone(): void
    {
        // Time, chance and the outside come in as arguments.
        $banned = [
            '~\b(Illuminate|App|Symfony|Carbon|Laravel)\\\\~',
            '~(?<![\w>:\\\\])(time|microtime|date|rand|mt_rand|random_int|getenv|'
                .'file_get_contents|file_put_contents|curl_init|env|config|now)\(~',
            '~new \\\\?DateTime(Immutable)?\(\s*\)~',
        ];
        $wrong = [];
        foreach (self::files() as $file => $path) {
            $code = (string) file_get_contents($path);
            if (! str_contains($code, 'declare(strict_types=1);')) {
                $wrong[] = "{$file} is not strict";
            }
            foreach ($banned as $pattern) {
                if (preg_match($pattern, $code, $found) === 1) {
                    $wrong[] = "{$file} has {$found[0]}";
                }
            }
        }
        self::assertSame([], $wrong);
        self::assertGreaterThan(300, count(self::files()));
    }

    /** Constructors are documented in their class; what a rule fires on, once in Rule. */
    public function test_every_public_method_has_a_docblock(): void
    {
        $wrong = [];
        foreach (self::files() as $file => $path) {
            $lines = file($path) ?: [];
            $methods = '~^    (final |abstract )?public (static )?function (?!__construct|applies)\w+~';
            foreach (preg_grep($methods, $lines) ?: [] as $n => $line) {
                if (! str_ends_with(rtrim($lines[$n - 1]), '*/')) {
                    $wrong[] = "{$file}: ".trim($line);
                }
            }
        }
        self::assertSame([], $wrong);
    }

    public function test_every_class_is_loaded_by_the_core_s_own_loader_and_named_after_its_file(): void
    {
        foreach (array_keys(self::files()) as $file) {
            $class = 'Aenum\\Core\\'.strtr(substr($file, 5, -4), '/', '\\');
            self::assertTrue(class_exists($class) || interface_exists($class) || enum_exists($class), $class);
        }
    }

    /** Folders of core: each uses those of the groups before its own, and never another of its own group. */
    public const CORE = [
        ['Units', 'Search'],
        ['Trade'],
        ['Materials', 'Surface'],
        ['Geometry', 'Thermal'],
        ['Curing', 'Loggers', 'Preparation'],
        ['Application'],
        ['Routing'],
        ['Rules'],
        ['Advice'],
        ['Training', 'Inspection', 'Scheduling'],
        ['Quoting'],
        ['Files'],
        ['Cli'],
    ];

    public function test_core_s_folders_use_only_those_before_them(): void
    {
        $rank = [];
        foreach (self::CORE as $n => $group) {
            $rank += array_fill_keys($group, $n);
        }
        $wrong = [];
        foreach (self::files() as $file => $path) {
            $own = explode('/', $file)[1];
            self::assertArrayHasKey($own, $rank, "{$own} has no place in the list");
            preg_match_all('~Aenum\\\\Core\\\\(\w+)\\\\~', (string) file_get_contents($path), $uses);
            foreach (array_unique($uses[1]) as $used) {
                if ($used !== $own && $rank[$used] >= $rank[$own]) {
                    $wrong[] = "{$file} uses {$used}";
                }
            }
        }
        self::assertSame([], $wrong);
    }

    /**
     * Contexts of app: each uses only those before it. Two kinds of class are outside this order. Models mirror the
     * foreign keys of one database, so every context may use the models of every other. Controllers and requests are
     * the outermost layer: they may use every context, and nothing but another of their kind uses them.
     */
    public const APP = [
        'Platform', 'Accounts', 'Customers', 'Catalog', 'Routing', 'Intake', 'Preparation', 'Application', 'Curing',
        'ShopFloor', 'Inspection', 'Release', 'Scheduling', 'Quoting', 'DeviceApi', 'Training', 'Providers',
    ];

    /** Folders of a context; Platform, which is machinery, has its own. */
    private const LAYERS = ['Commands', 'Queries', 'ViewModels', 'Models', 'Http', 'Simulated'];

    public function test_a_context_of_app_uses_only_those_before_it(): void
    {
        $rank = array_flip(self::APP);
        $wrong = [];
        foreach (self::appFiles() as $file => $parts) {
            self::assertArrayHasKey($parts[1], $rank, "{$parts[1]} has no place in the list");
            preg_match_all('~\bApp\\\\(\w[\w\\\\]*)~', (string) file_get_contents(self::ROOT.$file), $uses);
            foreach (array_unique($uses[1]) as $used) {
                $other = explode('\\', $used);
                if ($this->isOutermost($parts)) {
                    continue;
                }
                if ($this->isOutermost(['app', ...$other]) && $other[0] !== 'Platform') {
                    $wrong[] = "{$file} uses {$used}, which is outermost";
                } elseif ($rank[$other[0]] > $rank[$parts[1]] && ($other[1] ?? '') !== 'Models') {
                    $wrong[] = "{$file} uses {$used}";
                }
            }
        }
        self::assertSame([], $wrong);
    }

    public function test_commands_queries_and_models_know_no_http_and_no_view_model(): void
    {
        $outer = '~Illuminate.Http.(?!UploadedFile)|Illuminate.Validation.ValidationException'
            .'|\b(request|session|redirect|view)\(|App.\w+.ViewModels~';
        $wrong = [];
        foreach (self::appFiles() as $file => $parts) {
            if (in_array($parts[2] ?? '', ['Commands', 'Queries', 'Models'], true)) {
                $found = preg_match($outer, (string) file_get_contents(self::ROOT.$file), $hit);
                $found === 1 ? $wrong[] = "{$file} has {$hit[0]}" : null;
            }
        }
        self::assertSame([], $wrong);
    }

    public function test_a_context_has_only_the_usual_layers(): void
    {
        $odd = [];
        foreach (self::appFiles() as $file => $parts) {
            if (! in_array($parts[1], ['Platform', 'Providers'], true) && count($parts) > 3) {
                in_array($parts[2], self::LAYERS, true) ? null : $odd[] = $file;
            }
        }
        self::assertSame([], $odd);
    }

    public function test_views_are_by_context(): void
    {
        $kebab = fn (string $name): string => strtolower((string) preg_replace('/(?<=[a-z])(?=[A-Z])/', '-', $name));
        $folders = array_map(basename(...), glob(self::ROOT.'resources/views/*') ?: []);
        self::assertSame([], array_diff($folders, ['components', ...array_map($kebab, self::APP)]));
    }

    /** @return array<string, list<string>> path below the project => its parts, of every file of app */
    private static function appFiles(): array
    {
        $found = [];
        foreach (array_keys(self::ownFiles()) as $file) {
            if (str_starts_with($file, 'app/')) {
                $found[$file] = explode('/', $file);
            }
        }

        return $found;
    }

    /** @param  list<string>  $parts */
    private function isOutermost(array $parts): bool
    {
        return $parts[1] === 'Providers' || ($parts[2] ?? '') === 'Http';
    }

    public function test_only_the_rule_book_knows_its_rules(): void
    {
        $keys = array_map(fn (Rule $rule): string => preg_quote($rule->key), RuleBook::all());
        $named = '~[\'"]('.implode('|', $keys).')[\'"]~';
        foreach (array_keys(self::ownFiles()) as $file) {
            if (preg_match('~^(app|resources)/~', $file) === 1) {
                self::assertDoesNotMatchRegularExpression($named, (string) file_get_contents(self::ROOT.$file), $file);
            }
        }
    }

    public function test_controllers_hold_no_computation_and_views_no_queries(): void
    {
        foreach (glob(self::ROOT.'app/*/Http/Controllers/*.php') ?: [] as $controller) {
            self::assertDoesNotMatchRegularExpression(
                '~(?<!>)\b(exp|log|sqrt|pow)\(~',
                (string) file_get_contents($controller),
                $controller,
            );
        }
        foreach (
            new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator(self::ROOT.'resources/views', \FilesystemIterator::SKIP_DOTS),
            ) as $view
        ) {
            $text = (string) file_get_contents((string) $view);
            self::assertStringNotContainsString('::query()', $text, (string) $view);
            self::assertStringNotContainsString('{!!', $text, (string) $view);
        }
    }

    private const OWN = ['php', 'js', 'mjs', 'css', 'sh'];

    private const OWN_ALONE = ['start', 'test', 'bin/aenum', 'bootstrap/app.php', 'playwright.config.mjs'];

    /** @return array<string, string> path below the project => whole path, of every file we wrote */
    private static function ownFiles(): array
    {
        $root = dirname(__DIR__, 2);
        $found = [];
        foreach (self::OWN_ALONE as $file) {
            $found[$file] = "{$root}/{$file}";
        }
        $folders = ['core', 'app', 'database', 'tests', 'routes', 'config', 'resources', 'scripts'];
        foreach ($folders as $folder) {
            $all = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator("{$root}/{$folder}"));
            foreach ($all as $file) {
                if ($file instanceof \SplFileInfo && in_array($file->getExtension(), self::OWN, true)) {
                    $found[substr($file->getPathname(), strlen($root) + 1)] = $file->getPathname();
                }
            }
        }

        return $found;
    }

    public function test_lines_fit_120_columns(): void
    {
        $long = [];
        foreach (self::ownFiles() as $file => $path) {
            foreach (explode("\n", (string) file_get_contents($path)) as $n => $line) {
                if (mb_strlen($line) > 120) {
                    $long[] = "{$file}:".($n + 1);
                }
            }
        }
        self::assertSame([], $long);
        self::assertGreaterThan(1000, count(self::ownFiles()));
    }
}
