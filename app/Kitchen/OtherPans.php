<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Models\Burner;
use App\Models\Pan;
use Illuminate\Database\Eloquent\Collection;
use Velko\Core\Planning\Plan;
use Velko\Core\Vessel\Batch;
use Velko\Core\Vessel\Batches;
use Velko\Core\Vessel\Burner as CoreBurner;
use Velko\Core\Vessel\Choosing;
use Velko\Core\Vessel\Fit;
use Velko\Core\Vessel\Pan as CorePan;

/** What else of the kitchen's pans and rings would take the covers: one that does, or several that share them. */
final readonly class OtherPans
{
    /** @var Collection<int, Pan> by id */
    private Collection $pans;

    /** @var Collection<int, Burner> by id */
    private Collection $burners;

    /** @var array<int, CorePan> */
    private array $corePans;

    /** @var array<int, CoreBurner> */
    private array $coreBurners;

    private Fit $fit;

    public function __construct(private Asked $asked, private Plan $plan)
    {
        $this->pans = $asked->kitchen->pans->keyBy('id');
        $this->burners = $asked->kitchen->burners->keyBy('id');
        $this->corePans = $this->pans->map(Station::pan(...))->all();
        $this->coreBurners = $this->burners->map(Station::burner(...))->all();
        $this->fit = Station::fit($asked->dish);
    }

    /** @return array{label: string, change: array<string, mixed>}|null the smallest that holds all, or the one that takes most */
    public function offer(): ?array
    {
        $choice = Choosing::smallest($this->corePans, $this->coreBurners, $this->plan->rice(), $this->fit)
            ?? Choosing::largest($this->corePans, $this->coreBurners, $this->fit);
        if ($choice === null || $choice === [$this->asked->pan->id, $this->asked->burner->id]) {
            return null;
        }
        [$pan, $burner] = $choice;
        $name = $this->name($pan, $burner);
        $change = self::change($pan, $burner);
        $covers = (int) floor($this->fit->mostRice($this->corePans[$pan]) / $this->plan->ask->gramsPerCover);

        return $covers >= $this->asked->plates() || $covers < 1 || $this->asked->starters > 0
            ? ['label' => $name, 'change' => $change]
            : ['label' => "$covers of them in the $name", 'change' => [...$change, 'covers' => $covers]];
    }

    /** @return list<array<string, mixed>> the pans that share the covers; empty where one pan takes them all */
    public function batches(): array
    {
        if (Choosing::smallest($this->corePans, $this->coreBurners, $this->plan->rice(), $this->fit) !== null) {
            return [];
        }
        $batches = Batches::of($this->corePans, $this->coreBurners, $this->asked->plates(), $this->plan->ask->gramsPerCover, $this->fit);
        $starters = $this->asked->starters;

        return array_map(function (Batch $batch) use (&$starters): array {
            // Starters go together as far as they do; a pan has a main at least, since an ask counts mains first.
            $mine = min($starters, $batch->covers - 1);
            $starters -= $mine;

            return [
                'pan' => $this->pans[$batch->pan]->name ?? '',
                'burner' => $this->burners[$batch->burner]->name ?? '',
                'covers' => $batch->covers,
                'most' => $batch->most,
                'change' => [...self::change($batch->pan, $batch->burner), 'covers' => $batch->covers - $mine, 'starters' => $mine],
            ];
        }, $batches);
    }

    private function name(int $pan, int $burner): string
    {
        return sprintf('%s on %s', $this->pans[$pan]->name ?? '', $this->burners[$burner]->name ?? '');
    }

    /** @return array{pan_id: int, burner_id: int, heat: null} */
    private static function change(int $pan, int $burner): array
    {
        return ['pan_id' => $pan, 'burner_id' => $burner, 'heat' => null];
    }
}
