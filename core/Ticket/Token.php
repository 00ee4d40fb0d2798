<?php

declare(strict_types=1);

namespace Velko\Core\Ticket;

/** One part of a ticket: a number, a word, a sign. */
final readonly class Token
{
    private const PARTS = '/(?<number>\d+)|(?<word>\p{L}[\p{L}\p{M}\'’]*)|(?<plus>\+)|(?<and>&)|(?<apart>[,;|\/()\[\]"“”:]|(?<=\s)[\-–—]|[\-–—](?=\s))/u';

    /** Nobody has as many covers as six digits say; the rest is left out. */
    private const DIGITS = 6;

    private const MAINS = ['main', 'mains', 'cover', 'covers', 'people', 'persons', 'guests', 'pax', 'portions', 'plates'];

    private const STARTERS = ['starter', 'starters'];

    /** @param  'number'|'word'|'mains'|'starters'|'plus'|'and'|'apart'  $kind */
    private function __construct(public string $kind, public string $text, public string $plain = '', public int $number = 0) {}

    /** @return list<self> */
    public static function all(string $text): array
    {
        preg_match_all(self::PARTS, $text, $parts, PREG_SET_ORDER | PREG_UNMATCHED_AS_NULL);

        return array_map(self::of(...), $parts);
    }

    /** @param  array<string|null>  $part */
    private static function of(array $part): self
    {
        $text = (string) $part[0];
        if ($part['number'] !== null) {
            return new self('number', $text, $text, (int) substr($text, 0, self::DIGITS));
        }
        if ($part['word'] !== null) {
            $plain = DishNames::plain($text);
            $number = NumberWords::of($plain);

            return match (true) {
                $number !== null => new self('number', $text, $plain, $number),
                in_array($plain, self::MAINS, true) => new self('mains', $text, $plain),
                in_array($plain, self::STARTERS, true) => new self('starters', $text, $plain),
                $plain === 'and' => new self('and', $text, $plain),
                default => new self('word', $text, $plain),
            };
        }

        return new self($part['plus'] !== null ? 'plus' : ($part['and'] !== null ? 'and' : 'apart'), $text);
    }
}
