<?php

declare(strict_types=1);

/**
 * Changes one figure or one operator of a core file at a time and asks the core tests whether they mind.
 *
 * Takes core files; with none, those changed since main. A change no test minds is a survivor: it is listed, and the
 * exit code is 1. The tests of the file's own folder and of the rule book are asked first, then all of core. What the
 * pinned trade tables mind is minded: the figure was checked when it was pinned.
 *
 * --near FILE... asks the folder's own tests and no others: a first sieve, in minutes for a whole folder.
 */

use Symfony\Component\Process\Process;

require dirname(__DIR__).'/vendor/autoload.php';

const SWAPS = [
    '<' => '<=', '<=' => '<', '>' => '>=', '>=' => '>', '&&' => '||', '||' => '&&', '===' => '!==', '!==' => '===',
    '+' => '-', '-' => '+', '*' => '/', '/' => '*', 'min' => 'max', 'max' => 'min',
    'true' => 'false', 'false' => 'true',
];

/** Longest a mutant may keep all tests busy, or the near ones, s; one that never ends is noticed as well. */
const PATIENCE_S = 300;
const PATIENCE_NEAR_S = 45;

$root = dirname(__DIR__);
$onlyNear = ($argv[1] ?? '') === '--near';
$files = array_slice($argv, $onlyNear ? 2 : 1) ?: array_filter(
    explode("\n", (string) shell_exec("cd {$root} && git diff --name-only origin/main -- core 2>/dev/null")),
);
$work = sys_get_temp_dir().'/aenum-mutants-'.getmypid();
mkdir($work);
file_put_contents("{$work}/bootstrap.php", <<<'PHP'
    <?php
    require getenv('MUTANT_ROOT').'/vendor/autoload.php';
    spl_autoload_register(function (string $class): void {
        if ($class === getenv('MUTANT_CLASS')) {
            require getenv('MUTANT_FILE');
        }
    }, true, true);
    PHP);

/** @return list<array{int, string, string, string}> line, what stands there, what is put there, the whole file so */
function mutants(string $code): array
{
    $tokens = PhpToken::tokenize($code);
    $found = [];
    $meant = fn (int $i, int $step): ?PhpToken => $tokens[$i + $step] ?? null;
    foreach ($tokens as $i => $token) {
        $put = match (true) {
            $token->is([T_LNUMBER, T_DNUMBER]) => bent($token->text),
            $token->is([T_COMMENT, T_DOC_COMMENT, T_INLINE_HTML, T_CONSTANT_ENCAPSED_STRING]) => null,
            in_array($token->text, ['-', '+'], true) && $meant($i, 1)?->text !== ' ' => null,
            in_array($token->text, ['min', 'max'], true) && $meant($i, 1)?->text !== '(' => null,
            default => SWAPS[strtolower($token->text)] ?? null,
        };
        if ($put !== null && ! str_contains(lineOf($code, $token->line), 'declare(')) {
            $so = substr($code, 0, $token->pos).$put.substr($code, $token->pos + strlen($token->text));
            $found[] = [$token->line, $token->text, $put, $so];
        }
    }

    return $found;
}

function bent(string $figure): string
{
    $value = (float) str_replace('_', '', $figure);

    return str_contains($figure, '.') || str_contains($figure, 'e')
        ? var_export($value === 0.0 ? 0.1 : $value * 1.03, true)
        : (string) ((int) $value + 1);
}

function lineOf(string $code, int $line): string
{
    return explode("\n", $code)[$line - 1] ?? '';
}

/** @param  list<string>  $tests */
function asked(string $root, string $work, string $class, string $file, array $tests, int $patience): Process
{
    $run = new Process(
        [PHP_BINARY, 'vendor/bin/phpunit', '--bootstrap', "{$work}/bootstrap.php", '--stop-on-defect', '--no-progress',
            '--do-not-cache-result', ...$tests],
        $root,
        ['MUTANT_CLASS' => $class, 'MUTANT_FILE' => $file, 'MUTANT_ROOT' => $root],
    );
    $run->setTimeout($patience);
    $run->start();

    return $run;
}

/** @return list<string> the tests of a file's own folder, of the rule book and of the pinned tables */
function near(string $file): array
{
    $folders = array_filter(['tests/Core/'.explode('/', $file)[1], 'tests/Core/Rule'], 'is_dir');
    $own = array_map(fn (string $folder): string => 'Core.'.basename($folder).'.', $folders);

    return ['--testsuite', 'core', '--filter', implode('|', ['TradeTables', ...$own])];
}

if ($files === []) {
    fwrite(STDERR, "Name a core file: nothing in core/ has changed since main.\n");
    exit(2);
}
$queue = [];
foreach ($files as $file) {
    $asIs = asked($root, $work, '', '', near($file), PATIENCE_NEAR_S);
    if ($asIs->wait() !== 0) {
        fwrite(STDERR, "The tests near {$file} fail as it is: mend them first.\n");
        exit(2);
    }
    foreach (mutants((string) file_get_contents("{$root}/{$file}")) as $n => $mutant) {
        $queue[] = [$file, $n, ...$mutant];
    }
}
$most = max(1, (int) shell_exec('nproc'));
$running = [];
$survived = [];
$total = count($queue);
while ($queue !== [] || $running !== []) {
    while (count($running) < $most && $queue !== []) {
        [$file, $n, $line, $was, $put, $code] = array_shift($queue);
        $path = "{$work}/".md5($file)."-{$n}.php";
        file_put_contents($path, $code);
        $class = 'Aenum\\Core\\'.strtr(substr($file, 5, -4), '/', '\\');
        $first = asked($root, $work, $class, $path, near($file), PATIENCE_NEAR_S);
        $running[] = [$first, "{$file}:{$line}  {$was} -> {$put}", $class, $path, true];
    }
    foreach ($running as $key => [$run, $says, $class, $path, $isFirst]) {
        try {
            $run->checkTimeout();
        } catch (Throwable) {
            unset($running[$key]);

            continue;
        }
        if ($run->isRunning()) {
            continue;
        }
        unset($running[$key]);
        if ($run->isSuccessful() && $isFirst && ! $onlyNear) {
            $all = asked($root, $work, $class, $path, ['--testsuite', 'core'], PATIENCE_S);
            $running[] = [$all, $says, $class, $path, false];
        } elseif ($run->isSuccessful()) {
            $survived[] = $says;
            echo "survived: {$says}\n";
        }
    }
    usleep(20_000);
}
array_map(unlink(...), glob("{$work}/*") ?: []);
rmdir($work);
printf("%d mutants, %d killed, %d survived\n", $total, $total - count($survived), count($survived));
exit($survived === [] ? 0 : 1);
