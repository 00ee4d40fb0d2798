<?php

declare(strict_types=1);

namespace Velko\Core\Vessel;

/** Which pan and which ring for so much rice: the smallest pan that holds it, on the smallest ring that reaches it. */
final class Choosing
{
    /** What rice has drunk when a risotto is done, g per g raw, for choosing a pan before the cook is worked out. */
    private const DRUNK = 1.55;

    /** The sauce around it, g per g raw, at its loosest. */
    private const SAUCE = 1.1;

    /**
     * @param  array<int, Pan>  $pans  by id
     * @param  array<int, Burner>  $burners  by id
     * @param  float  $rice  g raw
     * @param  float  $wanted  net power over the floor that the strongest mark must reach, W/m²
     *
     * @return array{int, int}|null ids of pan and burner
     */
    public static function forRisotto(array $pans, array $burners, float $rice, float $wanted): ?array
    {
        foreach (self::pairs($pans, $burners, $wanted) as $pair) {
            if (self::mostRice($pans[$pair[0]]) >= $rice) {
                return $pair;
            }
        }

        return null;
    }

    /**
     * The pan that takes most, with the smallest ring that serves it.
     *
     * @param  array<int, Pan>  $pans  by id
     * @param  array<int, Burner>  $burners  by id
     * @param  float  $wanted  W/m², as above
     *
     * @return array{int, int}|null ids of pan and burner
     */
    public static function largestForRisotto(array $pans, array $burners, float $wanted): ?array
    {
        $pairs = self::pairs($pans, $burners, $wanted);
        usort($pairs, static fn (array $a, array $b): int => self::mostRice($pans[$b[0]]) <=> self::mostRice($pans[$a[0]]));

        return $pairs[0] ?? null;
    }

    /** Raw rice for which a pan is just deep and just roomy enough, g. */
    public static function mostRice(Pan $pan): float
    {
        return min(
            $pan->riceForLayer(Pan::RISOTTO_LAYER_MM, self::DRUNK),
            $pan->workingVolume() / ((1 + self::DRUNK) / Pan::COOKED_G_PER_ML + self::SAUCE),
        );
    }

    /**
     * Every pan with a ring that reaches it and is strong enough, smallest pan first, smallest ring first.
     *
     * @param  array<int, Pan>  $pans
     * @param  array<int, Burner>  $burners
     *
     * @return list<array{int, int}>
     */
    private static function pairs(array $pans, array $burners, float $wanted): array
    {
        uasort($pans, static fn (Pan $a, Pan $b): int => $a->baseArea() <=> $b->baseArea());
        uasort($burners, static fn (Burner $a, Burner $b): int => $a->ring <=> $b->ring);
        $pairs = [];
        foreach ($pans as $panId => $pan) {
            foreach ($burners as $burnerId => $burner) {
                if ($burner->reaches($pan) && $burner->strongest() >= $wanted * $pan->baseArea()) {
                    $pairs[] = [$panId, $burnerId];
                }
            }
        }

        return $pairs;
    }
}
