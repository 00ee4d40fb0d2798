<?php

declare(strict_types=1);

use Tests\Core\Recipe\RecipeWriter;
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
