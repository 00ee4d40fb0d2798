<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Planning\Planner;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Looseness;
use Velko\Core\Rice\Variety;

it('lands in the bowl as loose and as done as asked, after the walk', function (Looseness $word, float $walk): void {
    $plan = Planner::plan(Kitchens::soupy(looseness: $word->value(), toTable: $walk));
    expect($plan->looseness())->toEqualWithDelta($word->value(), 0.03)
        ->and($plan->bite())->toBe(Bite::Right)
        ->and($plan->ask->family->traits()->scale->nearest($plan->looseness()))->toBe($word)
        ->and($plan->warnings)->toBe([]);
})->with([[Looseness::Creamy], [Looseness::Loose], [Looseness::Soup]])->with([0.0, 2.0]);

it('pours once, is stirred now and then, and cooks 10 to 18 minutes by the rice (common practice, no single source)', function (Variety $variety): void {
    $plan = Planner::plan(Kitchens::soupy(variety: $variety));
    expect(array_filter($plan->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Pour))->toHaveCount(1)
        ->and($plan->pulled->minute())->toBeGreaterThan(10.0)->toBeLessThan(18.5);
})->with([[Variety::Round], [Variety::Bomba], [Variety::Arborio], [Variety::VialoneNano]]);

it('is done sooner when the rice was washed and soaked, and takes less stock (common practice, no single source)', function (): void {
    $dry = Planner::plan(Kitchens::soupy());
    $soaked = Planner::plan(Kitchens::soupy(soak: 18, sealed: false));
    expect($dry->pulled->minute() - $soaked->pulled->minute())->toBeGreaterThan(0.7)->toBeLessThan(4.0)
        ->and($soaked->stock)->toBeLessThan($dry->stock);
});

it('sets up on the way: it leaves the pan looser the longer the walk, and says how long it may stand', function (): void {
    $near = Planner::plan(Kitchens::soupy(toTable: 0));
    $far = Planner::plan(Kitchens::soupy(toTable: 4));
    expect($far->pulled->free / $far->rice())->toBeGreaterThan($near->pulled->free / $near->rice() + 0.15)
        // In bowls it cools: four minutes soften it by one at the boil.
        ->and($far->pulled->minute())->toBeLessThan($near->pulled->minute() - 0.7)
        ->and($near->standing->latest)->not->toBeNull()->toBeLessThan(3.0)
        ->and($near->standing->leavesBy(1.0))->toBe(max(0.0, $near->standing->latest - 1.0));
});

it('needs hot stock to loosen it again, more for every minute', function (): void {
    $rows = Planner::plan(Kitchens::soupy(toTable: 0))->standing->rows;
    $loosen = array_column($rows, 'loosen');
    $sorted = $loosen;
    sort($sorted);
    expect($loosen)->toBe($sorted)->and($loosen[count($loosen) - 1])->toBeGreaterThan(100.0)
        ->and($rows[0]['looseness'] - $rows[12]['looseness'])->toBeGreaterThan(0.25);
});

it('brings a big cold pot to the boil on a strong flame first', function (): void {
    $plan = Planner::plan(Kitchens::soupy(stock: 20));
    expect($plan->heat)->toHaveCount(2)
        ->and($plan->ask->burner->net[$plan->heat[0]->mark])->toBeGreaterThan($plan->ask->burner->net[$plan->heat[1]->mark])
        ->and(array_map(static fn (Stage $stage): string => $stage->say->code, $plan->stages))->toContain('say.down-to-a-simmer');
});

it('says what is wrong with a choice', function (array $with, string $code): void {
    $warning = array_column(Planner::plan(Kitchens::soupy(...$with))->warnings, null, 'code')[$code] ?? null;
    expect($warning)->not->toBeNull()->and($warning->fix->code)->toStartWith('fix.');
})->with([
    'a rice without body' => [['variety' => Variety::Parboiled], 'rice-not-for-stew'],
    'a rest too long' => [['rest' => 12], 'cooks-on'],
    'a walk too long' => [['toTable' => 12], 'cold-plate'],
    'two marks as far from a simmer' => [['net' => ['weaker' => 12000 * M_PI * 0.135 ** 2 / 1.3, 'stronger' => 12000 * M_PI * 0.135 ** 2 * 1.32]], 'either-mark'],
    'a pot too small' => [['covers' => 34], 'over-the-rim'],
    'a flame too small' => [['net' => ['on' => 150]], 'does-not-simmer'],
]);
