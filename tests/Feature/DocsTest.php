<?php

declare(strict_types=1);

/* A reader who follows the docs finds what they name. */

const PAGES = ['README.md', 'CONTRIBUTING.md', 'core/README.md', 'contracts/README.md', 'docs/*.md', 'docs/decisions/*.md'];

/** Where a file that is named without its whole way may lie. */
const FROM = ['', 'app/', 'core/', 'docs/', 'resources/js/', 'tests/', 'bin/', 'contracts/', 'core/Planning/', 'public/'];

/** @return array<string, string> by page */
function pages(): array
{
    $texts = [];
    foreach (PAGES as $page) {
        foreach (glob(base_path($page)) ?: [] as $file) {
            $texts[substr($file, strlen(base_path()) + 1)] = (string) file_get_contents($file);
        }
    }

    return $texts;
}

/** @return list<string> what stands between backticks on a line */
function named(string $text): array
{
    preg_match_all('/(?<!`)`([^`\n]+)`(?!`)/', $text, $found);

    return array_values(array_unique($found[1]));
}

/** @return list<string> with {one,other} written out */
function writtenOut(string $path): array
{
    if (preg_match('/^(.*)\{([^}]+)\}(.*)$/', $path, $parts) !== 1) {
        return [$path];
    }

    return array_merge(...array_map(static fn (string $alternative): array => writtenOut($parts[1].trim($alternative).$parts[3]), explode(',', $parts[2])));
}

function isThere(string $path, string $page): bool
{
    return array_filter([...FROM, dirname($page).'/'], static fn (string $from): bool => file_exists(base_path($from.$path))) !== [];
}

/** @return list<string> sources of classes of this name */
function sourcesOf(string $class): array
{
    $parts = explode('\\', $class);
    $end = implode('/', array_slice($parts, -2)).'.php';
    $files = [];
    foreach (['core', 'app', 'database', 'tests'] as $folder) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path($folder), FilesystemIterator::SKIP_DOTS)) as $file) {
            $path = (string) $file;
            if (str_ends_with($path, '/'.$end) || (count($parts) === 1 && basename($path) === "$parts[0].php")) {
                $files[] = (string) file_get_contents($path);
            }
        }
    }

    return $files;
}

/** @return list<string> */
function missingFiles(string $page, string $text): array
{
    $missing = [];
    foreach (named($text) as $name) {
        if (preg_match('#^[\w.{},/-]+\.(php|tsx?|mjs|json|md|c|neon|sh)$#', $name) === 1 && ! str_starts_with($name, '.')) {
            $missing = [...$missing, ...array_filter(writtenOut($name), static fn (string $path): bool => ! isThere($path, $page))];
        }
    }
    preg_match_all('#\]\((?!https?:)([\w./-]+\.(?:md|png))\)#', $text, $links);
    $missing = [...$missing, ...array_filter($links[1], static fn (string $link): bool => ! file_exists(dirname(base_path($page)).'/'.$link))];

    return array_values($missing);
}

/** @return list<string> */
function missingNames(string $text): array
{
    $missing = [];
    foreach (named($text) as $name) {
        if (preg_match('/^([A-Z][\w\\\\]*)::\$?(\w+)(\(.*\))?$/', $name, $parts) === 1 && array_filter(sourcesOf($parts[1]), static fn (string $source): bool => preg_match("/\b(function|const|case) $parts[2]\b|\\\$$parts[2]\b/", $source) === 1) === []) {
            $missing[] = $name;
        }
    }
    preg_match_all('#`((?:[\w-]+/)*\w+\.php)`, `(\w+)`#', $text, $pairs, PREG_SET_ORDER);
    foreach ($pairs as [$pair, $file, $method]) {
        $source = implode('', array_map(static fn (string $from): string => is_file(base_path($from.$file)) ? (string) file_get_contents(base_path($from.$file)) : '', FROM));
        if (preg_match("/function $method\b/", $source) !== 1) {
            $missing[] = $pair;
        }
    }

    return $missing;
}

it('names no file that is not there', function (): void {
    foreach (pages() as $page => $text) {
        expect(missingFiles($page, $text))->toBe([], $page);
    }
});

it('names no method, constant or case that is not there', function (): void {
    foreach (pages() as $page => $text) {
        expect(missingNames($text))->toBe([], $page);
    }
});

it('defines each word of the glossary once, by classes and fields that are there', function (): void {
    preg_match_all('/^\| ([^|]+) \|(?: (?:trade|field)) \|[^|]+\|([^|]*)\|([^|]*)\|$/m', (string) file_get_contents(base_path('docs/glossary.md')), $rows);
    $contracts = implode('', array_map(static fn (string $file): string => (string) file_get_contents($file), glob(base_path('contracts/*.json')) ?: []));
    expect(count($rows[1]))->toBeGreaterThan(40)->and(array_diff_assoc($rows[1], array_unique($rows[1])))->toBe([]);
    foreach ($rows[1] as $at => $term) {
        foreach (named($rows[2][$at]) as $class) {
            expect(is_file(base_path('core/'.strtr($class, '\\', '/').'.php')))->toBeTrue("$term: $class");
        }
        foreach (named($rows[3][$at]) as $field) {
            $isThere = str_contains($contracts, '"'.explode(':', $field)[0].'"') || is_file(base_path("contracts/$field"));
            expect($isThere)->toBeTrue("$term: $field");
        }
    }
});
