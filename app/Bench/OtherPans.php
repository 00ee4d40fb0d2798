<?php

declare(strict_types=1);

namespace App\Bench;

use App\Kitchen\Station;
use App\Models\Burner;
use App\Models\Pan;
use Illuminate\Database\Eloquent\Collection;
use Velko\Core\Planning\Plan;
use Velko\Core\Quantity\Fact;
use Velko\Core\Vessel\Batch;
use Velko\Core\Vessel\Batches;
use Velko\Core\Vessel\Burner as CoreBurner;
use Velko\Core\Vessel\Fit;
use Velko\Core\Vessel\Pan as CorePan;
use Velko\Core\Vessel\PanChoice;

/** What else of the kitchen's pans and rings would take the covers: one that does, or several that share them. */
final readonly class OtherPans
{
    /** The minutes in which a pan is emptied onto plates, wiped and put back on its ring (our estimate). */
    private const EMPTIED_MIN = 5;

    /** @var Collection<int, Pan> by id */
    private Collection $pans;

    /** @var Collection<int, Burner> by id */
    private Collection $burners;

    /** @var array<int, CorePan> */
    private array $corePans;

    /** @var array<int, CoreBurner> */
    private array $coreBurners;

    private Fit $fit;

    public function __construct(private KitchenAsk $asked, private Plan $plan)
    {
        $this->pans = $asked->kitchen->pans->keyBy('id');
        $this->burners = $asked->kitchen->burners->keyBy('id');
        $this->corePans = $this->pans->map(Station::pan(...))->all();
        $this->coreBurners = $this->burners->map(Station::burner(...))->all();
        $this->fit = Station::fit($asked->dish);
    }

    /** @return array{label: Fact, change: array<string, mixed>}|null the smallest that holds all; where none does, they are shared */
    public function offer(): ?array
    {
        $choice = PanChoice::smallest($this->corePans, $this->coreBurners, $this->plan->rice(), $this->fit);

        return $choice === null || $choice === [$this->asked->pan->id, $this->asked->burner->id]
            ? null
            : ['label' => $this->name(...$choice), 'change' => self::change(...$choice)];
    }

    /** @return list<array<string, mixed>> the pans that share the covers; empty where one pan takes them all */
    public function batches(): array
    {
        if (PanChoice::smallest($this->corePans, $this->coreBurners, $this->plan->rice(), $this->fit) !== null) {
            return [];
        }
        $batches = Batches::of($this->corePans, $this->coreBurners, $this->asked->plates(), $this->plan->ask->gramsPerCover, $this->fit);
        $starters = $this->asked->starters;

        $shared = array_map(function (Batch $batch) use (&$starters): array {
            // Starters go together as far as they do; a pan has a main at least, since an ask counts mains first.
            $mine = min($starters, $batch->covers - 1);
            $starters -= $mine;

            return [
                'pan' => $this->pans[$batch->pan]->name ?? '',
                'burner' => $this->burners[$batch->burner]->name ?? '',
                'covers' => $batch->covers,
                'most' => $batch->most,
                'round' => $batch->round,
                'change' => [...self::change($batch->pan, $batch->burner), 'covers' => $batch->covers - $mine, 'starters' => $mine],
            ];
        }, $batches);

        return $this->onTheClock($shared);
    }

    /**
     * @param  list<array{round: int, change: array<string, mixed>, ...}>  $batches
     *
     * @return list<array<string, mixed>> each with its time at the table: the first round at the time asked for, the next when its pans have been emptied
     */
    private function onTheClock(array $batches): array
    {
        $tables = [1 => $this->asked->tableAt];
        $seconds = []; // rounds are mostly alike
        foreach ($batches as $batch) {
            ['round' => $round, 'change' => $change] = $batch;
            if ($round > 1) {
                $takes = $seconds[json_encode($change)] ??= $this->seconds($change);
                $own = $tables[$round - 1]->addMinutes(self::EMPTIED_MIN)->addSeconds((int) ceil($takes));
                $tables[$round] = $own->max($tables[$round] ?? $own);
            }
        }

        return array_map(static function (array $batch) use ($tables): array {
            $table = $tables[$batch['round']]->addSeconds(59)->startOfMinute();

            return [...$batch, 'table_at' => $table->format('H:i'), 'change' => [...$batch['change'], ...$batch['round'] === 1 ? [] : ['table_at' => $table->format('H:i'), 'table_on' => $table->format('Y-m-d')]]];
        }, $batches);
    }

    /** @param  array<string, mixed>  $change  of the ask */
    private function seconds(array $change): float
    {
        $asked = KitchenAsk::of([...$this->asked->document, ...$change], $this->asked->kitchen, $this->asked->tableAt, $this->asked->words);
        $plan = $asked->plan();

        return $plan->atTable->second - 60 * WorkOut::course($asked, $plan)->panOn();
    }

    private function name(int $pan, int $burner): Fact
    {
        return Fact::of('swap.pan-on-ring', pan: $this->pans[$pan]->name ?? '', ring: $this->burners[$burner]->name ?? '');
    }

    /** @return array{pan_id: int, burner_id: int, heat: null} */
    private static function change(int $pan, int $burner): array
    {
        return ['pan_id' => $pan, 'burner_id' => $burner, 'heat' => null];
    }
}
