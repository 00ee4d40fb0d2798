<?php

declare(strict_types=1);

namespace App\Stove;

use App\Contracts\PlanRequestDocument;
use App\Models\Cook;
use App\Models\CookEvent;
use App\Words\FactDocument;
use Velko\Core\Act\Run;
use Velko\Core\Cook\Item;
use Velko\Core\Cook\Replay;
use Velko\Core\Cook\Sign;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Cook\Taste;
use Velko\Core\Cook\Touch;
use Velko\Core\Cook\TouchKind;
use Velko\Core\Cook\Verdict;
use Velko\Core\Cook\Weighing;
use Velko\Core\Family\Families;
use Velko\Core\Live\ActualRun;
use Velko\Core\Live\Estimator;
use Velko\Core\Live\Forecast;
use Velko\Core\Method\HeatChange;
use Velko\Core\Pan\Browning;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Family;
use Velko\Core\Quantity\Fact;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Looseness;
use Velko\Core\Season\SaltTaste;

/** A cook as it is kept, read for the core: what was asked, what was planned, what was touched. */
final class StoredCook
{
    /** @var array<string, mixed> velko.working/1 */
    public readonly array $working;

    /** @var array<string, mixed> velko.plan/1 */
    public readonly array $plan;

    public readonly Replay $replay;

    private ?Ask $ask = null;

    public function __construct(public readonly Cook $cook)
    {
        $this->working = $cook->plan->working;
        $this->plan = $this->working['plan'];
        $this->replay = Replay::of(self::stages($this->plan['stages']), array_values($cook->events->reject(static fn (CookEvent $event): bool => $event->out_of_time)->map(self::read(...))->all()));
    }

    public function ask(): Ask
    {
        return $this->ask ??= PlanRequestDocument::of($this->cook->plan->request)->ask();
    }

    public function family(): Family
    {
        return Families::named($this->cook->plan->request['family']);
    }

    /** @return non-empty-list<HeatChange> as planned */
    public function heat(): array
    {
        return self::changes($this->plan['heat']);
    }

    /** @param  int  $now  ms since 1970 */
    public function forecast(int $now): ?Forecast
    {
        return Forecast::of($this->ask(), $this->heat(), $this->replay, $now);
    }

    /** @param  int  $now  ms since 1970 */
    public function actualRun(int $now): ?Run
    {
        return (new ActualRun($this->ask(), $this->heat(), $this->replay, Estimator::of($this->ask(), $this->heat(), $this->replay)))->run($now);
    }

    /** What a weighing of its pan takes off. */
    public function onTheScale(): PanTare
    {
        return new PanTare($this->cook, $this->replay, $this->ask());
    }

    /**
     * @param  array<string, mixed>  $payload  cook-event
     *
     * @return array{spread: float|null, covered: float|null, waste: float|null, wastePlates: int|null}
     */
    private static function measuredOnThePlate(array $payload): array
    {
        $number = static fn (string $field): ?float => isset($payload[$field]) ? (float) $payload[$field] : null;

        return ['spread' => $number('spread_mm'), 'covered' => $number('crust_covered_percent'), 'waste' => $number('waste_g'), 'wastePlates' => $payload['waste_plates'] ?? null];
    }

    private static function read(CookEvent $event): Touch
    {
        return self::touch(TouchKind::from($event->kind), $event->device_at, $event->payload);
    }

    /**
     * @param  array<string, mixed>  $payload  cook-event
     * @param  int  $at  ms since 1970
     */
    public static function touch(TouchKind $kind, int $at, array $payload): Touch
    {
        return new Touch(
            $payload['id'], $kind, $at,
            $payload['stage'] ?? null,
            isset($payload['volume_ml']) ? (float) $payload['volume_ml'] : null,
            $payload['event'] ?? null,
            $kind === TouchKind::Verdict ? new Verdict(Looseness::from($payload['looseness']), Bite::from($payload['bite']), $payload['note'] ?? '', isset($payload['crust']) ? Browning::from($payload['crust']) : null, isset($payload['salt']) ? SaltTaste::from($payload['salt']) : null, ...self::measuredOnThePlate($payload)) : null,
            $payload['mark'] ?? $payload['setting'] ?? null,
            $payload['on'] ?? null,
            $payload['water'] ?? false,
            isset($payload['sign']) ? Sign::from($payload['sign']) : null,
            isset($payload['taste']) ? Taste::from($payload['taste']) : null,
            $kind === TouchKind::Weigh ? new Weighing((float) $payload['gross_g'], (float) $payload['tare_g'], (float) $payload['extras_g']) : null,
            $payload['asked'] ?? false,
            $payload['with'] ?? null,
            $kind === TouchKind::Note ? $payload['note'] : null,
            $kind === TouchKind::Taste && isset($payload['salt']) ? SaltTaste::from($payload['salt']) : null,
            $payload['work'] ?? null,
            ($payload['is'] ?? null) === 'ready',
            isset($payload['for_s']) ? $payload['for_s'] / 60 : null,
            isset($payload['late_s']) ? (float) $payload['late_s'] : null,
        );
    }

    /**
     * @param  array<array<string, mixed>>  $stages  of velko.plan/1
     *
     * @return list<Stage>
     */
    public static function stages(array $stages): array
    {
        return array_values(array_map(static fn (array $stage): Stage => new Stage($stage['at_min'], StageKind::from($stage['kind']), isset($stage['say_fact']) ? FactDocument::read($stage['say_fact']) : Fact::text($stage['say']), $stage['volume_ml'], $stage['ladles'], $stage['setting'], isset($stage['item']) ? self::item($stage['item']) : null, $stage['shift_cm'] ?? null, array_values(array_map(self::item(...), $stage['items'] ?? [])), isset($stage['reach_c']) ? (float) $stage['reach_c'] : null), $stages));
    }

    /** @param  array<string, mixed>  $item */
    private static function item(array $item): Item
    {
        return new Item($item['name'], $item['amount'], $item['unit'], isset($item['name_fact']) ? FactDocument::read($item['name_fact']) : null);
    }

    /**
     * @param  array<array<string, mixed>>  $heat  of velko.plan/1
     *
     * @return non-empty-list<HeatChange>
     */
    public static function changes(array $heat): array
    {
        /** @var non-empty-list<HeatChange> */
        return array_values(array_map(static fn (array $change): HeatChange => new HeatChange($change['from_min'], $change['setting']), $heat));
    }
}
