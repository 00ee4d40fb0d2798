<?php

declare(strict_types=1);

namespace Velko\Core\Pan;

/** How a cook ran, one row every ten seconds. */
final class Track
{
    /** The seconds between two rows. */
    public const SPACING = 10.0;

    /** @var list<float> */
    public array $minute = [];

    /** @var list<float> g */
    public array $free = [];

    /** @var list<float> g per g raw */
    public array $drunk = [];

    /** @var list<float> °C */
    public array $temperature = [];

    /** @var list<float> minutes at 100 °C */
    public array $doneness = [];

    public function add(State $state): void
    {
        $this->row($state->second, $state->free, $state->drunk, $state->temperature, $state->doneness);
    }

    public function row(float $second, float $free, float $drunk, float $temperature, float $doneness): void
    {
        $this->minute[] = $second / 60;
        $this->free[] = $free;
        $this->drunk[] = $drunk;
        $this->temperature[] = $temperature;
        $this->doneness[] = $doneness;
    }

    /**
     * Water in the pan, free and drunk, when it was last cooler than a temperature.
     *
     * @param  float  $rice  g raw
     *
     * @return float|null g; null when it never was
     */
    public function waterWhenLastBelow(float $temperature, float $rice): ?float
    {
        $below = array_filter($this->temperature, static fn (float $then): bool => $then < $temperature);
        $row = array_key_last($below);
        if ($row === null) {
            return null;
        }
        $water = fn (int $at): float => $this->free[$at] + $rice * $this->drunk[$at];
        $next = $row + 1;
        if (! isset($this->temperature[$next])) {
            return $water($row);
        }
        $share = ($temperature - $this->temperature[$row]) / ($this->temperature[$next] - $this->temperature[$row]);

        return $water($row) + $share * ($water($next) - $water($row));
    }

    /** Mean temperature from a minute to a minute, °C; null when no row lies between. */
    public function meanTemperature(float $from, float $to): ?float
    {
        $rows = array_filter($this->minute, static fn (float $minute): bool => $minute >= $from && $minute <= $to);
        if ($rows === []) {
            return null;
        }

        return array_sum(array_intersect_key($this->temperature, $rows)) / count($rows);
    }
}
