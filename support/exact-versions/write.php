<?php

declare(strict_types=1);

/*
 * Keeps composer.json beside it: a package without anything in it that stands against every version of every package but
 * the one that is installed. It stands in for a lock file (support/README.md).
 */
$root = dirname(__DIR__, 2);
/** @var array{packages: list<array{name: string, version: string}>} $installed */
$installed = json_decode((string) file_get_contents("$root/vendor/composer/installed.json"), true, flags: JSON_THROW_ON_ERROR);
$conflict = [];
foreach ($installed['packages'] as ['name' => $name, 'version' => $version]) {
    // Our own lie in the tree itself.
    if (! str_starts_with($name, 'marrow/')) {
        $exact = ltrim($version, 'v');
        $conflict[$name] = "<$exact || >$exact";
    }
}
ksort($conflict);
$written = json_encode([
    'name' => 'marrow/exact-versions',
    'description' => 'The version of every PHP package that this is built and tested with; written by bin/exact-versions',
    'version' => '1.0.0',
    'type' => 'library',
    'conflict' => $conflict,
], JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
$file = __DIR__.'/composer.json';
if (in_array('--check', $argv, true)) {
    $was = (string) file_get_contents($file);
    if ($was !== $written) {
        $before = json_decode($was, true)['conflict'] ?? [];
        foreach (array_keys(array_diff_assoc($conflict, $before) + array_diff_assoc($before, $conflict)) as $name) {
            fwrite(STDERR, sprintf("%s: written down is %s, installed is %s.\n", $name, $before[$name] ?? 'nothing', $conflict[$name] ?? 'nothing'));
        }
        fwrite(STDERR, "The exact versions are stale: run bin/exact-versions.\n");
        exit(1);
    }
    exit(0);
}
file_put_contents($file, $written);
echo count($conflict)." packages are written down in support/exact-versions/composer.json.\n";
