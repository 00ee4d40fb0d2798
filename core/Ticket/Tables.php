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
        $several = static fn (string $list): string => (string) preg_replace('/\s*(?:,|\+|&|\/|\band\b)\s*/iu', ', ', $list);
        $named = static function (string $name) use ($isDish): ?string {
            $number = NumberWords::of(mb_strtolower($name));

            return match (true) {
                $number !== null => (string) $number,
                $isDish($name) || in_array(mb_strtolower($name), TicketLines::BETWEEN, true) || Notes::opens(mb_strtolower($name)) => null,
                default => $name,
            };
        };
        $place = static fn (string $name): ?string => $isDish((string) preg_replace('/[^\p{L}]/u', '', $name)) ? null : (string) preg_replace('/\s+/u', ' ', $name);
        $found = [
            ...self::taken(self::SEVERAL, $text, $several),
            ...self::taken('/'.self::ONE.'('.self::NAME.')/iu', $text, static fn (string $name): string => $name),
            ...self::taken('/(?<![\p{L}\d])(?:tables?|tbls?\.?)\s+(\p{L}+)/iu', $text, $named),
            ...self::taken(self::ELSEWHERE, $text, $place),
        ];
        if (count($found) > 1) {
            throw new Refused(Fact::of('order.two-tables'));
        }

        return $found[0] ?? null;
    }

    /**
     * @param  callable(string): (string|null)  $name  The table by what stands there; null if it is none.
     *
     * @return list<string>
     */
    private static function taken(string $pattern, string &$text, callable $name): array
    {
        $found = [];
        $text = (string) preg_replace_callback($pattern, static function (array $part) use ($name, &$found): string {
            $table = $name(array_values(array_filter(array_slice($part, 1), static fn (string $word): bool => $word !== ''))[0] ?? '');
            if ($table === null) {
                return $part[0];
            }
            $found[] = $table;

            return ' | ';
        }, $text);

        return $found;
    }
}
