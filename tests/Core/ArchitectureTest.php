<?php

declare(strict_types=1);

/* What may use what. The order of the folders is the order of the story in core/README.md. */

const FOLDERS = ['Quantity', 'Water', 'Rice', 'Vessel', 'Pan', 'Season', 'Method', 'Planning', 'Mise', 'Live', 'Safety', 'Learning'];

arch('the core knows no framework and no application')
    ->expect('Velko\Core')
    ->not->toUse(['Illuminate', 'App', 'Symfony', 'Carbon', 'Opis']);

arch('the core reads no clock, no file, no chance and no globals')
    ->expect(['time', 'microtime', 'hrtime', 'date', 'strtotime', 'rand', 'mt_rand', 'random_int', 'random_bytes', 'fopen', 'file_get_contents', 'file_put_contents', 'getenv', 'env', 'config', 'app', 'header', 'echo', 'print_r', 'var_dump', 'dd'])
    ->not->toBeUsedIn('Velko\Core');

arch('core code is strict about types')->expect('Velko\Core')->toUseStrictTypes();
arch('application code is strict about types')->expect('App')->toUseStrictTypes();

arch('classes of the core are closed')->expect('Velko\Core')->classes()->toBeFinal();

arch('values of planning do not change')
    ->expect(['Velko\Core\Planning\Ask', 'Velko\Core\Planning\Plan', 'Velko\Core\Planning\Stage', 'Velko\Core\Planning\Warning', 'Velko\Core\Live\Touch', 'Velko\Core\Live\Replay', 'Velko\Core\Vessel\Pan', 'Velko\Core\Vessel\Burner', 'Velko\Core\Quantity\Volume'])
    ->toBeReadonly();

arch('controllers do not reach into the tables of a kitchen by hand')
    ->expect('App\Http\Controllers')
    ->not->toUse('Illuminate\Support\Facades\DB');

test('each folder of the core uses only those before it', function (string $folder, array $later): void {
    $files = glob(__DIR__."/../../core/$folder/*.php");
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
