<?php

declare(strict_types=1);

namespace App\Bench;

use App\Dish\PartToCook;
use App\Models\Cook;
use App\Models\Dish;
use App\Models\Kitchen;
use App\Stove\StoredCook;
use Carbon\CarbonImmutable;
use Velko\Core\Cook\StageKind;
use Velko\Core\Pan\State;
use Velko\Core\Planning\Ask;
use WeakMap;

/** What was last part-cooked of a dish and may still be eaten: how it was really stopped. */
final readonly class LastBatch
{
    /** So many are looked at. */
    private const MOST = 12;

    private function __construct(public string $uuid, public Ask $ask, public State $stopped) {}

    /** Asked once a dish and request. */
    public static function of(Dish $dish, Kitchen $kitchen, CarbonImmutable $now): ?self
    {
        /** @var WeakMap<Dish, array{?self}>|null $known */
        static $known = null;
        $known ??= new WeakMap;

        return ($known[$dish] ??= [self::found($dish, $kitchen, $now)])[0];
    }

    private static function found(Dish $dish, Kitchen $kitchen, CarbonImmutable $now): ?self
    {
        $cooks = Cook::query()->with(Cook::WHOLE)->where('kitchen_id', $kitchen->id);
        $cooks->whereBetween('table_at', [$now->subDays($kitchen->fridge_days), $now->addDay()]);
        $cooks->whereHas('plan', static fn ($plans) => $plans->where('dish_id', $dish->id)->where('working->ask->way', PartToCook::Ahead->value));
        $cooks->orderByDesc('table_at')->limit(self::MOST);
        foreach ($cooks->get() as $cook) {
            $stored = new StoredCook($cook);
            $run = $stored->replay->minuteOf(StageKind::Serve) === null ? null : $stored->actualRun($now->getTimestampMs());
            if ($run !== null) {
                return new self($cook->uuid, $stored->ask(), $run->off());
            }
        }

        return null;
    }
}
