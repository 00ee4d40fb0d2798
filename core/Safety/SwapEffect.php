<?php

declare(strict_types=1);

namespace Velko\Core\Safety;

use Velko\Core\Quantity\Fact;

/** What one part taken for another does to who may eat the plate. */
final class SwapEffect
{
    /**
     * @param  Diet  $wanted  of the guest the dish is meant for
     *
     * @return list<Fact> empty where nothing changes for any guest
     */
    public static function of(Part $before, Part $after, Diet $wanted = Diet::Any): array
    {
        $brings = self::without($after->allergens, $before->allergens);
        $spares = $after->complete ? self::without($before->allergens, $after->allergens) : [];

        return array_values(array_filter([
            $brings === [] ? null : Fact::of('swap.brings', allergens: self::facts($brings)),
            $spares === [] ? null : Fact::of('swap.spares', allergens: self::facts($spares)),
            self::unfit($after, $wanted) === null ? self::guests($before->suits, $after->suits) : null,
            $after->isKnown() ? null : Fact::of('swap.not-said'),
        ], static fn (?Fact $fact): bool => $fact !== null));
    }

    /** That a part is not for the guest the dish is meant for; null where it is, or nobody knows. */
    public static function unfit(Part $after, Diet $wanted): ?Fact
    {
        return $after->suits === null || $after->suits->servesAlso($wanted) ? null : Fact::of('swap.unfit', what: $after->name, diet: $wanted->fact());
    }

    /** Who is won, or lost: a guest on a strict diet who could eat it before and cannot now. */
    private static function guests(?Diet $before, ?Diet $after): ?Fact
    {
        if ($before === $after || $before === null || $after === null) {
            return null;
        }
        if ($after->servesAlso($before)) {
            return Fact::of('swap.guests-too', diet: $after->fact());
        }

        return $after === Diet::Any ? Fact::of('swap.now-meat', before: $before->fact()) : Fact::of('swap.no-longer', before: $before->fact(), after: $after->fact());
    }

    /**
     * @param  list<Allergen>  $these
     * @param  list<Allergen>  $those
     *
     * @return list<Allergen>
     */
    private static function without(array $these, array $those): array
    {
        return array_values(array_filter($these, static fn (Allergen $allergen): bool => ! in_array($allergen, $those, true)));
    }

    /**
     * @param  list<Allergen>  $allergens
     *
     * @return list<Fact>
     */
    private static function facts(array $allergens): array
    {
        return array_map(static fn (Allergen $allergen): Fact => $allergen->fact(), $allergens);
    }
}
