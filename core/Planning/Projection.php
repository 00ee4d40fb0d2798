<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Pan\State;
use Velko\Core\Pan\Track;

/** How a pan on the fire goes on, if it is cooked as said here. */
final readonly class Projection
{
    /**
     * @param  list<array{second: float, volume: float}>  $doses  of the plan's pours that are still to come
     * @param  list<array{second: float, mark: string}>  $turns  of the knob, by the plan
     * @param  list<ExtraStep>  $extras  what the plan does not have
     * @param  list<Stage>  $crust  the moves that colour the floor, still to begin
     * @param  float  $lacks  mL of stock that the pan still lacks for what was asked, however little; below nothing what it has too much
     * @param  float|null  $dryAt  s, where it is to get dry
     * @param  State  $pulled  as it leaves the heat
     * @param  State  $left  the same at the table, were nothing done but what the plan has
     */
    public function __construct(
        public array $doses,
        public array $turns,
        public array $extras,
        public array $crust,
        public float $lacks,
        public ?float $dryAt,
        public State $pulled,
        public State $atTable,
        public State $left,
        public Track $track,
    ) {}

    /** Stock still to pour, mL; what is to be lifted out counts against it. */
    public function stock(): float
    {
        $extra = array_map(static fn (ExtraStep $extra): float => $extra->kind === StageKind::Lift ? -$extra->volume : $extra->volume, $this->extras);

        return array_sum(array_column($this->doses, 'volume')) + array_sum($extra);
    }
}
