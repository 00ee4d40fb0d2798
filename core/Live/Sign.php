<?php

declare(strict_types=1);

namespace Velko\Core\Live;

use Velko\Core\Pan\Simulation;
use Velko\Core\Planning\Cooking;
use Velko\Core\Rice\Grain;

/**
 * What a cook sees or hears in the pan. Each stands for so much free liquid, and so is a rough weighing (our estimate of
 * how rough).
 */
enum Sign: string
{
    case WineGone = 'wine-gone';
    case DryTrail = 'dry-trail';
    case GrainsShow = 'grains-show';
    case Crackle = 'crackle';
    case SpoonResists = 'spoon-resists';

    /** The spoon's trail stays open: tighter than "stands", g free per g rice (our scale). */
    private const TRAIL_STAYS = 0.35;

    /**
     * Free liquid it stands for, g per g rice.
     *
     * @param  float  $drunk  g per g rice
     */
    public function free(float $drunk): float
    {
        return match ($this) {
            self::WineGone => Cooking::WINE_GONE,
            self::DryTrail => self::TRAIL_STAYS,
            self::GrainsShow => Grain::gaps(1.0, $drunk),
            self::Crackle => Simulation::DRY,
            self::SpoonResists => 0.0,
        };
    }

    /** How far off it may be, one standard deviation, g per g rice. */
    public function spread(): float
    {
        return match ($this) {
            self::DryTrail, self::GrainsShow => 0.12,
            self::WineGone => 0.08,
            self::Crackle, self::SpoonResists => 0.05,
        };
    }
}
