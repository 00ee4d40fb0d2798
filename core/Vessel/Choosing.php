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
        uasort($pans, static fn (Pan $a, Pan $b): int => $a->baseArea() <=> $b->baseArea());
        uasort($burners, static fn (Burner $a, Burner $b): int => $a->ring <=> $b->ring);

        foreach ($pans as $panId => $pan) {
            $volume = $rice * (1 + self::DRUNK) / Pan::COOKED_G_PER_ML + $rice * self::SAUCE;
            if ($pan->layer($rice, self::DRUNK) > Pan::RISOTTO_LAYER_MM || $volume > $pan->workingVolume()) {
                continue;
            }
            foreach ($burners as $burnerId => $burner) {
                if ($burner->reaches($pan) && $burner->strongest() >= $wanted * $pan->baseArea()) {
                    return [$panId, $burnerId];
                }
            }
        }

        return null;
    }
}
