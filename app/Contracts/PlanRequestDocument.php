<?php

declare(strict_types=1);

namespace App\Contracts;

use Velko\Core\Method\HeatChange;
use Velko\Core\Method\Method;
use Velko\Core\Method\Schools;
use Velko\Core\Method\Stirring;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Defaults;
use Velko\Core\Vessel\Burner;
use Velko\Core\Vessel\Ladle;

/** velko.plan-request/1: from the document to the engine's {@see Ask}. */
final class PlanRequestDocument extends EngineRequest
{
    protected static function contract(): string
    {
        return 'plan-request';
    }

    /** @throws BadDocument when fields contradict each other */
    public function ask(): Ask
    {
        if ($this->document['family'] !== 'risotto') {
            throw BadDocument::at('/family', 'only "risotto" can be worked out so far');
        }
        $grain = $this->grain();
        $pan = $this->pan();
        $burner = $this->burner();
        $method = $this->method($burner);
        $this->refuseWhatRisottoIsNot();
        $this->throwRefusals();

        return new Ask(
            (int) $this->number('covers', 1),
            $this->number('rice/grams_per_cover', Defaults::GRAMS_PER_COVER),
            $grain,
            $pan,
            $burner,
            new Ladle($this->number('ladle_ml', Defaults::LADLE_ML)),
            $method,
            $this->number('stock/temperature_c', Defaults::STOCK_C),
            $this->number('stock/salt_percent', Defaults::STOCK_SALT_PERCENT),
            $this->number('wine_ml', 0.0),
            $this->number('target/looseness', Defaults::LOOSENESS),
            $this->number('target/minutes_to_table', Defaults::MINUTES_TO_TABLE),
            $this->altitude(),
            $this->room(),
        );
    }

    private function method(Burner $burner): Method
    {
        $heat = $this->heat($burner);
        $name = $this->text('method/doses', Schools::DEFAULT);
        $school = Schools::named($name);
        if ($school === null) {
            $this->refuse('/method/doses', 'must be one of '.implode(', ', array_keys(Schools::all())).' for a risotto');
        }

        return new Method(
            $school ?? Schools::all()[Schools::DEFAULT],
            Stirring::from($this->text('method/stirring', Stirring::Constant->value)),
            $heat,
            (bool) $this->value('method/sealed', true),
            $this->number('method/finish_min', Defaults::FINISH_MIN),
            $this->number('method/rest_min', 0.0),
            (bool) $this->value('method/rest_covered', false),
        );
    }

    private function refuseWhatRisottoIsNot(): void
    {
        if ($this->text('target/crust', 'none') !== 'none') {
            $this->refuse('/target/crust', 'must be none for a risotto');
        }
        foreach (['method/rinsed' => false, 'method/soak_min' => 0] as $path => $only) {
            if ($this->value($path, $only) != $only) {
                $this->refuse("/$path", 'must be '.json_encode($only).' for a risotto: the surface starch is wanted');
            }
        }
    }

    /** @return non-empty-list<HeatChange>|null */
    private function heat(Burner $burner): ?array
    {
        /** @var list<array{from_min: int|float, setting: string}> $rows */
        $rows = $this->document['method']['heat'] ?? [];
        $heat = [];
        $latest = -INF;
        foreach ($rows as $i => $row) {
            $this->checkMark("/method/heat/$i/setting", $row['setting'], $burner);
            if ($row['from_min'] <= $latest) {
                $this->refuse("/method/heat/$i/from_min", "must be later than the one before, $latest");
            }
            $latest = $row['from_min'];
            $heat[] = new HeatChange((float) $row['from_min'], $row['setting']);
        }

        return $heat === [] ? null : $heat;
    }
}
