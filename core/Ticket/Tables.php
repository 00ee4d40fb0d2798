<?php

declare(strict_types=1);

namespace Velko\Core\Ticket;

use Velko\Core\Quantity\Fact;

/** Finds the table in a ticket: "table 4", "t4", "#12", "bar 2", "tables 7 and 8". */
final readonly class Tables
{
    private const ONE = '(?<![\p{L}\d])(?:(?:tables?|tbls?\.?)\s*(?:no\.?|nr\.?|number)?\s*#?\s*|t\.?\s*(?=\d)|#\s*)';

    private const NAME = '\p{L}?\d+\p{L}?(?:-\d+)?(?![:.]\d)(?![\d\p{L}])';

    private const FEW_DIGITS = '\p{L}?\d{1,3}\p{L}?(?![:.]\d)(?![\d\p{L}])';

    /** "Tables 7, 8 and 9", "t7+8". A comma alone may set the next number apart. */
    private const SEVERAL = '/(?<![\p{L}\d])(?:(?:tables|tbls\.?)\s*('.self::FEW_DIGITS.'(?:\s*,\s*'.self::FEW_DIGITS.')*\s*(?:\+|&|\/|\band\b)\s*'.self::FEW_DIGITS.')|t\s?('.self::FEW_DIGITS.'[+&\/]'.self::FEW_DIGITS.'))/iu';

    private const ELSEWHERE = '/(?<![\p{L}\d])((?:bar|counter|terrace|patio|garden|booth|room|balcony)\s*\d+)(?![:.\d\p{L}])/iu';

    /** "Table for six" names no table. */
    private const FOR_SO_MANY = '/(?<![\p{L}\d])tables?\s+(?:for|of)\b/iu';

    /**
     * Takes the table out of a ticket.
     *
     * @param  string  $text  A bar is left where the table stood.
     * @param  callable(string): bool  $isDish  Whether a word is of a dish's name.
     *
     * @return string|null null if none is said
     *
     * @throws Refused if there are two
     */
    public static function takenFrom(string &$text, callable $isDish): ?string
    {
        $text = (string) preg_replace(self::FOR_SO_MANY, ' ', $text);
        $found = [];
        $take = static function (string $pattern, callable $name) use (&$text, &$found): void {
            $text = (string) preg_replace_callback($pattern, static function (array $part) use ($name, &$found): string {
                $named = $name($part);
                if ($named === null) {
                    return $part[0];
                }
                $found[] = $named;

                return ' | ';
            }, $text);
        };
        $take(self::SEVERAL, static fn (array $part): string => implode(', ', (array) preg_split('/\s*(?:,|\+|&|\/|\band\b)\s*/iu', $part[2] ?? $part[1])));
        $take('/'.self::ONE.'('.self::NAME.')/iu', static fn (array $part): string => $part[1]);
        $take('/(?<![\p{L}\d])(?:tables?|tbls?\.?)\s+(\p{L}+)/iu', static fn (array $part): ?string => match (true) {
            NumberWords::of(mb_strtolower($part[1])) !== null => (string) NumberWords::of(mb_strtolower($part[1])),
            $isDish($part[1]) || in_array(mb_strtolower($part[1]), TicketLines::BETWEEN, true) || Notes::opens(mb_strtolower($part[1])) => null,
            default => $part[1],
        });
        $take(self::ELSEWHERE, static fn (array $part): ?string => $isDish((string) preg_replace('/[^\p{L}]/u', '', $part[1])) ? null : (string) preg_replace('/\s+/u', ' ', $part[1]));
        if (count($found) > 1) {
            throw new Refused(Fact::of('order.two-tables'));
        }

        return $found[0] ?? null;
    }
}
