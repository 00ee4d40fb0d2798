<?php

declare(strict_types=1);

use App\Contracts\BadDocument;
use App\Contracts\Fault;
use App\Contracts\PlanRequestDocument;
use Tests\Core\Kitchens;
use Velko\Core\Food\Portion;
use Velko\Core\Method\HeatChange;
use Velko\Core\Method\LidChange;
use Velko\Core\Method\PanHeat;
use Velko\Core\Method\PartCooking;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\PartCookedPlan;
use Velko\Core\Planning\Planner;
use Velko\Core\Vessel\Burner;

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
    $both = new PartCookedPlan(Kitchens::ask(covers: 6, base: 28, ring: 20, butter: 12), new PartCooking(0.65, 20.0));
    $ahead = Planner::plan($both->cookedAhead());
    yield 'cooked ahead' => [$ahead->ask];
    yield 'finished to order' => [$both->toOrder($both->cooled($ahead->ask, $ahead->pulled)->part)];
    $known = Kitchens::ask(covers: 6);
    yield 'with marks that are known better' => [$known->on(new Burner($known->burner->ring, $known->burner->net, spreads: [(string) array_key_last($known->burner->net) => 0.045]))];
    yield 'on two marks' => [Kitchens::panRice()->withPanHeat(new PanHeat('high', 'medium-low'))];
});

it('is the same ask after being written down, and nothing is taken for granted', function (Ask $ask): void {
    $document = PlanRequestDocument::read((string) json_encode(PlanRequestDocument::from($ask)));
    $again = $document->ask();
    $flat = static fn (Ask $ask): array => array_map(static fn (mixed $value): mixed => is_numeric($value) ? round($value, 9) : $value, Illuminate\Support\Arr::dot(PlanRequestDocument::from($ask)));
    expect($flat($again))->toEqual($flat($ask))
        ->and($document->assumed())->toBe([])
        ->and($again->grain)->toEqual($ask->grain)
        ->and($again->method)->toEqual($ask->method)
        ->and($again->pan)->toEqual($ask->pan)
        ->and($again->burner)->toEqual($ask->burner)
        ->and($again->target)->toEqual($ask->target)
        ->and(array_map(static fn (Portion $portion): array => [$portion->name, $portion->goes, round($portion->mass(), 6), round($portion->add()->capacity, 6), round($portion->add()->gives, 6)], array_values($again->food)))
        ->toEqual(array_map(static fn (Portion $portion): array => [$portion->name, $portion->goes, round($portion->mass(), 6), round($portion->add()->capacity, 6), round($portion->add()->gives, 6)], array_values($ask->food)));
})->with('asks');

it('refuses by its field what cannot be part-cooked, and both halves at once', function (array $request, string $path): void {
    $cooked = ['doneness_min' => 14, 'drunk_g_per_g' => 1.3, 'free_g_per_g' => 0.02, 'salt_g_per_g' => 0.008, 'temperature_c' => 5];
    $method = array_filter(['part_cooking' => in_array('ahead', $request, true) ? ['share' => 0.65, 'layer_mm' => 20] : null, 'part_cooked' => in_array('order', $request, true) ? $cooked : null]);
    try {
        PlanRequestDocument::of(['format' => 'velko.plan-request/1', 'family' => $request[0], 'covers' => 4, 'rice' => ['variety' => 'carnaroli'], 'method' => $method])->ask();
        $faults = [];
    } catch (BadDocument $bad) {
        $faults = array_map(static fn (Fault $fault): string => $fault->path, $bad->faults);
    }
    expect($faults)->toBe($path === '' ? [] : [$path]);
})->with([
    [['risotto', 'ahead'], ''], [['risotto', 'order'], ''], [['risotto', 'ahead', 'order'], '/method/part_cooking'],
    [['soupy-rice', 'ahead'], '/method/part_cooking'], [['pan-rice', 'order'], '/method/part_cooked'],
]);
