<?php

declare(strict_types=1);

namespace Velko\Core\Safety;

/** What one part taken for another does to who may eat the plate. */
final class Exchanged
{
    /** @return list<string> in a cook's words; empty where nothing changes for any guest */
    public static function of(Part $before, Part $after): array
    {
        $brings = self::without($after->allergens, $before->allergens);
        $spares = $after->complete ? self::without($before->allergens, $after->allergens) : [];

        return array_values(array_filter([
            $brings === [] ? null : 'brings '.self::names($brings),
            $spares === [] ? null : 'spares '.self::names($spares),
            self::guests($before->suits, $after->suits),
            $after->isKnown() ? null : 'what else is in it nobody has said',
        ], static fn (?string $words): bool => $words !== null));
    }

    /** Who is won, or lost: a guest on a strict diet who could eat it before and cannot now. */
    private static function guests(?Diet $before, ?Diet $after): ?string
    {
        if ($before === $after || $before === null || $after === null) {
            return null;
        }
        if ($after->servesAlso($before)) {
            return "for a $after->value guest too";
        }

        return "no longer $before->value".($after === Diet::Any ? ': for guests who eat meat' : ": $after->value");
    }

    /**
     * @param  list<Allergen>  $these
     * @param  list<Allergen>  $those
     *
     * @return list<Allergen>
     */
    private static function without(array $these, array $those): array
    {
        return array_values(array_filter($these, static fn (Allergen $one): bool => ! in_array($one, $those, true)));
    }

    /** @param  list<Allergen>  $allergens */
    private static function names(array $allergens): string
    {
        return implode(', ', array_map(static fn (Allergen $one): string => $one->value, $allergens));
    }
}
