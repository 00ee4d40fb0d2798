<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Dish\DishContents;
use App\Models\Burner;
use App\Models\BurnerSetting;
use App\Models\Dish;
use App\Models\Kitchen;
use App\Models\Ladle;
use App\Models\OwnNumber;
use App\Models\Pan;
use App\Models\Rice;
use Velko\Core\Family\Families;
use Velko\Core\Food\Portion;
use Velko\Core\Planning\Defaults;
use Velko\Core\Rice\Doubt;
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
    /** How well a mark is known that was measured: the scale, and another pan than it was measured in, which catches another share of the flame (our estimate), one standard deviation as a share. */
    private const MEASURED = 0.10;

    public static function pan(Pan $pan): CorePan
    {
        return new CorePan($pan->base_cm, $pan->rim_cm, $pan->height_cm, $pan->metal_j_per_k);
    }

    public static function burner(Burner $burner): CoreBurner
    {
        $fire = Fire::from($burner->fuel);
        // What was said of it as a fire counts no more once it has a knob.
        $fades = $fire->hasAKnob() ? null : $burner->fades_percent_per_min;

        return new CoreBurner($burner->ring_cm, self::netPower($burner), $burner->grate_cm, $fire, $fades === null ? null : $fades / 100, self::spreads($burner));
    }

    /** @return array<int|string, float> how well each mark is known that was learned or set by hand; a fire is never twice the same */
    private static function spreads(Burner $burner): array
    {
        $spreads = [];
        foreach (Fire::from($burner->fuel)->hasAKnob() ? $burner->settings : [] as $setting) {
            $own = self::ownNet($burner, $setting);
            if ($own !== null) {
                $spreads[$setting->mark] = $own->spread;
            }
        }

        return $spreads;
    }

    /**
     * How well it is known what these marks will give, one standard deviation as a share: as well as the one that is known worst.
     *
     * @param  list<string>  $marks
     */
    public static function ringDoubt(Burner $burner, array $marks): float
    {
        $known = self::burner($burner);
        $spread = static fn (BurnerSetting $setting): float => $setting->net_w !== null && self::ownNet($burner, $setting) === null && $known->fire->hasAKnob() ? self::MEASURED : $known->knownTo([$setting->mark]);
        $stoodOn = $burner->settings->filter(static fn (BurnerSetting $setting): bool => in_array($setting->mark, $marks, true));

        return $stoodOn->isEmpty() ? $known->knownTo([]) : (float) $stoodOn->map($spread)->max();
    }

    /** @return non-empty-array<int|string, float> W by mark: the kitchen's own, as measured, or estimated from the rated power */
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
        return self::ownNet($burner, $setting)->value ?? self::givenNet($burner, $setting);
    }

    /** As measured, or estimated from the rated power, W; whatever the kitchen has learned since. */
    public static function givenNet(Burner $burner, BurnerSetting $setting): float
    {
        return $setting->net_w ?? round(CoreBurner::estimate(Fire::from($burner->fuel), $burner->rated_w, $setting->share));
    }

    public static function ownNet(Burner $burner, BurnerSetting $setting): ?OwnNumber
    {
        return $burner->own->first(static fn (OwnNumber $ownNumber): bool => $ownNumber->mark === $setting->mark && $ownNumber->standsFor(self::givenNet($burner, $setting)));
    }

    public static function grain(Rice $rice): Grain
    {
        $grain = self::packet($rice);
        $drinking = self::ownOfRice($rice, 'drinking');
        $doneness = self::ownOfRice($rice, 'doneness');
        $grain = $grain->browningTimes(self::ownOfRice($rice, 'crust')->value ?? $grain->browns);
        if ($drinking !== null) {
            $grain = $grain->drinks($drinking->value);
        }
        if ($doneness === null) {
            return $grain;
        }
        $done = $grain->doneAfterTimes($doneness->value / $grain->window->middle());

        // A later middle has drunk more by then.
        return $done->measured === null ? $done : $done->drinks($done->drunkInAmpleLiquid($done->window->middle()));
    }

    /** How well that is known. */
    public static function doubt(Rice $rice): Doubt
    {
        $usual = $rice->boiled() === null ? new Doubt : Doubt::boiled();

        return new Doubt(self::ownOfRice($rice, 'drinking')->spread ?? $usual->drinking, self::ownOfRice($rice, 'doneness')->spread ?? $usual->doneness);
    }

    /** @param  'drinking'|'doneness'|'crust'  $of */
    public static function ownOfRice(Rice $rice, string $of): ?OwnNumber
    {
        $given = self::givenOfRice($rice)[$of];

        return $rice->own->first(static fn (OwnNumber $ownNumber): bool => $ownNumber->of === $of && $ownNumber->standsFor($given));
    }

    /** @return array{drinking: float, doneness: float, crust: float} of a packet, guessed or measured; whatever the kitchen has learned since */
    public static function givenOfRice(Rice $rice): array
    {
        $packet = self::packet($rice);
        $middle = $packet->window->middle();

        return ['drinking' => $packet->drunkInAmpleLiquid($middle), 'doneness' => $middle, 'crust' => $packet->browns];
    }

    /** By its packet, and as it was boiled and weighed; whatever the kitchen has learned since. */
    public static function packet(Rice $rice): Grain
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
        $room = array_sum(array_map(static fn (Portion $portion): float => $portion->isInThePan() ? $portion->room() : 0.0, DishContents::food($dish, $dish->grams_main, 1, 0.0)));

        return Families::named($dish->family)->fit(self::grain($dish->rice), $dish->looseness)->withRoomFor($room / $dish->grams_main);
    }

    /** @return non-empty-list<CoreLadle> */
    public static function ladles(Kitchen $kitchen): array
    {
        $ladles = array_values($kitchen->ladles->sortBy('ml')->map(static fn (Ladle $ladle): CoreLadle => new CoreLadle($ladle->ml))->all());

        return $ladles === [] ? [new CoreLadle(Defaults::LADLE_ML)] : $ladles;
    }
}
