<?php

declare(strict_types=1);

namespace Velko\Core\Cook;

use Velko\Core\Pan\Simulation;
use Velko\Core\Rice\Grain;
use Velko\Core\Rice\Looseness;
use Velko\Core\Rice\Scale;

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

    /** It boils again after the pour: how soon tells how strong the ring is. */
    case Boils = 'boils';

    // How it falls from a tilted spoon.
    case Stands = 'stands';
    case SlowSlump = 'slow-slump';
    case Wave = 'wave';
    case VeryLoose = 'very-loose';
    case Creamy = 'creamy';
    case Loose = 'loose';
    case Soup = 'soup';

    /** A spoon leaves a dry trail in the wine, g free per g rice. */
    public const WINE_GONE = 0.10;

    /** The spoon's trail stays open: tighter than "stands", g free per g rice (our scale). */
    private const TRAIL_STAYS = 0.35;

    /**
     * Free liquid it stands for, g per g rice. How it falls from a spoon is a word for a range, open at both ends of the
     * scale: what was thought, where that would be called so anyway, or else the nearest that would.
     *
     * @param  float  $drunk  g per g rice
     * @param  float  $thought  free liquid as it was thought, g per g rice
     * @param  Scale  $scale  of the dish
     *
     * @return float|null null where it tells nothing of that
     */
    public function free(float $drunk, float $thought, Scale $scale): ?float
    {
        return match ($this) {
            self::WineGone => self::WINE_GONE,
            self::DryTrail => self::TRAIL_STAYS,
            self::GrainsShow => Grain::gaps(1.0, $drunk),
            self::Crackle => Simulation::DRY,
            self::SpoonResists => 0.0,
            self::Boils => null,
            default => $scale->within(Looseness::from(str_replace('-', ' ', $this->value)), $thought),
        };
    }

    /** @return array{float, float}|null of how it falls from a spoon, g free per g rice between which it is called so, -INF and INF where there is no end to it; null of any other sign */
    public function range(Scale $scale): ?array
    {
        $word = Looseness::tryFrom(str_replace('-', ' ', $this->value));

        return $word === null ? null : $scale->range($word);
    }

    /** How it falls from a spoon, by how loose the pan is; null where a dish has no sauce. */
    public static function ofLooseness(float $looseness, Scale $scale): ?self
    {
        return self::tryFrom(str_replace(' ', '-', $scale->nearest($looseness)->value));
    }

    /** How far off it may be, one standard deviation, g per g rice; for a boil, K. */
    public function spread(): float
    {
        return match ($this) {
            self::DryTrail, self::GrainsShow => 0.12,
            self::WineGone => 0.08,
            self::Crackle, self::SpoonResists => 0.05,
            self::Stands, self::SlowSlump, self::Wave, self::VeryLoose => 0.07,
            self::Creamy, self::Loose, self::Soup => 0.25,
            self::Boils => 4.0,
        };
    }
}
