<?php

declare(strict_types=1);

namespace Velko\Core\Pan;

use Velko\Core\Vessel\Pan;
use Velko\Core\Water\Atmosphere;
use Velko\Core\Water\Steam;

/** What surrounds the contents and does not change during a cook. */
final readonly class Conditions
{
    /**
     * @param  float  $boiling  °C
     * @param  float  $room  °C
     * @param  float  $airVapour  Pa, vapour already in the air
     * @param  float  $area  m², the surface counted for evaporation and cooling: the base's
     * @param  float  $rimArea  m², what a lid covers
     * @param  float  $metal  J/K
     * @param  float  $floorMetal  under a square metre of the floor, J/(m²·K)
     * @param  float  $windTakes  what wind takes beyond still air, W/(m²·K)
     * @param  float  $vapourTimes  so many times the vapour of still air it carries off
     */
    private function __construct(
        public float $boiling,
        public float $room,
        public float $airVapour,
        public float $area,
        public float $rimArea,
        public float $metal,
        public float $floorMetal,
        public float $windTakes = 0.0,
        public float $vapourTimes = 1.0,
    ) {}

    /**
     * @param  float  $altitude  m
     * @param  float  $room  °C
     * @param  float  $wind  m/s
     */
    public static function at(float $altitude, float $room, Pan $pan, float $wind = 0.0): self
    {
        return new self(
            Steam::boilingPoint(Atmosphere::pressure($altitude)),
            $room,
            Steam::inRoomAir($room),
            $pan->baseArea(),
            $pan->rimArea(),
            $pan->metal,
            $pan->metalPerArea(),
            Wind::takes($wind),
            Wind::vapourTimes($wind),
        );
    }
}
