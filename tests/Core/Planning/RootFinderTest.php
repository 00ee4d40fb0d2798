<?php

declare(strict_types=1);

use Velko\Core\Family\Families;
use Velko\Core\Planning\RootFinder;
use Velko\Core\Rice\Looseness;

it('finds where a rising function meets the target', function (callable $f, float $target, float $root): void {
    expect(RootFinder::of($f, $target, 1.0, 1.0, 0.0, 1e-9))->toEqualWithDelta($root, 1e-6);
})->with([
    [fn (float $x): float => $x, 3.0, 3.0],
    [fn (float $x): float => $x ** 3, 27.0, 3.0],
    [fn (float $x): float => max(0.0, $x - 200), 50.0, 250.0],
    [fn (float $x): float => 1 - exp(-$x / 40), 0.9, 92.1034037],
]);

it('says so when the function is over the target from the start', function (): void {
    expect(RootFinder::of(fn (float $x): float => 5 + $x, 3.0, 1.0, 1.0, 0.0, 1e-9))->toBeNull();
});

it('needs few looks at a function that is nearly a line', function (): void {
    $looks = 0;
    RootFinder::of(function (float $x) use (&$looks): float {
        $looks++;

        return $x / 320 - 0.2 + 1e-6 * $x ** 1.1;
    }, 0.85, 100, 1 / 320, 0.0, 0.003);
    expect($looks)->toBeLessThan(6);
});

it('names looseness by the nearest word', function (float $value, Looseness $word): void {
    expect(Families::named('risotto')->traits()->scale->nearest($value))->toBe($word);
})->with([[0.0, Looseness::Stands], [0.56, Looseness::SlowSlump], [0.86, Looseness::Wave], [3.0, Looseness::VeryLoose]]);
