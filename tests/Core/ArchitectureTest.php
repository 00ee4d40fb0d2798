<?php

declare(strict_types=1);

/* What may use what. The order of the folders is the order of the story in core/README.md. */

const FOLDERS = ['Quantity', 'Water', 'Rice', 'Vessel', 'Pan', 'Act', 'Food', 'Season', 'Ticket', 'Cook', 'Crust', 'Method', 'Planning', 'Family', 'Mise', 'Recipe', 'Live', 'Safety', 'Learning', 'Night'];

arch('the core knows no framework and no application')
    ->expect('Velko\Core')
    ->not->toUse(['Illuminate', 'App', 'Symfony', 'Carbon', 'Opis']);

arch('the core reads no clock, no file, no chance and no globals')
    ->expect(['time', 'microtime', 'hrtime', 'date', 'strtotime', 'rand', 'mt_rand', 'random_int', 'random_bytes', 'fopen', 'file_get_contents', 'file_put_contents', 'getenv', 'env', 'config', 'app', 'header', 'echo', 'print_r', 'var_dump', 'dd'])
    ->not->toBeUsedIn('Velko\Core');

arch('core code is strict about types')->expect('Velko\Core')->toUseStrictTypes();
arch('application code is strict about types')->expect('App')->toUseStrictTypes();

arch('classes of the core are closed')->expect('Velko\Core')->classes()->toBeFinal();

/** What changes, by name: the pan itself and whoever plays it, what is added up, and what remembers an answer it has worked out once. */
const CHANGES = [
    'Pan\State', 'Pan\Track', 'Pan\Simulation', 'Planning\Cooking', 'Learning\Gaussian', 'Learning\CookLikelihood', 'Learning\OwnDifferences', 'Learning\Posterior', 'Live\ActualRun', 'Act\Rehearsal',
    'Pan\Crust', 'Pan\FloorPlace', 'Crust\CrustMaking', 'Family\PanRice\PanRicePlanner', 'Family\Families',
    'Night\Occupancy', 'Night\PlannedTimetables',
];

/** @return iterable<ReflectionClass<object>> of the core, by what it is called below Velko\Core */
function core(): iterable
{
    $root = dirname(__DIR__, 2).'/core/';
    foreach (sources($root, 'php') as $file) {
        $name = strtr(substr($file, strlen($root), -4), '/', '\\');
        yield $name => new ReflectionClass("Velko\\Core\\$name");
    }
}

test('values of the core do not change, but for what is named', function (): void {
    $changes = [];
    foreach (core() as $name => $class) {
        $own = array_filter($class->getProperties(), static fn (ReflectionProperty $property): bool => ! $property->isReadOnly() && $property->getDeclaringClass()->name === $class->name);
        if ($own !== [] && ! $class->isSubclassOf(Throwable::class)) {
            $changes[] = $name;
        }
    }
    expect($changes)->toEqualCanonicalizing(CHANGES);
});

test('a pan is a vessel, or the number of one', function (): void {
    $called = [];
    foreach (core() as $name => $class) {
        foreach ([...$class->getProperties(), ...array_merge(...array_map(static fn (ReflectionMethod $method): array => $method->getParameters(), $class->getMethods()), ...[[]])] as $property) {
            if ($property->getName() === 'pan' && ! in_array((string) $property->getType(), ['Velko\Core\Vessel\Pan', '?Velko\Core\Vessel\Pan', 'int', '?int'], true)) {
                $called[] = "$name: {$property->getType()}";
            }
        }
    }
    expect($called)->toBe([]);
});

test('whatever writes to the database is called by what it does', function (): void {
    $silent = [];
    foreach (['Bench', 'Stove', 'Dish', 'Kitchen', 'Exchange', 'People', 'Devices', 'Learning', 'Log', 'Night'] as $folder) {
        foreach (sources(dirname(__DIR__, 2)."/app/$folder", 'php') as $file) {
            $writes = preg_match('/DB::transaction|->(save|delete|insert|upsert)\(|::query\(\)->create\(|->update\(\[/', (string) file_get_contents($file)) === 1;
            if ($writes && preg_match('/^(Delete|Hear|Import|Open|Save|Send|SetUp|SignIn|Start)|Store\.php$/', basename($file)) !== 1) {
                $silent[] = basename($file);
            }
        }
    }
    expect($silent)->toBe([]);
});

arch('controllers do not reach into the tables of a kitchen by hand')
    ->expect('App\Http\Controllers')
    ->not->toUse('Illuminate\Support\Facades\DB');

test('each folder of the core uses only those before it', function (string $folder, array $later): void {
    $files = [...sources(dirname(__DIR__, 2)."/core/$folder", 'php')];
    expect($files)->not->toBeEmpty();
    foreach ($files as $file) {
        preg_match_all('/Velko\\\\Core\\\\(\w+)\\\\/', file_get_contents($file), $used);
        expect(array_intersect(array_unique($used[1]), $later))->toBe([], basename($file).' reaches forward');
    }
})->with(array_map(static fn (int $i): array => [FOLDERS[$i], array_slice(FOLDERS, $i + 1)], array_keys(FOLDERS)));

test('there is no folder in the core that the story leaves out', function (): void {
    $folders = array_map(basename(...), glob(__DIR__.'/../../core/*', GLOB_ONLYDIR));
    expect($folders)->toEqualCanonicalizing(FOLDERS);
});

/** @return iterable<string> source files of these kinds, nested folders and all */
function sources(string $folder, string ...$kinds): iterable
{
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
        if (in_array(pathinfo((string) $file, PATHINFO_EXTENSION), $kinds, true)) {
            yield (string) $file;
        }
    }
}

/** @return array<string, array<string, true>> folder to the folders it uses, by namespace */
function usedInPhp(string $root, string $namespace): array
{
    $uses = [];
    foreach (sources($root, 'php') as $file) {
        $folder = trim(substr(dirname($file), strlen($root)), '/');
        preg_match_all('/\b'.preg_quote($namespace, '/').'\\\\((?:\w+\\\\)*)\w+/', (string) preg_replace('/^namespace .*$/m', '', (string) file_get_contents($file)), $found);
        foreach ($found[1] as $used) {
            $uses[$folder][trim(str_replace('\\', '/', $used), '/')] = true;
        }
    }

    return $uses;
}

/** @return array<string, array<string, true>> */
function usedInScript(string $root): array
{
    $uses = [];
    foreach (sources($root, 'ts', 'tsx') as $file) {
        $folder = trim(substr(dirname($file), strlen($root)), '/');
        preg_match_all("#from '(\.[^']+)'#", (string) file_get_contents($file), $found);
        foreach ($found[1] as $path) {
            $parts = [];
            foreach (explode('/', "$folder/$path") as $part) {
                $part === '..' ? array_pop($parts) : ($part === '.' || $part === '' ? null : $parts[] = $part);
            }
            $uses[$folder][implode('/', array_slice($parts, 0, -1))] = true;
        }
    }

    return $uses;
}

/**
 * @param  array<string, array<string, true>>  $uses
 *
 * @return list<string> folders that are used by what they use
 */
function inCycles(array $uses): array
{
    $reaches = function (string $from) use ($uses): array {
        $seen = [];
        $next = array_keys($uses[$from] ?? []);
        while (($folder = array_pop($next)) !== null) {
            if (! isset($seen[$folder]) && $folder !== $from) {
                $seen[$folder] = true;
                $next = [...$next, ...array_keys($uses[$folder] ?? [])];
            }
        }

        return $seen;
    };
    $found = [];
    foreach (array_keys($uses) as $folder) {
        foreach (array_keys($reaches($folder)) as $used) {
            if (isset($reaches($used)[$folder]) || isset($uses[$used][$folder])) {
                $found[] = $folder === '' ? '.' : $folder;

                break;
            }
        }
    }
    sort($found);

    return $found;
}

test('no folder is used by what it uses', function (): void {
    $root = dirname(__DIR__, 2);
    expect(inCycles(['a' => ['b' => true], 'b' => ['c' => true], 'c' => ['a' => true], 'd' => ['a' => true]]))->toBe(['a', 'b', 'c'])
        ->and(inCycles(usedInPhp("$root/app", 'App')))->toBe([])
        ->and(inCycles(usedInScript("$root/resources/js")))->toBe([])
        ->and(inCycles(usedInPhp("$root/core", 'Velko\\Core')))->toBe([]);
});

test('only its own folder, and where it is entered, knows a family', function (): void {
    $root = dirname(__DIR__, 2);
    $known = [];
    foreach (['core', 'app', 'database', 'routes'] as $folder) {
        foreach (sources("$root/$folder", 'php') as $file) {
            $code = (string) preg_replace('#/\*.*?\*/|//[^\n]*#s', '', (string) file_get_contents($file));
            if (preg_match('/Family\\\\(Risotto|PanRice|SoupyRice)\b|(===|!==)\s*\'(risotto|pan-rice|soupy-rice)\'|\'(risotto|pan-rice|soupy-rice)\'\s*=>/', $code) === 1) {
                $known[] = substr($file, strlen($root) + 1);
            }
        }
    }
    sort($known);
    expect(array_values(array_filter($known, static fn (string $file): bool => ! str_starts_with($file, 'core/Family/'))))->toBe([]);
});

test('a docblock is a sentence: it begins with a capital and ends with a full stop', function (): void {
    $loose = [];
    foreach ([...sources(dirname(__DIR__, 2).'/core', 'php'), ...sources(dirname(__DIR__, 2).'/app', 'php')] as $file) {
        foreach (PhpToken::tokenize((string) file_get_contents($file)) as $token) {
            // The text before the first tag, without the stars.
            $text = trim((string) preg_replace(['#^/\*\*|\*/$#', '/^\s*\*/m', '/(^|\s)@\w.*$/s'], '', $token->is(T_DOC_COMMENT) ? $token->text : ''));
            if ($text !== '' && preg_match('/^[\p{Lu}\d"`{(−].*[.:}?)]$/su', $text) !== 1) {
                $loose[] = basename($file).":$token->line $text";
            }
        }
    }
    expect($loose)->toBe([]);
});
