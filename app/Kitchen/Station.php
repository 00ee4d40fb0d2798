<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Models\Burner;
use App\Models\BurnerSetting;
use App\Models\Dish;
use App\Models\Kitchen;
use App\Models\Ladle;
use App\Models\Pan;
use App\Models\Rice;
use Velko\Core\Family\Families;
use Velko\Core\Food\Portion;
use Velko\Core\Planning\Defaults;
use Velko\Core\Rice\Grain;
use Velko\Core\Rice\Variety;
use Velko\Core\Rice\Window;
use Velko\Core\Safety\Temperatures;
use Velko\Core\Vessel\Burner as CoreBurner;
use Velko\Core\Vessel\Fire;
use Velko\Core\Vessel\Fit;
use Velko\Core\Vessel\Ladle as CoreLadle;
use Velko\Core\Vessel\Pan as CorePan;

/** Rows of the station as the core's values. */
final class Station
{
    public static function pan(Pan $pan): CorePan
    {
        return new CorePan($pan->base_cm, $pan->rim_cm, $pan->height_cm, $pan->metal_j_per_k);
    }

    public static function burner(Burner $burner): CoreBurner
    {
        $fire = Fire::from($burner->fuel);
        // What was said of it as a fire counts no more once it has a knob.
        $fades = $fire->hasAKnob() ? null : $burner->fades_percent_per_min;

        return new CoreBurner($burner->ring_cm, self::netPower($burner), $burner->grate_cm, $fire, $fades === null ? null : $fades / 100);
    }

    /** @return non-empty-array<int|string, float> W by mark: as measured, or estimated from the rated power */
    public static function netPower(Burner $burner): array
    {
        $net = [];
        foreach ($burner->settings as $setting) {
            $net[$setting->mark] = self::netPowerAt($burner, $setting);
        }

        return $net === [] ? ['full' => CoreBurner::estimate(Fire::from($burner->fuel), $burner->rated_w, 1.0)] : $net;
    }

    public static function netPowerAt(Burner $burner, BurnerSetting $setting): float
    {
        return $setting->net_w ?? round(CoreBurner::estimate(Fire::from($burner->fuel), $burner->rated_w, $setting->share));
    }

    public static function grain(Rice $rice): Grain
    {
        $grain = Variety::from($rice->variety)->grain();

        $grain = $grain->withWindow(new Window($rice->window_low ?? $grain->window->low, $rice->window_high ?? $grain->window->high));
        $boiled = $rice->boiled();

        return $boiled === null ? $grain : $grain->drinks(Grain::drunkWhenBoiled($boiled['raw_g'], $boiled['drained_g']));
    }

    public static function temperatures(Kitchen $kitchen): Temperatures
    {
        return new Temperatures($kitchen->fish_c, $kitchen->poultry_c, $kitchen->meat_c, $kitchen->hot_holding_c, $kitchen->fridge_days, $kitchen->cooled_first_min, $kitchen->cooled_min, $kitchen->reheat_c);
    }

    /** What a dish asks of a pan. */
    public static function fit(Dish $dish): Fit
    {
        $room = array_sum(array_map(static fn (Portion $one): float => $one->isInThePan() ? $one->room() : 0.0, DishAsk::food($dish, $dish->grams_main, 1, 0.0)));

        return Families::named($dish->family)->fit(self::grain($dish->rice), $dish->looseness)->beside($room / $dish->grams_main);
    }

    /** @return non-empty-list<CoreLadle> */
    public static function ladles(Kitchen $kitchen): array
    {
        $ladles = array_values($kitchen->ladles->sortBy('ml')->map(static fn (Ladle $ladle): CoreLadle => new CoreLadle($ladle->ml))->all());

        return $ladles === [] ? [new CoreLadle(Defaults::LADLE_ML)] : $ladles;
    }
}
