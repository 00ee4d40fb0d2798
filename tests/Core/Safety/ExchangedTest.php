<?php

declare(strict_types=1);

use Velko\Core\Safety\Allergen;
use Velko\Core\Safety\Diet;
use Velko\Core\Safety\Exchanged;
use Velko\Core\Safety\Part;

/* One part taken for another: what the guest must be told. */

it('says what comes, what goes, and for whom it is then', function (Part $before, Part $after, array $words): void {
    expect(Exchanged::of($before, $after))->toBe($words);
})->with([
    'fish for vegetable' => [new Part('vegetable', Diet::Vegan, [Allergen::Celery]), new Part('fish', Diet::Pescatarian, [Allergen::Fish, Allergen::Celery]), ['brings fish', 'no longer vegan: pescatarian']],
    'vegetable for meat' => [new Part('meat', Diet::Any, [Allergen::Celery]), new Part('vegetable', Diet::Vegan, []), ['spares celery', 'for a vegan guest too']],
    'meat for vegetable' => [new Part('vegetable', Diet::Vegan, []), new Part('meat', Diet::Any, []), ['no longer vegan: for guests who eat meat']],
    'one of which nobody said what is in it' => [new Part('vegetable', Diet::Vegan, [Allergen::Celery]), new Part('cube', Diet::Vegan, [], complete: false), ['what else is in it nobody has said']],
    'like for like' => [new Part('a', Diet::Any, [Allergen::Fish]), new Part('b', Diet::Any, [Allergen::Fish]), []],
]);
