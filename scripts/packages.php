<?php

declare(strict_types=1);

/**
 * PHP packages, pinned by version and by a hash of their files in composer.pins. A lock file would name the registry it
 * was made against; this one names nothing but packages.
 *
 *   php scripts/packages.php wanted       composer's arguments that ask for the pinned versions
 *   php scripts/packages.php check shop   fails where vendor/ holds anything else than what is pinned for a shop
 *   php scripts/packages.php check dev    the same with the packages for tests and analysis
 *   php scripts/packages.php pin          pins what vendor/ holds now, after a deliberate update
 *
 * Uses no code of a package, so that none runs before it is checked.
 */
$root = dirname(__DIR__);

/** @return array<string, array{string, string}> package => version, hash; without those for development on demand */
function pinned(string $root, bool $withDev = true): array
{
    $pins = [];
    foreach (file("{$root}/composer.pins", FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $line) {
        [$name, $version, $hash, $kind] = explode(' ', $line) + ['', '', '', ''];
        if ($withDev || $kind !== 'dev') {
            $pins[$name] = [$version, $hash];
        }
    }

    return $pins;
}

/** @return array<string, array{string, string}> package => version, hash of what is on the disk */
function installed(string $root): array
{
    $list = json_decode((string) @file_get_contents("{$root}/vendor/composer/installed.json"), true);
    $packages = [];
    foreach ($list['packages'] ?? [] as $package) {
        $packages[$package['name']] = [$package['version'], hashOf("{$root}/vendor/{$package['name']}")];
    }
    ksort($packages);

    return $packages;
}

/** @return list<string> those that only development needs */
function forDevelopment(string $root): array
{
    $list = json_decode((string) @file_get_contents("{$root}/vendor/composer/installed.json"), true);

    return $list['dev-package-names'] ?? [];
}

/** SHA-256 of every path below a folder with the SHA-256 of its content, in the order of the paths. */
function hashOf(string $folder): string
{
    $flags = FilesystemIterator::SKIP_DOTS | FilesystemIterator::KEY_AS_PATHNAME;
    $files = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, $flags)) as $path => $file) {
        $content = $file->isLink() ? 'link '.$file->getLinkTarget() : hash_file('sha256', $path);
        $files[substr($path, strlen($folder) + 1)] = $content;
    }
    ksort($files, SORT_STRING);
    $all = hash_init('sha256');
    foreach ($files as $path => $content) {
        hash_update($all, "{$path}\0{$content}\n");
    }

    return hash_final($all);
}

switch ($argv[1] ?? '') {
    case 'wanted':
        foreach (pinned($root) as $name => [$version]) {
            echo "--with={$name}:{$version}\n";
        }
        break;
    case 'pin':
        [$lines, $dev] = ['', forDevelopment($root)];
        foreach (installed($root) as $name => [$version, $hash]) {
            $lines .= "{$name} {$version} {$hash}".(in_array($name, $dev, true) ? ' dev' : '')."\n";
        }
        file_put_contents("{$root}/composer.pins", $lines);
        break;
    case 'check':
        [$pins, $found] = [pinned($root, ($argv[2] ?? '') !== 'shop'), installed($root)];
        $wrong = [];
        foreach ($pins + $found as $name => $ignored) {
            $wrong[] = match (true) {
                ! isset($found[$name]) => "{$name} is missing",
                ! isset($pins[$name]) => "{$name} {$found[$name][0]} is not pinned",
                $found[$name][0] !== $pins[$name][0] => "{$name} is {$found[$name][0]}, pinned is {$pins[$name][0]}",
                $found[$name][1] !== $pins[$name][1] => "{$name} {$pins[$name][0]} has other files than were pinned",
                default => null,
            };
        }
        $wrong = array_filter($wrong);
        fwrite(STDERR, $wrong === [] ? '' : implode("\n", $wrong)."\n");
        exit($wrong === [] ? 0 : 1);
    default:
        fwrite(STDERR, "usage: php scripts/packages.php wanted|check shop|check dev|pin\n");
        exit(2);
}
