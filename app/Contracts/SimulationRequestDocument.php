<?php

declare(strict_types=1);

namespace App\Contracts;

use Velko\Core\Act\Act;
use Velko\Core\Act\BeatIn;
use Velko\Core\Act\Heat;
use Velko\Core\Act\Lid;
use Velko\Core\Act\Lift;
use Velko\Core\Act\Off;
use Velko\Core\Act\Plate;
use Velko\Core\Act\Pour;
use Velko\Core\Act\Rehearsal;
use Velko\Core\Act\Setup;
use Velko\Core\Act\Timed;
use Velko\Core\Food\Goes;
use Velko\Core\Method\Stirring;
use Velko\Core\Method\Toasting;
use Velko\Core\Planning\Defaults;
use Velko\Core\Season\Finish;
use Velko\Core\Vessel\Burner;

/** The document velko.simulation-request/1: from the document to a {@see Rehearsal}. */
final class SimulationRequestDocument extends EngineRequest
{
    /** What an event can be, and the fields that may stand beside it. */
    private const KINDS = [
        'pour_ml' => ['temperature_c', 'salt_percent'], 'setting' => [], 'lid' => [], 'off' => ['covered'], 'lift_ml' => [], 'beat_in' => [], 'plated' => [],
    ];

    protected static function contract(): string
    {
        return 'simulation-request';
    }

    /**
     * @return array{Setup, Rehearsal}
     *
     * @throws BadDocument when fields contradict each other
     */
    public function rehearse(): array
    {
        $grain = $this->grain();
        $pan = $this->pan();
        $burner = $this->burner();
        $until = $this->number('until_min', 0.0);
        $salt = $this->number('stock/salt_percent', Defaults::STOCK_SALT_PERCENT) / 100;
        $acts = $this->acts($burner, $this->number('stock/temperature_c', Defaults::STOCK_C), $salt, $until);
        $acts = [...$this->ingredients(), ...$acts];
        $soak = $this->number('method/soak_min', 0.0);
        $sealed = $this->sealed($soak);
        $toasting = Toasting::from($this->text('method/toast', Toasting::Medium->value));
        $stirring = Stirring::from($this->text('method/stirring', Stirring::Never->value));
        $this->throwRefusals();
        $setup = new Setup($grain, $this->conditions($pan), $pan, $burner->ring, $this->rice(), $sealed ? $toasting->grain() : null, $soak, $stirring === Stirring::Constant, $burner->fades);

        return [$setup, new Rehearsal($setup, $acts, $until)];
    }

    /** @return list<Timed> what is in the base stands in the pan before anything else is done */
    private function ingredients(): array
    {
        $acts = [];
        foreach ($this->food() as $at => $portion) {
            match ($portion->goes) {
                Goes::Base => $acts[] = new Timed(-1.0, $portion->add()),
                Goes::WithTheRice => $acts[] = new Timed(0.0, $portion->add()),
                Goes::AtMinute => $acts[] = new Timed(60 * ($portion->minute ?? 0.0), $portion->add()),
                Goes::OnTop => null,
                default => $this->refuse("/ingredients/$at/goes", 'must be base, with-the-rice, at-minute or on-top: nothing is planned here that it could wait for'),
            };
        }

        return $acts;
    }

    /**
     * @param  float  $stock  °C
     * @param  float  $salt  g per g of it
     *
     * @return list<Timed>
     */
    private function acts(Burner $burner, float $stock, float $salt, float $until): array
    {
        /** @var list<array<string, mixed>> $events */
        $events = $this->document['events'];
        $acts = [];
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
            if (isset($event['setting']) && is_string($event['setting'])) {
                $this->checkMark("/events/$i/setting", $event['setting'], $burner);
            }
            $act = $kinds[0] === 'plated' ? new Plate((int) $this->number('covers', 1), $this->plates()) : self::act($kinds[0], $event, $burner, $stock, $salt);
            $acts[] = new Timed(60 * (float) $event['at_min'], $act);
        }

        return $acts;
    }

    /** @param  array<string, mixed>  $event */
    private static function act(string $kind, array $event, Burner $burner, float $stock, float $salt): Act
    {
        $number = static fn (mixed $value): float => is_numeric($value) ? (float) $value : 0.0;
        $it = $event[$kind];

        return match ($kind) {
            'pour_ml' => new Pour($number($it), $number($event['temperature_c'] ?? $stock), isset($event['salt_percent']) ? $number($event['salt_percent']) / 100 : $salt),
            'setting' => new Heat(is_string($it) ? $burner->net[$it] ?? 0.0 : 0.0),
            'lid' => new Lid($it === true),
            'lift_ml' => new Lift($number($it)),
            'beat_in' => self::beatIn(new Finish(
                $number($it['butter_g'] ?? 0), $number($it['cheese_g'] ?? 0), ($it['butter_salted'] ?? false) === true, $number($it['butter_temperature_c'] ?? Defaults::BUTTER_C),
            )),
            default => new Off(($event['covered'] ?? false) === true),
        };
    }

    private static function beatIn(Finish $finish): BeatIn
    {
        return new BeatIn($finish->capacity(), $finish->temperature(), $finish->salt());
    }
}
