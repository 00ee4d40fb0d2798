<?php

declare(strict_types=1);

namespace App\Bench;

use Velko\Core\Method\PartCooking;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\CooledRice;
use Velko\Core\Planning\PartCookedPlan;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;
use Velko\Core\Planning\Warning;
use Velko\Core\Safety\CoolingChecks;
use Velko\Core\Safety\Temperatures;

/** A dish that is cooked ahead and finished to order: both halves of one ask. */
final readonly class PartCookedDish
{
    /** A tray of 530 × 325 mm (EN 631, GN 1/1), m². */
    private const TRAY = 0.53 * 0.325;

    public PartCookedPlan $both;

    public Plan $ahead;

    public CooledRice $cooled;

    /** The minute at which the first half is stopped. */
    private float $stopped;

    /**
     * @param  Ask  $whole  of the dish in one go
     * @param  LastBatch|null  $last  what it is finished from; null: as it would be planned
     */
    public function __construct(private Ask $whole, private PartCooking $part, ?LastBatch $last = null)
    {
        $this->both = new PartCookedPlan($whole, $part);
        $this->ahead = Planner::plan($this->both->cookedAhead());
        $this->cooled = $this->both->cooled($last->ask ?? $this->ahead->ask, $last->stopped ?? $this->ahead->pulled);
        $this->stopped = ($last->stopped ?? $this->ahead->pulled)->minute();
    }

    public function toOrder(): Ask
    {
        return $this->both->toOrder($this->cooled->part);
    }

    /** @return list<Warning> of its cooling */
    public function warnings(Temperatures $reach): array
    {
        return CoolingChecks::of($this->both, $this->ahead, $this->cooled, $this->whole->grain->window, $reach);
    }

    /** @return array<string, mixed> as in velko.working/1 */
    public function document(Temperatures $reach): array
    {
        $rice = $this->whole->rice();

        return [
            'share' => $this->part->share,
            'layer_mm' => $this->part->layer,
            'stop_min' => round($this->stopped, 1),
            'stock_ml' => $this->ahead->stock,
            'weighs_g' => round($rice * $this->cooled->weighs()),
            'per_100_g_g' => round(100 * $this->cooled->weighs()),
            'tray_m2' => round($this->cooled->area, 3),
            'trays' => (int) ceil($this->cooled->area / self::TRAY),
            'first_min' => (int) round($this->cooled->first),
            'cold_min' => (int) round($this->cooled->cold),
            'keeps_days' => $reach->fridgeDays,
        ];
    }
}
