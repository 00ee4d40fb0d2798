<?php

declare(strict_types=1);

use Velko\Core\Learning\Advice;
use Velko\Core\Learning\DishAsWanted;
use Velko\Core\Learning\MarkAsLearned;
use Velko\Core\Learning\WorthChanging;

/* What is worth changing in a kitchen: what its cooks carry, and nothing else. */

/**
 * @param  list<MarkAsLearned>  $marks
 * @param  list<DishAsWanted>  $dishes
 *
 * @return list<string> "kind whose off in percent"
 */
function worth(array $marks, array $dishes = []): array
{
    return array_map(static fn (Advice $advice): string => sprintf('%s %s %d', $advice->kind, $advice->whose, round(100 * $advice->off)), WorthChanging::of($marks, $dishes));
}

it('corrects a ring of which enough cooks say that it is off', function (): void {
    $mark = static fn (float $low, float $value, float $high, int $cooks): MarkAsLearned => new MarkAsLearned('ring 9', 1000.0, $value, $low, $high, $cooks, false);
    expect(worth([$mark(1150, 1250, 1350, 9)]))->toBe(['correct-ring ring 9 25'])
        ->and(worth([$mark(700, 760, 820, 9)]))->toBe(['correct-ring ring 9 -24'])
        // Three cooks are few, 5 % is no matter, and a band that holds what is given says nothing.
        ->and(worth([$mark(1150, 1250, 1350, 3)]))->toBe([])->and(worth([$mark(1010, 1050, 1090, 9)]))->toBe([])->and(worth([$mark(950, 1080, 1210, 9)]))->toBe([])
        // Of two marks that are off the one on which most was cooked speaks for its ring.
        ->and(worth([$mark(1150, 1250, 1350, 5), $mark(1200, 1300, 1400, 9)]))->toBe(['correct-ring ring 9 30']);
    $advice = WorthChanging::of([$mark(1150, 1250, 1350, 9)], [])[0];
    expect([$advice->least, $advice->most, $advice->cooks])->toEqualWithDelta([0.15, 0.35, 9], 1e-9);
});

it('has a ring weighed on that is cooked on and hardly known', function (): void {
    // 800 to 1,300 about 1,000: a quarter either way; who measured it need not weigh.
    $wide = static fn (bool $isSure): MarkAsLearned => new MarkAsLearned('ring 9', 1000.0, 1000.0, 800.0, 1300.0, 6, $isSure);
    expect(worth([$wide(false)]))->toBe(['weigh-on-ring ring 9 25'])->and(worth([$wide(true)]))->toBe([]);
});

it('says of a dish what it takes where its good ones took another amount, in two standard errors', function (): void {
    // Two standard errors of sixteen cooks are 2 · 6 % ÷ 4 = 3 %, of four 6 %.
    expect(worth([], [new DishAsWanted('pea', 1.05, 16)]))->toBe(['dish-takes pea 5'])->and(worth([], [new DishAsWanted('pea', 1.05, 4)]))->toBe([])
        ->and(worth([], [new DishAsWanted('pea', 0.92, 16)]))->toBe(['dish-takes pea -8'])->and(worth([], [new DishAsWanted('pea', 1.035, 400)]))->toBe([]);
    $advice = WorthChanging::of([], [new DishAsWanted('pea', 1.05, 16)])[0];
    expect([$advice->least, $advice->most])->toEqualWithDelta([0.02, 0.08], 1e-9);
});

it('says no more than three things, what weighs most first', function (): void {
    $marks = array_map(static fn (int $ring): MarkAsLearned => new MarkAsLearned("ring $ring", 1000.0, 1000.0 + 50 * $ring, 1000.0 + 40 * $ring, 1000.0 + 60 * $ring, 9, false), [2, 5, 3, 4]);
    // 25, 20 and 15 % off, of nine cooks each.
    expect(worth($marks))->toBe(['correct-ring ring 5 25', 'correct-ring ring 4 20', 'correct-ring ring 3 15'])
        // A dish of sixteen cooks, 20 % off: 0.20 · 4 weighs more than 0.25 · 3.
        ->and(worth($marks, [new DishAsWanted('pea', 1.20, 16)])[0])->toBe('dish-takes pea 20');
});
