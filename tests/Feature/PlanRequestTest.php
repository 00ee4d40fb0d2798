<?php

declare(strict_types=1);

use App\Contracts\PlanRequestDocument;
use Tests\Core\Kitchens;
use Velko\Core\Food\Portion;
use Velko\Core\Method\HeatChange;
use Velko\Core\Method\LidChange;
use Velko\Core\Method\PanHeat;
use Velko\Core\Planning\Ask;

/* An ask that is written down and read again asks the same. */

dataset('asks', function (): iterable {
    yield from array_map(static fn (Ask $ask): array => [$ask], iterator_to_array(Kitchens::ofEveryFamily(15, 611)));
    yield 'on a track, under a lid' => [Kitchens::ask(track: [new HeatChange(0, 'medium'), new HeatChange(6.5, 'low')], lid: [new LidChange(1, true), new LidChange(3, false)], butter: 12, cheese: 15, extras: 35)];
    yield 'with the stock given' => [Kitchens::panRice(given: 900.0)];
    yield from array_map(static fn (Ask $ask): array => [$ask], iterator_to_array((static function (): iterable {
        foreach (Kitchens::ofEveryFamily(6, 612) as $name => $ask) {
            yield "$name, with everything else" => Kitchens::withFood($ask, crc32($name));
            yield "$name, by other schools" => Kitchens::withSchools($ask, crc32($name));
        }
    })()));
    yield 'on two marks' => [Kitchens::panRice()->withPanHeat(new PanHeat('high', 'medium-low'))];
});

it('is the same ask after being written down, and nothing is taken for granted', function (Ask $ask): void {
    $document = PlanRequestDocument::read((string) json_encode(PlanRequestDocument::from($ask)));
    $again = $document->ask();
    $flat = static fn (Ask $one): array => array_map(static fn (mixed $value): mixed => is_numeric($value) ? round($value, 9) : $value, Illuminate\Support\Arr::dot(PlanRequestDocument::from($one)));
    expect($flat($again))->toEqual($flat($ask))
        ->and($document->assumed())->toBe([])
        ->and($again->grain)->toEqual($ask->grain)
        ->and($again->method)->toEqual($ask->method)
        ->and($again->pan)->toEqual($ask->pan)
        ->and($again->burner)->toEqual($ask->burner)
        ->and($again->target)->toEqual($ask->target)
        ->and(array_map(static fn (Portion $one): array => [$one->name, $one->goes, round($one->mass(), 6), round($one->add()->capacity, 6), round($one->add()->gives, 6)], array_values($again->food)))
        ->toEqual(array_map(static fn (Portion $one): array => [$one->name, $one->goes, round($one->mass(), 6), round($one->add()->capacity, 6), round($one->add()->gives, 6)], array_values($ask->food)));
})->with('asks');
