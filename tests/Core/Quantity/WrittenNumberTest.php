<?php

declare(strict_types=1);

use Velko\Core\Quantity\DecimalMark;
use Velko\Core\Quantity\WrittenNumber;

/*
 * Numbers as they are typed. tests/numbers.json holds each with its decimal mark and its value by hand. The screens read numbers by a reader of
 * their own, which is held to the same list (tests/Browser/words-and-times.spec.ts).
 */

/** @return list<array{string, string, int|float|null}> */
function numbersAsTyped(): array
{
    return json_decode((string) file_get_contents(dirname(__DIR__, 2).'/numbers.json'), true, flags: JSON_THROW_ON_ERROR);
}

it('reads a number by where its writer comes from', function (string $text, string $mark, int|float|null $value): void {
    $number = WrittenNumber::before($text, DecimalMark::from($mark));
    // What is left over makes it no number.
    $whole = $number === null || $number[1] !== '' ? null : $number[0];
    expect($whole)->toBe($value === null ? null : (float) $value);
})->with(numbersAsTyped());

it('reads a number in words', function (string $text, float $value, string $rest): void {
    expect(WrittenNumber::before($text))->toBe([$value, $rest]);
})->with([
    ['half a cup', 0.5, 'cup'], ['three quarters of a cup', 0.75, 'cup'], ['one and a half cups', 1.5, 'cups'],
    ['a dozen eggs', 12.0, 'eggs'], ['half a dozen eggs', 6.0, 'eggs'], ['a couple of cups', 2.0, 'cups'], ['two', 2.0, ''],
]);
