<?php

declare(strict_types=1);

namespace App\Contracts;

use Velko\Core\Pan\Happening;
use Velko\Core\Pan\Rehearsal;
use Velko\Core\Planning\Defaults;
use Velko\Core\Rice\Grain;
use Velko\Core\Vessel\Burner;

/** velko.simulation-request/1: from the document to a {@see Rehearsal}. */
final class SimulationRequestDocument extends EngineRequest
{
    /** What an event can be, and the fields that may stand beside it. */
    private const KINDS = ['pour_ml' => ['temperature_c'], 'setting' => [], 'lid' => [], 'off' => ['covered']];

    protected static function contract(): string
    {
        return 'simulation-request';
    }

    /**
     * @return array{Rehearsal, Grain}
     *
     * @throws BadDocument when fields contradict each other
     */
    public function rehearse(): array
    {
        $grain = $this->grain();
        $pan = $this->pan();
        $burner = $this->burner();
        $until = $this->number('until_min', 0.0);
        $happenings = $this->happenings($burner, $this->number('stock/temperature_c', Defaults::STOCK_C), $until);
        $sealed = (bool) $this->value('method/sealed', true);
        $salt = $this->number('stock/salt_percent', Defaults::STOCK_SALT_PERCENT) / 100;
        $this->throwRefusals();

        return [Rehearsal::of($grain, $this->conditions($pan), $this->rice(), $sealed, $happenings, $until, $salt), $grain];
    }

    /** @return list<Happening> */
    private function happenings(Burner $burner, float $stock, float $until): array
    {
        /** @var list<array{at_min: int|float, pour_ml?: int|float, temperature_c?: int|float, setting?: string, lid?: bool, off?: true, covered?: bool}> $events */
        $events = $this->document['events'];
        $happenings = [];
        foreach ($events as $i => $event) {
            $kinds = array_values(array_intersect(array_keys(self::KINDS), array_keys($event)));
            if (count($kinds) !== 1) {
                $this->refuse("/events/$i", 'must say exactly one of '.implode(', ', array_keys(self::KINDS)));

                continue;
            }
            foreach (array_diff(array_keys($event), ['at_min', $kinds[0], ...self::KINDS[$kinds[0]]]) as $stray) {
                $this->refuse("/events/$i/$stray", "does not go with {$kinds[0]}");
            }
            if ($event['at_min'] > $until) {
                $this->refuse("/events/$i/at_min", "must be a number from 0 to $until (until_min)");
            }
            $minute = (float) $event['at_min'];
            if (isset($event['setting'])) {
                $this->checkMark("/events/$i/setting", $event['setting'], $burner);
                $happenings[] = Happening::heat($minute, $burner->net[$event['setting']] ?? 0.0);
            } elseif (isset($event['pour_ml'])) {
                $happenings[] = Happening::pour($minute, (float) $event['pour_ml'], (float) ($event['temperature_c'] ?? $stock));
            } elseif (isset($event['lid'])) {
                $happenings[] = Happening::lid($minute, $event['lid']);
            } else {
                $happenings[] = Happening::off($minute, $event['covered'] ?? false);
            }
        }

        return $happenings;
    }
}
