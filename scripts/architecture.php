<?php

declare(strict_types=1);

/**
 * Draws docs/architecture.svg from the imports of the code: a box for each folder, a line where it uses another. Lines
 * only go up. Of app, controllers and the models of other contexts are left out, as in ArchitectureTest.
 * Run it after folders changed.
 */

use Tests\Core\ArchitectureTest;

require dirname(__DIR__).'/vendor/autoload.php';

const BOX_W = 128;
const BOX_H = 40;
const GAP_X = 18;
const GAP_Y = 34;
const MARGIN = 24;
const TITLE = 34;

$root = dirname(__DIR__);

/** @return array<string, array{int, int}> folder => files, lines */
function folders(string $root, string $layer): array
{
    $found = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$root}/{$layer}")) as $file) {
        $isOwn = $file instanceof SplFileInfo && $file->getExtension() === 'php';
        if ($isOwn && $file->getPath() !== "{$root}/{$layer}") {
            $parts = explode('/', substr($file->getPathname(), strlen("{$root}/{$layer}/")));
            $name = $parts[0];
            $found[$name] ??= [0, 0];
            $found[$name][0]++;
            $found[$name][1] += count(file($file->getPathname()) ?: []);
        }
    }

    return $found;
}

/** @return array<string, array<string, true>> folder => the folders it imports */
function uses(string $root, string $layer, string $namespace): array
{
    $uses = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$root}/{$layer}")) as $file) {
        if (! $file instanceof SplFileInfo || $file->getExtension() !== 'php') {
            continue;
        }
        $path = explode('/', substr($file->getPathname(), strlen("{$root}/{$layer}/")));
        $own = $path[0];
        if ($layer === 'app' && ($path[1] ?? '') === 'Http') {
            continue;
        }
        preg_match_all("~\\b{$namespace}\\\\([\\w\\\\]+)~", (string) file_get_contents($file->getPathname()), $found);
        foreach ($found[1] as $used) {
            [$other, $kind] = explode('\\', "{$used}\\");
            if ($other !== $own && $kind !== 'Models') {
                $uses[$own][$other] = true;
            }
        }
    }

    return $uses;
}

/**
 * Returns folders in rows: each in the first row below everything it uses.
 *
 * @param  list<string>  $order  each uses only those before it
 * @param  array<string, array<string, true>>  $uses
 * @return list<list<string>>
 */
function rows(array $order, array $uses): array
{
    $row = $rows = [];
    foreach ($order as $name) {
        $above = array_intersect_key($row, $uses[$name] ?? []);
        $row[$name] = $above === [] ? 0 : 1 + max($above);
        $rows[$row[$name]][] = $name;
    }
    ksort($rows);

    return $rows;
}

/**
 * @param  list<list<string>>  $rows
 * @return array{string, int, int} the picture, its width and height
 */
function drawn(string $title, array $rows, array $folders, array $uses, int $top): array
{
    $widest = max(array_map(count(...), $rows));
    $width = 2 * MARGIN + $widest * (BOX_W + GAP_X) - GAP_X;
    $at = [];
    foreach ($rows as $r => $row) {
        $left = ($width - count($row) * (BOX_W + GAP_X) + GAP_X) / 2;
        foreach ($row as $c => $name) {
            $at[$name] = [$left + $c * (BOX_W + GAP_X), $top + TITLE + $r * (BOX_H + GAP_Y)];
        }
    }
    $svg = sprintf('<text class="title" x="%d" y="%d">%s</text>', MARGIN, $top + 16, $title)."\n";
    foreach ($uses as $own => $others) {
        foreach (array_keys($others) as $other) {
            if (isset($at[$own], $at[$other])) {
                [$x1, $y1] = [$at[$own][0] + BOX_W / 2, $at[$own][1]];
                [$x2, $y2] = [$at[$other][0] + BOX_W / 2, $at[$other][1] + BOX_H];
                $mid = ($y1 + $y2) / 2;
                $svg .= "<path d=\"M{$x1} {$y1}C{$x1} {$mid} {$x2} {$mid} {$x2} {$y2}\" />\n";
            }
        }
    }
    foreach ($at as $name => [$x, $y]) {
        [$files, $lines] = $folders[$name] ?? [0, 0];
        $svg .= sprintf('<rect x="%g" y="%g" width="%d" height="%d" rx="5" />', $x, $y, BOX_W, BOX_H);
        $svg .= sprintf('<text x="%g" y="%g">%s</text>', $x + 9, $y + 17, $name);
        $size = "{$files} files, {$lines} lines";
        $svg .= sprintf('<text class="soft" x="%g" y="%g">%s</text>', $x + 9, $y + 32, $size)."\n";
    }

    return [$svg, $width, $top + TITLE + count($rows) * (BOX_H + GAP_Y)];
}

$core = drawn('core', ArchitectureTest::CORE, folders($root, 'core'), uses($root, 'core', 'Aenum\\\\Core'), MARGIN);
$order = array_values(array_diff(ArchitectureTest::APP, ['Providers']));
$contexts = uses($root, 'app', 'App');
$app = drawn('app', rows($order, $contexts), folders($root, 'app'), $contexts, $core[2] + 10);
$width = max($core[1], $app[1]);
file_put_contents("{$root}/docs/architecture.svg", <<<SVG
    <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 {$width} {$app[2]}" width="{$width}" height="{$app[2]}">
    <style>
    svg { background: #fbfcfc; font: 13px sans-serif; }
    path { fill: none; stroke: #43504d; stroke-opacity: 0.22; stroke-width: 1.2; }
    rect { fill: #d7e9e4; stroke: #0a6354; }
    text { fill: #151d1c; } .soft { fill: #43504d; font-size: 11px; } .title { font-size: 16px; font-weight: bold; }
    </style>
    {$core[0]}{$app[0]}</svg>

    SVG);
echo "docs/architecture.svg\n";
