<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Length;
use Velko\Core\Quantity\Power;
use Velko\Core\Quantity\Ratio;
use Velko\Core\Quantity\Rounding;
use Velko\Core\Quantity\Volume;
use Velko\Core\Vessel\Burner;
use Velko\Core\Vessel\Pan;

/** Where pan, ring and ladle do not fit what is cooked in them. Limits are common practice, no single source, or our own. */
final class FitChecks
{
    /** A layer that is over its limit by less is as deep as the limit, mm. */
    private const NOT_WORTH_A_WORD = 0.5;

    /** A layer thinner than this means that the pan is far too wide, mm. */
    private const THIN_MM = 5.0;

    /** More stock than this to a gram of rice is unusual, mL. */
    private const MUCH_STOCK_PER_G = 12.0;

    /** A flame that is wider than the floor by a third heats the wall and the handle. */
    private const FLAME_TOO_WIDE = 4 / 3;

    /** No tape at a stove is read finer than this, cm. */
    private const READS_TO_CM = 0.5;

    /** No ladle is smaller than this, mL (common practice: 60 to 150). */
    private const SMALLEST_LADLE = 30.0;

    /** A risotto in stages has at least so many doses. */
    private const FEWEST_DOSES = 3;

    /** The most scoops that anybody takes to one pour, if the line has a larger ladle (common practice: 90 to 150 mL). */
    private const MOST_SCOOPS = 30;

    private const LARGEST_LADLE = 150.0;

    /** Half-ladles and doses for which another ladle would be right. */
    private const GOOD_DOSES = 8;

    /** @return list<Warning|null> */
    public static function of(Plan $plan): array
    {
        return [self::overRim($plan), self::ringTooSmall($plan), self::flameTooWide($plan), self::tooWide($plan)];
    }

    /**
     * @param  float  $limit  mm
     * @param  'stir'|'cook'  $evenly  what so much does not do evenly
     */
    public static function tooDeep(Plan $plan, float $limit, string $evenly): ?Warning
    {
        $layer = $plan->layer();
        if ($layer < $limit + self::NOT_WORTH_A_WORD) {
            return null;
        }
        $covers = self::mostCovers($plan);
        $base = $plan->ask->pan->base * sqrt($layer / $limit);

        return new Warning(
            'layer-too-deep',
            ['depth' => Length::ofMm(round($layer)), 'most' => Length::ofMm($limit), 'evenly' => $evenly],
            $covers >= 1
                ? Fact::of('fix.covers-base-or-split', covers: $covers, base: Length::ofCm(ceil($base)), pans: (int) ceil($plan->ask->covers / $covers))
                : Fact::of('fix.wider-base', base: Length::ofCm(ceil($base))),
        );
    }

    /** What the pan is said to take wherever pans are offered; fewer than are in it, where that would still hold them. */
    private static function mostCovers(Plan $plan): int
    {
        $ask = $plan->ask;
        $most = (int) floor($ask->family->fit($ask->grain, $ask->target->looseness)->withRoomFor($ask->roomOfFood() / $ask->rice())->mostRice($ask->pan) / $ask->gramsPerCover);

        return max(0, min($most, $ask->covers - 1));
    }

    private static function overRim(Plan $plan): ?Warning
    {
        $room = $plan->ask->pan->workingVolume();
        $most = $plan->mostInThePan();
        if ($most <= $room) {
            return null;
        }

        return new Warning(
            'over-the-rim',
            ['most' => Volume::ofMl($most), 'room' => Volume::ofMl($room), 'under' => Length::ofMm(Pan::FREEBOARD_CM * 10)],
            self::mostCovers($plan) < 1 ? Fact::of('fix.larger-pan') : Fact::of('fix.covers-or-larger-pan', covers: self::mostCovers($plan)),
        );
    }

    private static function ringTooSmall(Plan $plan): ?Warning
    {
        $pan = $plan->ask->pan;
        if ($plan->ask->burner->reaches($pan)) {
            return null;
        }

        return new Warning(
            'ring-too-small',
            ['ring' => Length::ofCm(round($plan->ask->burner->ring)), 'base' => Length::ofCm(round($pan->base))],
            Fact::of('fix.wider-ring', ring: Length::ofCm(ceil(Burner::SMALLEST_RING_SHARE * $pan->base))),
        );
    }

    private static function flameTooWide(Plan $plan): ?Warning
    {
        $ring = $plan->ask->burner->ring;
        $pan = $plan->ask->pan;
        if ($ring <= self::FLAME_TOO_WIDE * $pan->base + self::READS_TO_CM) {
            return null;
        }

        return new Warning(
            'flame-too-wide',
            ['ring' => Length::ofCm(round($ring)), 'base' => Length::ofCm(round($pan->base))],
            Fact::of('fix.narrower-ring', ring: Length::ofCm(floor(self::FLAME_TOO_WIDE * $pan->base)), base: Length::ofCm(ceil($ring / self::FLAME_TOO_WIDE))),
        );
    }

    private static function tooWide(Plan $plan): ?Warning
    {
        $layer = $plan->layer();
        $ratio = $plan->millilitresPerGram();
        if ($layer >= self::THIN_MM && $ratio <= self::MUCH_STOCK_PER_G) {
            return null;
        }
        $covers = max($plan->ask->covers + 1, (int) ceil($plan->ask->covers * self::THIN_MM / $layer));

        return new Warning(
            'pan-too-wide',
            ['thin' => $layer < self::THIN_MM, 'depth' => Length::ofMm(round($layer, 1)), 'ratio' => Ratio::of($ratio)],
            Fact::of('fix.narrower-base-or-covers', base: Length::ofCm(max(Pan::MIN_DIAMETER_CM, floor($plan->ask->pan->base * sqrt(min(1.0, $layer / self::THIN_MM))))), covers: $covers),
        );
    }

    /**
     * @param  float  $most  W/m² of floor
     * @param  'catches'|'browns'  $then  what so much heat does
     */
    public static function tooFierce(Plan $plan, string $mark, float $most, string $then): Warning
    {
        $area = $plan->ask->pan->baseArea();
        $weaker = $plan->ask->burner->below($mark);

        return new Warning(
            'too-fierce',
            ['mark' => $mark, 'then' => $then],
            $weaker === null ? Fact::of('fix.weaker-ring', power: Power::ofW(floor($most * $area / 50) * 50)) : Fact::of('fix.set-to', mark: $weaker),
        );
    }

    /** A ladle that makes one dose of a whole risotto, or dozens of scoops. */
    public static function ladle(Plan $plan): ?Warning
    {
        $pours = count(array_filter($plan->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Pour));
        $ladle = $plan->ask->ladle->ml;
        $scoops = $plan->stock / $ladle;
        $tooSmall = $scoops > self::MOST_SCOOPS && $ladle < self::LARGEST_LADLE;
        if ($pours >= self::FEWEST_DOSES && ! $tooSmall) {
            return null;
        }
        $better = min(self::LARGEST_LADLE, Rounding::to($plan->stock / self::GOOD_DOSES, 10.0));

        return match (true) {
            $tooSmall => new Warning('ladle-too-small', ['scoops' => (int) round($scoops)], Fact::of('fix.ladle-of', volume: Volume::ofMl($better))),
            $ladle > $plan->stock / self::FEWEST_DOSES && $better >= self::SMALLEST_LADLE => new Warning('ladle-too-big', ['volume' => Volume::ofMl($ladle)], Fact::of('fix.ladle-of', volume: Volume::ofMl($better))),
            default => null,
        };
    }
}
