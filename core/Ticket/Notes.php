<?php

declare(strict_types=1);

namespace Velko\Core\Ticket;

/** What a ticket says beside dish, number, time and table: "no cheese", "2 without lemon", "nut allergy". */
final readonly class Notes
{
    /** Words that begin a note wherever they stand. */
    private const ALWAYS = ['no', 'not', 'without', 'allergy', 'allergies', 'allergic', 'intolerant', 'intolerance', 'coeliac', 'celiac', 'gluten', 'dairy', 'lactose', 'vegan', 'vegetarian', 'gf', 'df', 'extra', 'less', 'more', 'light', 'hold', 'side', 'birthday', 'vip', 'rush', 'kid', 'kids', 'child', 'children', 'window', 'split', 'share', 'sharing', 'separate', 'apart', 'plain', 'note', 'nut', 'nuts', 'free', 'sub', 'instead'];

    /** Of these, words that a dish's name may have: there they belong to the dish. */
    private const OF_THE_NOTE = ['no', 'not', 'without', 'allergy', 'allergic', 'note', 'hold', 'extra', 'less', 'more', 'instead'];

    /** At the end of a note these say something of what stands before them: "parsley on the side", "fish allergy". */
    private const OF_WHAT_IS_BEFORE = ['side', 'light', 'free', 'separate', 'apart', 'extra', 'less', 'more', 'allergy', 'allergies', 'allergic', 'intolerant', 'intolerance'];

    /** Several notes as one; empty ones are left out. */
    public static function joined(string ...$notes): string
    {
        return implode(', ', array_filter($notes, static fn (string $note): bool => $note !== ''));
    }

    public static function opens(string $word): bool
    {
        return in_array($word, self::ALWAYS, true);
    }

    /**
     * Takes the notes out of a ticket's parts.
     *
     * @param  list<Token>  $tokens
     * @param  bool  $isTableKnown  Else a number before a note may be the table.
     *
     * @return array{list<Token>, list<string>} what is left, and the notes
     */
    public static function takenFrom(array $tokens, DishNames $names, bool $isTableKnown): array
    {
        $left = $notes = [];
        $hasNumber = $hasDish = false;
        for ($at = 0; $at < count($tokens); $at++) {
            $begins = $hasNumber && $isTableKnown && $tokens[$at]->kind === 'number' && isset($tokens[$at + 1]) ? $at + 1 : $at;
            if (! self::begins($tokens[$begins], $names)) {
                $left[] = $tokens[$at];
                $hasNumber = $hasNumber || $tokens[$at]->kind === 'number';
                $hasDish = $hasDish || self::isOfADish($tokens[$at], $names);

                continue;
            }
            $goesOn = static fn (Token $token): bool => in_array($token->kind, ['word', 'and', 'mains', 'starters'], true) && ($hasDish || in_array($tokens[$begins]->plain, self::OF_THE_NOTE, true) || ! self::isOfADish($token, $names));
            $note = self::isOfWhatIsBefore($tokens, $begins) ? self::before($left, $names) : [];
            while ($at < count($tokens) && ($at <= $begins || $goesOn($tokens[$at]))) {
                $note[] = $tokens[$at++]->text;
            }
            $at--;
            $notes[] = implode(' ', $note);
            $left = [...$left, ...Token::all('|')];
        }

        return [$left, $notes];
    }

    /**
     * Whether a note says something of what stands before it.
     *
     * @param  list<Token>  $tokens
     */
    private static function isOfWhatIsBefore(array $tokens, int $at): bool
    {
        $word = $tokens[$at]->plain;
        $isLast = ! isset($tokens[$at + 1]) || in_array($tokens[$at + 1]->kind, ['apart', 'number', 'plus'], true);

        return $word === 'instead' || ($isLast && in_array($word, self::OF_WHAT_IS_BEFORE, true));
    }

    /**
     * Takes the word off the end that a note is about, with the words in between: "parsley on the". The only word of a dish stays.
     *
     * @param  list<Token>  $left
     *
     * @return list<string>
     */
    private static function before(array &$left, DishNames $names): array
    {
        $from = count($left);
        while ($from > 0 && $left[$from - 1]->kind === 'word' && in_array($left[$from - 1]->plain, TicketLines::BETWEEN, true)) {
            $from--;
        }
        if ($from > 0 && $left[$from - 1]->kind === 'word') {
            $ofADish = array_filter(array_slice($left, 0, $from - 1), static fn (Token $token): bool => self::isOfADish($token, $names));
            $from -= $ofADish !== [] || ! self::isOfADish($left[$from - 1], $names) ? 1 : 0;
        }

        return array_map(static fn (Token $token): string => $token->text, array_splice($left, $from));
    }

    private static function begins(Token $token, DishNames $names): bool
    {
        return $token->kind === 'word' && self::opens($token->plain) && (in_array($token->plain, self::OF_THE_NOTE, true) || $names->with($token->plain) === []);
    }

    private static function isOfADish(Token $token, DishNames $names): bool
    {
        return $token->kind === 'word' && ! in_array($token->plain, TicketLines::BETWEEN, true) && $names->with($token->plain) !== [];
    }
}
