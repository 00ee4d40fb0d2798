<?php

declare(strict_types=1);

use Tests\Core\Recipe\RecipeWriter;
use Velko\Core\Recipe\Recipe;
use Velko\Core\Recipe\RecipeReader;

/* Three hundred recipes by chance, in three languages: each line is read right, or asked about. What a line means is known by the writer, not by the reader. */

it('reads recipes right or asks, and is never silently wrong', function (int $seed): void {
    $writer = new RecipeWriter($seed);
    $lines = $asked = 0;
    $wrong = [];
    for ($i = 0; $i < 30; $i++) {
        [$recipe, $language, $family, $covers, $truth] = $writer->recipe();
        $read = RecipeReader::read($recipe);
        expect([$read->language->value, $read->family, $read->covers])->toBe([$language, $family, $covers], json_encode($recipe->lines, JSON_UNESCAPED_UNICODE))
            ->and($read->lines)->toHaveCount(count($truth));
        foreach ($read->lines as $at => $line) {
            [$role, $amount, $unit] = $truth[$at];
            $lines++;
            if ($line->isAsked()) {
                $asked++;
            } elseif ($line->role->value !== $role || ($amount === null) !== ($line->amount === null) || ($amount !== null && abs($line->amount - $amount) > 0.01 * $amount + 0.01) || ($unit !== null && $line->unit !== $unit)) {
                $wrong[] = [$recipe->lines[$at], $line->role->value, $line->amount, $line->unit, $truth[$at]];
            }
        }
    }
    expect($wrong)->toBe([])->and($asked / $lines)->toBeLessThan(0.06);
})->with(range(1, 10));

it('counts what stands in brackets once, or as often as there is of it, or asks', function (string $line, ?float $amount, string $unit): void {
    $read = RecipeReader::read(new Recipe('Risotto', '', 'Serves 4', [$line], []))->lines[0];
    // To what a kitchen scale shows.
    $amount === null ? expect($read->amount)->toBeNull() : expect($read->amount)->toEqualWithDelta($amount, 0.05);
    expect($read->unit)->toBe($unit)->and($read->isAsked())->toBe($amount === null);
})->with([
    // By hand: 2 x 400; 500; 3 x 14 oz of 28.35 g; 4 x 120; one or all of it, nobody knows.
    ['2 cans (400 g) white beans', 800.0, 'g'], ['2 cups (500 ml) cream', 500.0, 'ml'], ['3 (14-ounce) cans tomatoes', 1190.68, 'g'], ['4 hake fillets (120 g each)', 480.0, 'g'],
    ['2 lobsters (600 g)', null, 'g'], ['1 lobster (600 g)', 600.0, 'g'],
]);

it('asks for how many it is, if the recipe says so many or so many', function (string $yield, ?int $covers): void {
    expect(RecipeReader::read(new Recipe('Risotto', '', $yield, ['1 onion'], []))->covers)->toBe($covers);
})->with([['Serves 4', 4], ['4', 4], ['Serves 4 to 6', null], ['4-6 persone', null], ['Para 4 o 6 personas', null], ['four servings', 4], ['', null]]);
