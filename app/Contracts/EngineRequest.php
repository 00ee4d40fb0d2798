<?php

declare(strict_types=1);

namespace App\Contracts;

use Velko\Core\Family\Families;
use Velko\Core\Food\Goes;
use Velko\Core\Food\Portion;
use Velko\Core\Pan\Conditions;
use Velko\Core\Planning\Defaults;
use Velko\Core\Planning\Family;
use Velko\Core\Rice\Grain;
use Velko\Core\Rice\Variety;
use Velko\Core\Rice\Window;
use Velko\Core\Vessel\Burner;
use Velko\Core\Vessel\Fire;
use Velko\Core\Vessel\Pan;

/**
 * What the engine's requests have in common: rice, kitchen, pan, burner, and how a field that was left out is taken
 * from the defaults and noted as assumed.
 */
abstract class EngineRequest
{
    /** @var array<string, mixed> what the document left out, as it was taken, nested as in the document */
    private array $assumed = [];

    /** @var list<Fault> */
    private array $faults = [];

    /** @param  array<string, mixed>  $document  already held to the schema */
    final private function __construct(protected readonly array $document) {}

    /** Name of the schema in contracts/. */
    abstract protected static function contract(): string;

    /** @throws BadDocument */
    public static function read(string $json): static
    {
        return static::of(Contract::named(static::contract())->read($json));
    }

    /** @param  array<string, mixed>  $document  already held to the schema */
    public static function of(array $document): static
    {
        return new static($document);
    }

    /** @return array<string, mixed> */
    public function assumed(): array
    {
        return $this->assumed;
    }

    protected function refuse(string $path, string $detail): void
    {
        $this->faults[] = new Fault($path, $detail);
    }

    /** @throws BadDocument when anything was refused */
    protected function throwRefusals(): void
    {
        if ($this->faults !== []) {
            throw new BadDocument($this->faults);
        }
    }

    protected function grain(): Grain
    {
        $grain = Variety::from($this->text('rice/variety', ''))->grain();
        /** @var array{int|float, int|float} $window */
        $window = $this->value('rice/window_min', [$grain->window->low, $grain->window->high]);
        if ($window[1] < $window[0]) {
            $this->refuse('/rice/window_min/1', "must be a number from {$window[0]} to ".Window::MAX.' (min, not less than the low end)');

            return $grain;
        }

        $grain = $grain->withWindow(new Window((float) $window[0], (float) $window[1]));
        $drinks = $this->document['rice']['drinks_g_per_g'] ?? null;

        $grain = is_numeric($drinks) ? $grain->drinks((float) $drinks) : $grain;
        $browns = $this->document['rice']['browns'] ?? null;

        return is_numeric($browns) ? $grain->browningTimes((float) $browns) : $grain;
    }

    /** The raw rice in the pan, g. */
    protected function rice(): float
    {
        return $this->number('covers', 1) * $this->number('rice/grams_per_cover', Defaults::GRAMS_PER_COVER);
    }

    /** The family whose pan and ring are taken when none is said. */
    protected function family(): Family
    {
        return Families::usual();
    }

    protected function pan(): Pan
    {
        $usual = $this->family()->traits()->pan;
        $base = $this->number('pan/base_diameter_cm', $usual->base);
        $rim = $this->number('pan/rim_diameter_cm', $base === $usual->base ? $usual->rim : round(min(Pan::MAX_DIAMETER_CM, $base * Defaults::PAN_RIM_RATIO), 1));
        if ($rim < $base) {
            $this->refuse('/pan/rim_diameter_cm', "must be a number from $base to ".Pan::MAX_DIAMETER_CM.' (cm, not less than the base)');
        }

        return new Pan($base, max($base, $rim), $this->number('pan/height_cm', $usual->height), $this->number('pan/metal_j_per_k', $usual->metal));
    }

    protected function burner(): Burner
    {
        $usual = $this->family()->traits()->burner;
        /** @var non-empty-array<int|string, int|float> $net */
        $net = $this->value('burner/net_w', $usual->net);

        $grate = $this->document['burner']['grate_cm'] ?? null;
        $fire = $this->document['burner']['fuel'] ?? null;
        $fades = $this->document['burner']['fades_percent_per_min'] ?? null;
        /** @var array<int|string, int|float> $spread */
        $spread = $this->document['burner']['spread_percent'] ?? [];

        return new Burner($this->number('burner/ring_diameter_cm', $usual->ring), array_map(floatval(...), $net), is_numeric($grate) ? (float) $grate : null, Fire::from(is_string($fire) ? $fire : Fire::Gas->value), is_numeric($fades) ? $fades / 100 : null, array_map(static fn (int|float $percent): float => $percent / 100, $spread));
    }

    protected function altitude(): float
    {
        return $this->number('kitchen/altitude_m', Defaults::ALTITUDE_M);
    }

    protected function room(): float
    {
        return $this->number('kitchen/room_c', Defaults::ROOM_C);
    }

    /** The wind over the pan, m/s; still air if nothing is said. */
    protected function wind(): float
    {
        return (float) ($this->document['kitchen']['wind_m_s'] ?? 0.0);
    }

    protected function plates(): float
    {
        return $this->number('kitchen/plates_c', Defaults::PLATES_C);
    }

    protected function conditions(Pan $pan): Conditions
    {
        return Conditions::at($this->altitude(), $this->room(), $pan, $this->wind());
    }

    /** Whether the grain is toasted in fat: rice that was soaked is wet and does not toast. */
    protected function sealed(float $soak): bool
    {
        return (bool) $this->value('method/sealed', $soak <= 0);
    }

    /** @return list<Portion> */
    protected function food(): array
    {
        /** @var list<array<string, mixed>> $rows */
        $rows = $this->document['ingredients'] ?? [];

        return array_map($this->portion(...), $rows, array_keys($rows));
    }

    /** @param  array<string, mixed>  $row */
    private function portion(array $row, int $at): Portion
    {
        /** @var array<string, float> $said */
        $said = array_map(static fn (mixed $value): mixed => is_int($value) ? (float) $value : $value, $row);
        $goes = Goes::from($row['goes']);
        if ($goes === Goes::AtMinute && ! isset($row['at_min'])) {
            $this->refuse("/ingredients/$at/at_min", 'must be a number from 0 to 120 (min, for what goes in at a minute)');
        }
        $food = FoodDocument::food($row['name'], $row);

        return new Portion($row['name'], $food, $said['grams'], $goes, $said['temperature_c'] ?? $food->kept, $said['at_min'] ?? null, ! FoodDocument::isKnown($row['name'], $row), $row['fried'] ?? false);
    }

    protected function checkMark(string $path, string $mark, Burner $burner): void
    {
        if (! $burner->has($mark)) {
            $this->refuse($path, 'must be one of the marks in /burner/net_w: '.implode(', ', $burner->marks()));
        }
    }

    protected function number(string $path, float $default): float
    {
        /** @var int|float $value */
        $value = $this->value($path, $default);

        return (float) $value;
    }

    protected function text(string $path, string $default): string
    {
        /** @var string $value */
        $value = $this->value($path, $default);

        return $value;
    }

    /** The field at a path, or the default, which is then noted as assumed. */
    protected function value(string $path, mixed $default): mixed
    {
        $parts = explode('/', $path);
        $here = $this->document;
        foreach ($parts as $part) {
            if (! is_array($here) || ! array_key_exists($part, $here)) {
                $this->note($parts, $default);

                return $default;
            }
            $here = $here[$part];
        }

        return $here;
    }

    /** @param  non-empty-list<string>  $parts */
    private function note(array $parts, mixed $value): void
    {
        if (count($parts) === 1) {
            $this->assumed[$parts[0]] = $value;
        } else {
            $group = $this->assumed[$parts[0]] ?? [];
            $this->assumed[$parts[0]] = [...(is_array($group) ? $group : []), $parts[1] => $value];
        }
    }
}
