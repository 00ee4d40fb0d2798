<?php

declare(strict_types=1);

use Velko\Core\Quantity\Duration;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Mass;
use Velko\Core\Quantity\Measure;
use Velko\Core\Quantity\NotAMeasure;
use Velko\Core\Quantity\OutOfRange;
use Velko\Core\Quantity\Power;
use Velko\Core\Quantity\Rounding;
use Velko\Core\Quantity\Temperature;
use Velko\Core\Quantity\Unit;
use Velko\Core\Quantity\Volume;

it('reads a volume as a cook writes it', function (string $text, float $ml): void {
    expect(Measure::read($text, Volume::ofMl(90)))->toBeInstanceOf(Volume::class)
        ->ml->toEqualWithDelta($ml, 0.01);
})->with([
    ['180 ml', 180], ['180mL', 180], ['2 1/2 cups', 591.47], ['2½ cups', 591.47], ['½ l', 500], ['1,5 l', 1500],
    ['2 ladles', 180], ['½ ladle', 45], ['1 1/2 Ladles', 135], ['3/4 cup', 177.44], ['2 dl', 200], ['1 fl oz', 29.57],
    ['2 tbsp.', 29.57], ['1 quart', 946.35], ['0 ml', 0],
]);

it('reads masses, temperatures, times and powers', function (string $text, string $class, string $field, float $value): void {
    expect(Measure::read($text))->toBeInstanceOf($class)->{$field}->toEqualWithDelta($value, 0.01);
})->with([
    ['3 oz', Mass::class, 'g', 85.05], ['1 lb', Mass::class, 'g', 453.59], ['0.32 kg', Mass::class, 'g', 320],
    ['212 °F', Temperature::class, 'celsius', 100], ['-18 °C', Temperature::class, 'celsius', -18],
    ['12 min', Duration::class, 'seconds', 720], ['1½ h', Duration::class, 'seconds', 5400],
    ['3.5 kW', Power::class, 'watts', 3500], ['12000 BTU/h', Power::class, 'watts', 3516.85],
]);

it('refuses what is no amount', function (string $text): void {
    Measure::read($text, Volume::ofMl(90));
})->with(['', 'a handful', '180', '1/0 cups', '12 parsecs', '1.2.3 ml', str_repeat('9', 400), "\u{0}ml"])->throws(NotAMeasure::class);

it('refuses ladles of unknown size', fn () => Measure::read('2 ladles'))->throws(NotAMeasure::class, 'size of the ladle');

it('refuses a volume where it was given a mass', fn () => Measure::readVolume('3 oz'))->throws(NotAMeasure::class);

it('refuses a negative amount and names the range', fn () => Measure::read('-3 ml'))
    ->throws(OutOfRange::class, 'a volume must be from 0 to 1000000 ml, not -3');

it('refuses numbers that are none', fn () => Volume::ofMl(NAN))->throws(OutOfRange::class);

it('shows metric and US', function (Mass|Volume|Temperature|Power $value, string $metric, string|Fact $us): void {
    expect($value->metric())->toBe($metric)->and($value->us())->toEqual($us);
})->with([
    [fn () => Volume::ofMl(180), '180 mL', '6.1 fl oz'],
    [fn () => Volume::ofMl(296), '296 mL', Fact::of('unit.cups', cups: '1 ¼', many: true)],
    [fn () => Volume::ofMl(1250), '1.25 L', Fact::of('unit.cups', cups: '5 ¼', many: true)],
    [fn () => Volume::ofMl(4000), '4 L', '4.2 qt'],
    [fn () => Mass::ofG(320), '320 g', '11.3 oz'],
    [fn () => Mass::ofG(1446), '1.45 kg', '3 lb 3 oz'],
    [fn () => Temperature::of(84, Unit::Celsius), '84 °C', '183 °F'],
    [fn () => Power::of(0.8, Unit::Kilowatt), '800 W', '2,730 BTU/h'],
]);

it('shows a time as it is said', function (float $seconds, string $said): void {
    expect(Duration::of($seconds, Unit::Second)->plain())->toBe($said);
})->with([[45, '45 s'], [720, '12 min'], [4800, '1 h 20 min'], [3600, '1 h']]);

it('takes the widest step a jug can show within the tolerance', function (float $tolerance, float $step): void {
    expect(Rounding::step($tolerance))->toBe($step);
})->with([[0.1, 1.0], [1.6, 2.0], [3.2, 5.0], [18.0, 25.0], [1000.0, 100.0]]);

it('counts minutes as a cook does', function (float $minutes, string $said): void {
    expect(Rounding::minutes($minutes))->toBe($said);
})->with([[-0.1, '0'], [0.3, '0.5'], [1.4, '1.5'], [2.4, '2'], [13.2, '13'], [59.6, '60']]);
