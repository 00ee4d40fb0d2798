<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

/** The two or three things worth changing in a kitchen; nothing that its cooks do not carry. */
final class WorthChanging
{
    private const MOST = 3;

    /** Cooks on which a word about a ring rests at least. */
    private const FEW = 4;

    /** A ring that is off by less is no matter. */
    private const OFF = 0.06;

    /** A ring that is known no better than this is worth weighing on: its band, as a share. */
    private const WIDE = 0.30;

    /** That nobody knows is worth less than what is surely wrong. */
    private const NOT_WRONG = 0.1;

    /** A dish that takes so much more or less than planned, as a share, in so many standard errors. */
    private const TAKES = 0.04;

    private const SURELY = 2.0;

    /** From one cook of a dish to the next (our estimate: a ladle, and a ring half off its mark). */
    private const A_COOK = 0.06;

    /**
     * @param  list<MarkAsLearned>  $marks
     * @param  list<DishAsWanted>  $dishes
     *
     * @return list<Advice> what weighs most first
     */
    public static function of(array $marks, array $dishes): array
    {
        $rings = [];
        foreach ($marks as $mark) {
            $rings[$mark->ring][] = $mark;
        }
        $all = [
            ...array_map(self::wrongMarks(...), array_values($rings)),
            ...array_map(self::hardlyKnown(...), array_values($rings)),
            ...array_map(self::takes(...), $dishes),
        ];
        $all = array_values(array_filter($all, static fn (?Advice $advice): bool => $advice !== null));
        usort($all, static fn (Advice $a, Advice $b): int => $b->weight <=> $a->weight);

        return array_slice($all, 0, self::MOST);
    }

    /** @param  non-empty-list<MarkAsLearned>  $marks  of one ring */
    private static function wrongMarks(array $marks): ?Advice
    {
        $most = self::mostTold(array_filter($marks, static fn (MarkAsLearned $mark): bool => $mark->cooks >= self::FEW && $mark->isOff()));

        return $most === null || abs($most->off()) <= self::OFF ? null
            : new Advice('correct-ring', $most->ring, $most->off(), $most->low / $most->given - 1, $most->high / $most->given - 1, $most->cooks, abs($most->off()) * sqrt($most->cooks));
    }

    /** @param  non-empty-list<MarkAsLearned>  $marks  of one ring */
    private static function hardlyKnown(array $marks): ?Advice
    {
        $most = self::mostTold(array_filter($marks, static fn (MarkAsLearned $mark): bool => $mark->cooks >= self::FEW && ! $mark->isSure));

        return $most === null || $most->width() <= self::WIDE ? null
            : new Advice('weigh-on-ring', $most->ring, $most->width() / 2, null, null, $most->cooks, self::NOT_WRONG * $most->width() * sqrt($most->cooks));
    }

    private static function takes(DishAsWanted $dish): ?Advice
    {
        $off = $dish->ofPlanned - 1;
        $error = self::SURELY * self::A_COOK / sqrt($dish->cooks);

        return abs($off) <= max(self::TAKES, $error) ? null : new Advice('dish-takes', $dish->dish, $off, $off - $error, $off + $error, $dish->cooks, abs($off) * sqrt($dish->cooks));
    }

    /**
     * The one on which most was cooked.
     *
     * @param  array<MarkAsLearned>  $marks
     */
    private static function mostTold(array $marks): ?MarkAsLearned
    {
        usort($marks, static fn (MarkAsLearned $a, MarkAsLearned $b): int => $b->cooks <=> $a->cooks);

        return $marks[0] ?? null;
    }
}
