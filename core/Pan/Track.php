<?php

declare(strict_types=1);

namespace Velko\Core\Pan;

/** How a cook ran, one row every ten seconds. */
final class Track
{
    /** s between rows */
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
