<?php

declare(strict_types=1);

namespace App\Contracts;

use Velko\Core\Method\HeatChange;
use Velko\Core\Method\Method;
use Velko\Core\Method\Schools;
use Velko\Core\Method\Stirring;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Defaults;
use Velko\Core\Rice\Variety;
use Velko\Core\Rice\Window;
use Velko\Core\Vessel\Burner;
use Velko\Core\Vessel\Ladle;
use Velko\Core\Vessel\Pan;

/** velko.plan-request/1: from the document to the engine's {@see Ask}, noting what had to be assumed. */
final class PlanRequestDocument
{
    /** @var array<string, mixed> what the document left out, as it was taken, nested as in the document */
    private array $assumed = [];

    /** @var list<Fault> */
    private array $faults = [];

    /** @param  array<string, mixed>  $document  already held to the schema */
    private function __construct(private readonly array $document) {}

    /** @throws BadDocument */
    public static function read(string $json): self
    {
        return self::of(Contract::named('plan-request')->read($json));
    }

    /** @param  array<string, mixed>  $document  already held to the schema */
    public static function of(array $document): self
    {
        return new self($document);
    }

    /** @return array<string, mixed> */
    public function assumed(): array
    {
        return $this->assumed;
    }

    /** @throws BadDocument when fields contradict each other */
    public function ask(): Ask
    {
        $this->assumed = $this->faults = [];
        if ($this->document['family'] !== 'risotto') {
            throw BadDocument::at('/family', 'only "risotto" can be worked out so far');
        }
        $variety = Variety::from($this->text('rice/variety', ''));
        $grain = $variety->grain();
        $window = $this->window($grain->window);
        $base = $this->number('pan/base_diameter_cm', Defaults::PAN_BASE_CM);
        $rim = $this->number('pan/rim_diameter_cm', round($base * Defaults::PAN_RIM_RATIO, 1));
        if ($rim < $base) {
            $this->faults[] = new Fault('/pan/rim_diameter_cm', "must be a number from $base to ".Pan::MAX_DIAMETER_CM.' (cm, not less than the base)');
        }
        /** @var non-empty-array<string, int|float> $net */
        $net = $this->value('burner/net_w', Defaults::NET_W);
        $heat = $this->heat(array_map(strval(...), array_keys($net)));
        $school = Schools::named($this->text('method/doses', Schools::DEFAULT));
        if ($school === null) {
            $this->faults[] = new Fault('/method/doses', 'must be one of '.implode(', ', array_keys(Schools::all())).' for a risotto');
        }
        if ($this->text('target/crust', 'none') !== 'none') {
            $this->faults[] = new Fault('/target/crust', 'must be none for a risotto');
        }
        foreach (['method/rinsed' => false, 'method/soak_min' => 0] as $path => $only) {
            if ($this->value($path, $only) != $only) {
                $this->faults[] = new Fault("/$path", 'must be '.json_encode($only).' for a risotto: the surface starch is wanted');
            }
        }
        if ($school === null || $this->faults !== []) {
            throw new BadDocument($this->faults);
        }

        $method = new Method(
            $school,
            Stirring::from($this->text('method/stirring', Stirring::Constant->value)),
            $heat,
            (bool) $this->value('method/sealed', true),
            $this->number('method/finish_min', Defaults::FINISH_MIN),
            $this->number('method/rest_min', 0.0),
            (bool) $this->value('method/rest_covered', false),
        );

        return new Ask(
            (int) $this->number('covers', 1),
            $this->number('rice/grams_per_cover', Defaults::GRAMS_PER_COVER),
            $grain->withWindow(new Window($window[0], max($window[0], $window[1]))),
            new Pan($base, $rim, $this->number('pan/height_cm', Defaults::PAN_HEIGHT_CM), $this->number('pan/metal_j_per_k', Defaults::PAN_METAL)),
            new Burner($this->number('burner/ring_diameter_cm', Defaults::RING_CM), array_map(floatval(...), $net)),
            new Ladle($this->number('ladle_ml', Defaults::LADLE_ML)),
            $method,
            $this->number('stock/temperature_c', Defaults::STOCK_C),
            $this->number('stock/salt_percent', Defaults::STOCK_SALT_PERCENT),
            $this->number('wine_ml', 0.0),
            $this->number('target/looseness', Defaults::LOOSENESS),
            $this->number('target/minutes_to_table', Defaults::MINUTES_TO_TABLE),
            $this->number('kitchen/altitude_m', Defaults::ALTITUDE_M),
            $this->number('kitchen/room_c', Defaults::ROOM_C),
        );
    }

    /** @return array{float, float} */
    private function window(Window $default): array
    {
        /** @var array{int|float, int|float} $window */
        $window = $this->value('rice/window_min', [$default->low, $default->high]);
        if ($window[1] < $window[0]) {
            $this->faults[] = new Fault('/rice/window_min/1', "must be a number from {$window[0]} to ".Window::MAX.' (min, not less than the low end)');
        }

        return [(float) $window[0], (float) $window[1]];
    }

    /**
     * @param  list<string>  $marks
     *
     * @return non-empty-list<HeatChange>|null
     */
    private function heat(array $marks): ?array
    {
        /** @var list<array{from_min: int|float, setting: string}> $rows */
        $rows = $this->document['method']['heat'] ?? [];
        $heat = [];
        $latest = -INF;
        foreach ($rows as $i => $row) {
            if (! in_array($row['setting'], $marks, true)) {
                $this->faults[] = new Fault("/method/heat/$i/setting", 'must be one of the marks in /burner/net_w: '.implode(', ', $marks));
            }
            if ($row['from_min'] <= $latest) {
                $this->faults[] = new Fault("/method/heat/$i/from_min", "must be later than the one before, $latest");
            }
            $latest = $row['from_min'];
            $heat[] = new HeatChange((float) $row['from_min'], $row['setting']);
        }

        return $heat === [] ? null : $heat;
    }

    private function number(string $path, float $default): float
    {
        /** @var int|float $value */
        $value = $this->value($path, $default);

        return (float) $value;
    }

    private function text(string $path, string $default): string
    {
        /** @var string $value */
        $value = $this->value($path, $default);

        return $value;
    }

    /** The field at a path, or the default, which is then noted as assumed. */
    private function value(string $path, mixed $default): mixed
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
