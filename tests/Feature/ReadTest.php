<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Artisan;
use Tests\Feature\Station;

/* velko:read, by its contract: lines as people write them in, how each is understood out. */

/** @return array<string, mixed> velko.reading/1 */
function understood(mixed ...$request): array
{
    $file = (string) tempnam(sys_get_temp_dir(), 'read');
    file_put_contents($file, json_encode(['format' => 'velko.reading-request/1', ...$request], JSON_THROW_ON_ERROR));
    expect(Artisan::call('velko:read', ['request' => $file]))->toBe(0);
    $answer = Artisan::output();
    unlink($file);
    Station::keeps('lines-read', $answer);

    return json_decode($answer, true, flags: JSON_THROW_ON_ERROR);
}

it('says how tickets are understood', function (): void {
    $tickets = understood(dishes: ['pea, lovage and lemon risotto', 'duck and chestnut pan rice'], tickets: ['19:40 6 pea table 4', '2+2 pea', '4 moon', '4 duck no skin, 2 pea t7'])['tickets'];
    $firing = ['dish' => 'pea, lovage and lemon risotto', 'mains' => 6, 'starters' => 0, 'clock' => '19:40', 'table' => '4', 'note' => null, 'early_min' => null, 'late_min' => null];
    expect($tickets[0])->toBe(['said' => '19:40 6 pea table 4', 'understood' => [$firing], 'asks' => null, 'refused' => null])
        ->and($tickets[1]['understood'])->toBeNull()->and($tickets[1]['asks']['code'])->toBe('order.which-number')->and($tickets[1]['asks']['candidates'])->toHaveCount(2)
        ->and($tickets[2]['refused']['code'])->toBe('order.unknown-dish')
        ->and(array_column($tickets[3]['understood'], 'mains'))->toBe([4, 2])->and(array_column($tickets[3]['understood'], 'note'))->toBe(['no skin', 'no skin']);
});

it('says what amounts come to, by where their writer comes from', function (string $locale, string $text, string $quantity, float $value, string $unit): void {
    $amount = understood(locale: $locale, amounts: [$text])['amounts'][0];
    expect([$amount['quantity'], $amount['unit'], $amount['refused']])->toBe([$quantity, $unit, null])->and($amount['value'])->toEqualWithDelta($value, 0.006 * max(1.0, abs($value) / 100));
})->with([
    // 5,280 ft is a mile, 1609.344 m; 11.5 in x 2.54 cm; 1.5 US cups of 236.588 mL (NIST Handbook 44).
    ['en-US', '5,280 ft', 'length', 1609.34, 'm'], ['en-US', '11 1/2 in', 'length', 29.21, 'cm'], ['en-US', '1½"', 'length', 3.81, 'cm'], ['en-US', 'a cup and a half', 'volume', 354.88, 'ml'],
    ['en-US', '6 ft 2 in', 'length', 1.88, 'm'], ['en-US', '4 lb 2 oz', 'mass', 1871.07, 'g'], ['en-GB', '1,250 g', 'mass', 1250.0, 'g'], ['en-GB', '1,5 kg', 'mass', 1500.0, 'g'],
    ['it-IT', '1,250 kg', 'mass', 1250.0, 'g'], ['it-IT', '1.250 g', 'mass', 1250.0, 'g'], ['es-ES', '1.250,5 g', 'mass', 1250.5, 'g'], ['de-DE', '0,5 l', 'volume', 500.0, 'ml'], ['en-US', '1,234.5 g', 'mass', 1234.5, 'g'],
    ['en-US', 'quarter cup', 'volume', 59.15, 'ml'], ['en-US', '2 glasses', 'volume', 400.0, 'ml'], ['en-US', 'a can', 'mass', 400.0, 'g'], ['en-US', '3 cubes', 'mass', 30.0, 'g'],
    ['en-US', 'a head of garlic', 'mass', 44.0, 'g'], ['en-US', 'one medium onion', 'mass', 110.0, 'g'], ['en-US', 'two handfuls of rice', 'mass', 130.0, 'g'], ['en-US', '145 °F', 'temperature', 62.78, '°C'],
    ['en-US', '1 h 20 min', 'time', 4800.0, 's'], ['en-US', '12,000 BTU/h', 'power', 3516.85, 'W'],
]);

it('says how recipes are understood, and which lines somebody has to decide', function (): void {
    $recipes = understood(recipes: [['text' => "Risotto\nServes 4\n320 g carnaroli rice\n1 l di brodo vegetale\n40 g of moonroot"], ['media_type' => 'application/ld+json', 'text' => '{"@type":"Recipe","name":"Paella","recipeIngredient":["400 g bomba rice"]}']])['recipes'];
    expect($recipes)->toHaveCount(2)->and(array_column($recipes, 'family'))->toBe(['risotto', 'pan-rice'])->and(array_column($recipes, 'covers'))->toBe([4, null])
        ->and($recipes[0]['lines'][0])->toEqual(['said' => '320 g carnaroli rice', 'role' => 'rice', 'food' => 'carnaroli rice', 'value' => 320, 'unit' => 'g'])
        ->and($recipes[0]['not_understood'])->toContain('40 g of moonroot');
});

it('names the recipe that is none', function (): void {
    $file = (string) tempnam(sys_get_temp_dir(), 'read');
    file_put_contents($file, json_encode(['format' => 'velko.reading-request/1', 'recipes' => [['text' => "Risotto\n1 onion"], ['text' => '{"@type":"Person"}']]]));
    expect(Artisan::call('velko:read', ['request' => $file]))->toBe(2)->and(Artisan::output())->toContain('/recipes/1/text');
});

it('refuses what is no amount', function (string $text): void {
    $amount = understood(amounts: [$text])['amounts'][0];
    expect($amount['value'])->toBeNull()->and($amount['refused'])->not->toBeNull();
})->with(['banana', '', '12', '1,2,3 g', '1..5 g', '4 lb 2 min', 'some', '2 bananas', '-3 g', '99999999999 kg', 'a byte of zero' => "\u{0}"]);

it('names the field of a request that is none', function (): void {
    $file = (string) tempnam(sys_get_temp_dir(), 'read');
    file_put_contents($file, '{"format":"velko.reading-request/1","locale":"EN_us"}');
    expect(Artisan::call('velko:read', ['request' => $file]))->toBe(2)->and(Artisan::output())->toContain('/locale');
});
