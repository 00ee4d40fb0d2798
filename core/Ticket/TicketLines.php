<?php

declare(strict_types=1);

namespace Velko\Core\Ticket;

use Velko\Core\Quantity\Fact;

/**
 * The firings that are left of a ticket once its time and its table are known: which dishes, how many of each, and what is a note.
 *
 * @phpstan-type Line array{dish: int, mains: int, starters: int, table: string, note: string}
 */
final readonly class TicketLines
{
    /** Words that stand between others and say nothing. */
    public const BETWEEN = ['of', 'for', 'the', 'and', 'with', 'at', 'to', 'on', 'in', 'a', 'an', 'please', 'x', 'be', 'there', 'they', 'it', 'can', 'by', 'is', 'are', 'times', 'order', 'orders'];

    /** A ticket that can be more things than this is refused. */
    private const MOST_WAYS = 64;

    /** Of so many words of a ticket it is asked whether they have a typing error. */
    private const MOST_ERRORS = 8;

    /** @var array<string, list<int>> Dishes with a word, by the word as it is said; none if no dish has it. */
    private array $exact;

    /** @var array<string, list<int>> The same for words that are one of a dish but for a typing error. */
    private array $near;

    /** @var list<list<Line>> */
    private array $ways;

    private ?Fact $question;

    /**
     * @param  list<Token>  $tokens
     * @param  bool  $isTableKnown  Whether the table was said.
     *
     * @throws Refused
     */
    public function __construct(private DishNames $names, array $tokens, private bool $isTableKnown)
    {
        [$tokens, $notes] = Notes::takenFrom($tokens, $names, $this->isTableKnown);
        $exact = $near = [];
        foreach (array_filter($tokens, self::isSaid(...)) as $token) {
            $exact[$token->plain] ??= $names->with($token->plain);
            if ($exact[$token->plain] === [] && count($near) < self::MOST_ERRORS) {
                $near[$token->plain] ??= $names->near($token->plain);
            }
        }
        [$this->exact, $this->near] = [$exact, $near];
        [$ways, $this->question] = $this->dishesWithAll($tokens) !== [] || ! $this->hasWordOfADish($tokens) ? $this->ofOneDish($tokens) : $this->ofSeveral($tokens);
        $this->ways = array_map(static fn (array $way): array => array_map(static fn (array $line): array => [...$line, 'note' => Notes::joined(...$notes, ...[$line['note']])], $way), $ways);
    }

    /** @return list<list<Line>> all that they can be */
    public function ways(): array
    {
        return $this->ways;
    }

    /** What is asked if they can be several things, or if a word is only nearly one of a dish. */
    public function question(): ?Fact
    {
        return $this->question;
    }

    /** @param  list<Token>  $tokens */
    private function hasWordOfADish(array $tokens): bool
    {
        return array_filter($tokens, $this->isOfADish(...)) !== [];
    }

    private function isOfADish(Token $token): bool
    {
        return $this->dishesOf($token) !== [];
    }

    /** @return list<int> dishes with this word; else those with one that it is but for a typing error */
    private function dishesOf(Token $token): array
    {
        if (! self::isSaid($token)) {
            return [];
        }
        $exact = $this->exact[$token->plain] ?? [];

        return $exact === [] ? $this->near[$token->plain] ?? [] : $exact;
    }

    private static function isSaid(Token $token): bool
    {
        return $token->kind === 'word' && ! in_array($token->plain, self::BETWEEN, true);
    }

    /**
     * Dishes that have all the words that any dish has.
     *
     * @param  list<Token>  $tokens
     * @param  bool  $isExact  Without those that have a typing error.
     *
     * @return list<int>
     */
    private function dishesWithAll(array $tokens, bool $isExact = false): array
    {
        $dishes = null;
        $words = 0;
        foreach ($tokens as $token) {
            $of = $isExact ? (self::isSaid($token) ? $this->exact[$token->plain] ?? [] : []) : $this->dishesOf($token);
            if ($of !== []) {
                $dishes = array_values($dishes === null ? $of : array_intersect($dishes, $of));
                $words++;
            }
        }
        // Its whole name is it, even if another has these words too.
        $whole = array_values(array_filter($dishes ?? [], fn (int $dish): bool => $this->names->isWholeNameOf($dish, $words, static fn (string $word): bool => in_array($word, self::BETWEEN, true))));

        return count($whole) === 1 ? $whole : $dishes ?? [];
    }

    /**
     * @param  list<Token>  $tokens
     *
     * @return array{list<list<Line>>, Fact|null} all that they can be, and what is asked
     *
     * @throws Refused
     */
    private function ofOneDish(array $tokens): array
    {
        $said = implode(' ', array_map(static fn (Token $token): string => $token->text, array_filter($tokens, self::isSaid(...))));
        $ways = Counts::in($tokens, $this->isTableKnown);
        $dishes = $this->dishesWithAll($tokens);
        if ($dishes === []) {
            throw new Refused($said === '' ? Fact::of('order.no-dish') : Fact::of('order.unknown-dish', said: $said));
        }
        [$note, $odd] = $this->left($tokens);
        $names = array_map($this->names->name(...), $dishes);
        $question = match (true) {
            count($dishes) > 1 => Fact::of('order.which-dish', said: $said, these: $names),
            count($ways) > 1 => Fact::of('order.which-number', these: array_values(array_unique(array_map(self::size(...), $ways)))),
            $this->dishesWithAll($tokens, isExact: true) !== $dishes => Fact::of('order.did-you-mean', said: $said, dish: $names[0]),
            $odd !== [] => Fact::of('order.note-or-dish', said: implode(' ', $odd), dish: $names[0]),
            default => null,
        };
        $lines = [];
        foreach ($dishes as $dish) {
            foreach ($ways as [$mains, $starters, $table]) {
                $lines[] = [['dish' => $dish, 'mains' => $mains, 'starters' => $starters, 'table' => $table, 'note' => Notes::joined(...$note, ...[implode(' ', $odd)])]];
            }
        }

        return [$lines, $question];
    }

    /** @param  array{int, int, string}  $way */
    private static function size(array $way): string
    {
        return $way[1] === 0 ? (string) $way[0] : "$way[0] + $way[1]";
    }

    /** @param  list<Line>  $way */
    private static function sizes(array $way): string
    {
        return implode(', ', array_map(static fn (array $line): string => self::size([$line['mains'], $line['starters'], '']), $way));
    }

    /**
     * Words that are of no dish.
     *
     * @param  list<Token>  $tokens
     *
     * @return array{list<string>, list<string>} notes set apart from all else, and words beside those of the dish
     */
    private function left(array $tokens): array
    {
        $notes = $odd = [];
        foreach (self::parts($tokens) as $part) {
            $words = $this->runs($part);
            $isAlone = array_filter($part, fn (Token $token): bool => $token->kind === 'number' || $this->isOfADish($token)) === [];
            $isAlone ? array_push($notes, ...$words) : array_push($odd, ...$words);
        }

        return [$notes, $odd];
    }

    /**
     * Words that are of no dish, as they were typed: "cheese on top".
     *
     * @param  list<Token>  $part
     *
     * @return list<string>
     */
    private function runs(array $part): array
    {
        $runs = [[]];
        foreach ($part as $token) {
            if ($token->kind === 'and' || ($token->kind === 'word' && ! $this->isOfADish($token))) {
                $runs[count($runs) - 1][] = $token;
            } else {
                $runs[] = [];
            }
        }

        return array_values(array_filter(array_map(self::trimmed(...), $runs), static fn (string $run): bool => $run !== ''));
    }

    /**
     * @param  list<Token>  $run
     *
     * @return string Without words at its ends that say nothing.
     */
    private static function trimmed(array $run): string
    {
        $said = array_keys(array_filter($run, self::isSaid(...)));
        $words = $said === [] ? [] : array_slice($run, $said[0], end($said) - $said[0] + 1);

        return implode(' ', array_map(static fn (Token $token): string => $token->text, $words));
    }

    /**
     * @param  list<Token>  $tokens
     *
     * @return list<list<Token>> parts between signs that set apart
     */
    private static function parts(array $tokens): array
    {
        $parts = [[]];
        foreach ($tokens as $token) {
            if ($token->kind === 'apart') {
                $parts[] = [];
            } else {
                $parts[count($parts) - 1][] = $token;
            }
        }

        return array_values(array_filter($parts));
    }

    /**
     * Several dishes on one ticket, each with its own number: told apart by where the numbers stand, or by the signs between.
     *
     * @param  list<Token>  $tokens
     *
     * @return array{list<list<Line>>, Fact|null} all that they can be, and what is asked
     *
     * @throws Refused
     */
    private function ofSeveral(array $tokens): array
    {
        $ways = $questions = [];
        foreach ([$this->byNumber($tokens), $this->joined(self::parts($tokens)), $this->joined(array_merge(...array_map($this->byNumber(...), self::parts($tokens))))] as $groups) {
            if (array_filter($groups, fn (array $group): bool => ! self::hasNumber($group) || $this->dishesWithAll($group) === []) !== []) {
                continue;
            }
            [$own, $questions[]] = $this->ofEach($groups);
            array_push($ways, ...$own);
        }
        $ways = array_values(array_unique($ways, SORT_REGULAR));
        if ($ways === []) {
            throw new Refused(Fact::of('order.two-dishes'));
        }
        $asked = array_values(array_filter($questions, static fn (?Fact $fact): bool => $fact !== null))[0] ?? null;

        return [$ways, $asked ?? (count($ways) > 1 ? Fact::of('order.which-number', these: array_map(self::sizes(...), $ways)) : null)];
    }

    /**
     * @param  list<list<Token>>  $groups  Of one dish each.
     *
     * @return array{list<list<Line>>, Fact|null} what all of them can be, and what is asked
     *
     * @throws Refused
     */
    private function ofEach(array $groups): array
    {
        $ways = [[]];
        $question = null;
        foreach ($groups as $tokens) {
            [$own, $asked] = $this->ofOneDish($tokens);
            $question ??= $asked ?? ($this->isPlain($tokens) ? null : Fact::of('order.whose-number'));
            $next = [];
            foreach ($ways as $way) {
                foreach ($own as $lines) {
                    $next[] = [...$way, ...$lines];
                }
            }
            if (count($next) > self::MOST_WAYS) {
                throw new Refused(Fact::of('order.two-dishes'));
            }
            $ways = $next;
        }

        return [$ways, $question];
    }

    /**
     * Whether each number beside other dishes can only be of this one: there is one, or mains and then starters with a plus
     * or "and" between where none can be the table.
     *
     * @param  list<Token>  $tokens
     */
    private function isPlain(array $tokens): bool
    {
        $kinds = array_column($tokens, 'kind');
        $numbers = count(array_keys($kinds, 'number', true));

        return $numbers === 1 || ($this->isTableKnown && $numbers === 2 && preg_match('/number (?:mains )?(?:plus|and) number starters/', implode(' ', $kinds)) === 1);
    }

    /** @param  list<Token>  $tokens */
    private static function hasNumber(array $tokens): bool
    {
        return array_filter($tokens, static fn (Token $token): bool => $token->kind === 'number') !== [];
    }

    /**
     * "4 pea 2 trout" into "4 pea" and "2 trout"; "pea 4 trout 2" likewise.
     *
     * @param  list<Token>  $tokens
     *
     * @return list<list<Token>>
     */
    private function byNumber(array $tokens): array
    {
        $telling = array_values(array_filter($tokens, fn (Token $token): bool => $token->kind === 'number' || $this->isOfADish($token)));
        $isNumberFirst = ($telling[0]->kind ?? '') === 'number';
        $groups = [[]];
        $hasNumber = $hasDish = false;
        foreach ($tokens as $token) {
            $isDish = $this->isOfADish($token);
            if ($isNumberFirst ? $token->kind === 'number' && $hasDish : $isDish && $hasNumber) {
                $groups[] = [];
                $hasNumber = $hasDish = false;
            }
            $groups[count($groups) - 1][] = $token;
            $hasNumber = $hasNumber || $token->kind === 'number';
            $hasDish = $hasDish || $isDish;
        }

        return $groups;
    }

    /**
     * Parts of one dish's name that a comma set apart, and starters that belong to the dish before.
     *
     * @param  list<list<Token>>  $groups
     *
     * @return list<list<Token>>
     */
    private function joined(array $groups): array
    {
        $joined = [];
        foreach ($groups as $group) {
            $last = count($joined) - 1;
            $belongs = $last >= 0 && (! $this->hasWordOfADish($group) || (! self::hasNumber($group) && $this->dishesWithAll([...$joined[$last], ...$group]) !== []));
            if ($belongs) {
                $joined[$last] = [...$joined[$last], ...Token::all('|'), ...$group];
            } else {
                $joined[] = $group;
            }
        }

        return $joined;
    }
}
