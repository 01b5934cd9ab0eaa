<?php

declare(strict_types=1);

/*
 * Writes the exact version of every package that others pull in into composer.json, as a conflict with every other version: an installation then gets
 * what was tried. Run after a version was raised on purpose: take the package's line away, `composer update`, then this.
 */
$root = dirname(__DIR__, 2);
$wanted = json_decode((string) file_get_contents("$root/composer.json"));
$direct = (array) $wanted->require + (array) $wanted->{'require-dev'};
$pins = [];
foreach (json_decode((string) file_get_contents("$root/vendor/composer/installed.json"), true)['packages'] as $package) {
    if (! isset($direct[$package['name']])) {
        $pins[$package['name']] = '!='.ltrim($package['version'], 'v');
    }
}
ksort($pins);
$wanted->conflict = $pins;
file_put_contents("$root/composer.json", json_encode($wanted, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n");
echo count($pins)." packages held at their versions\n";
