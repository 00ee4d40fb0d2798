<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Act\Run;
use Velko\Core\Cook\Item;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Method\HeatChange;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Length;
use Velko\Core\Quantity\Volume;

/** The steps that all families share, each with the sign to wait for. */
final readonly class Stages
{
    /** First bite test before the low end of the window, min. */
    private const TASTE_LEAD = 2.0;

    /** The last chance to taste, min before the pull. */
    private const TASTE_BEFORE_PULL = 1.0;

    /**
     * @param  non-empty-list<HeatChange>  $heat
     * @param  float  $boilsUp  s in which the stock boils before rice is rained into it
     */
    public function __construct(private Ask $ask, private array $heat, private Run $run, private float $boilsUp = 0.0) {}

    /**
     * @param  Fact  $rice  the sign of well-turned grain
     *
     * @return list<Stage>
     */
    public function beforeTheStock(Fact $rice): array
    {
        $stages = [];
        $method = $this->ask->method;
        if ($this->ask->isRainedIn()) {
            return [new Stage(-$this->boilsUp / 60, StageKind::BoilUp, $this->boilUp(), mark: $this->heat[0]->mark)];
        }
        $toasted = $method->toasted();
        if ($toasted !== null) {
            $mark = $this->ask->burner->nearest($toasted->heat() * $this->ask->pan->baseArea());
            $stages[] = new Stage(-$method->toast(), StageKind::RiceIn, Fact::of('say.rice-to-toast'), mark: $mark, items: [$this->rice()]);
            $stages[] = new Stage(-$method->toast(), StageKind::Toast, $rice, mark: $mark);
        } else {
            $stages[] = new Stage(0.0, StageKind::RiceIn, $method->partCooked === null ? Fact::of('say.rice-in', soaked: $method->soak > 0) : Fact::of('say.part-cooked-in'), items: [$this->rice()]);
        }
        if ($this->ask->wine > 0) {
            $stages[] = new Stage(0.0, StageKind::Wine, Fact::of('say.wine'), $this->ask->wine, mark: $this->heat[0]->mark);
        }

        return $stages;
    }

    /** The rice as it goes in. */
    private function rice(): Item
    {
        $partCooked = $this->ask->method->partCooked;

        return Item::of($this->ask->grain->variety->fact(), round($this->ask->rice() * (1.0 + ($partCooked->drunk ?? 0.0) + ($partCooked->free ?? 0.0)), 1), 'g');
    }

    private function boilUp(): Fact
    {
        $wine = Volume::ofMl($this->ask->wine);

        return match (true) {
            $this->ask->method->baseApart => Fact::of('say.base-into-the-stock', wined: $this->ask->wine > 0, wine: $wine),
            $this->ask->wine > 0 => Fact::of('say.boil-up-with-wine', wine: $wine),
            default => Fact::of('say.boil-up'),
        };
    }

    /** @param  float  $volume  mL */
    public function pour(float $second, float $volume, Fact $say, ?string $mark = null): Stage
    {
        return new Stage($second / 60, StageKind::Pour, $say, $volume, round($volume / $this->ask->ladle->ml, 2), $mark);
    }

    /** How the heat is changed: the knob turned, the fire fed or the embers raked out, the pan moved. */
    public static function turn(Ask $ask, bool $up = false): Fact
    {
        $fire = $ask->burner->fire;

        return $fire->hasAKnob() ? Fact::of('say.turn') : Fact::of($up ? 'say.feed' : 'say.rake', fire: $fire->value);
    }

    /**
     * @param  callable(int, bool): Fact  $say  by the number of the turn, from 1, and whether it goes up
     *
     * @return list<Stage>
     */
    public function knob(callable $say): array
    {
        $stages = [];
        foreach (array_slice($this->heat, 1) as $i => $change) {
            if ($change->fromMinute > 0 && $change->fromMinute < $this->run->off()->minute()) {
                $net = $this->ask->burner->net;
                $up = ($net[$change->mark] ?? 0.0) > ($net[$this->heat[$i]->mark] ?? 0.0);
                $stages[] = new Stage($change->fromMinute, StageKind::Heat, $say($i + 1, $up), mark: $change->mark);
            }
        }

        return $stages;
    }

    /** @return list<Stage> */
    public function lid(): array
    {
        $stages = [];
        foreach ($this->ask->method->lid as $change) {
            if ($change->fromMinute < $this->run->off()->minute()) {
                $stages[] = new Stage(max(0.0, $change->fromMinute), StageKind::Lid, Fact::of('say.lid', on: $change->on));
            }
        }

        return $stages;
    }

    /** From two minutes before the low end of the window; where the pull comes sooner than that, or it goes in part-cooked, a minute before it. */
    public function taste(Fact $say): Stage
    {
        $latest = max(0.0, $this->run->off()->minute() - self::TASTE_BEFORE_PULL);
        foreach ($this->ask->method->partCooked === null ? $this->run->track->doneness : [] as $row => $doneness) {
            if ($doneness >= $this->ask->grain->window->low - self::TASTE_LEAD) {
                return new Stage(min($latest, $this->run->track->minute[$row]), StageKind::Taste, $say);
            }
        }

        return new Stage($latest, StageKind::Taste, $say);
    }

    /** @return list<Stage> */
    public function offToTable(Fact $off): array
    {
        $method = $this->ask->method;
        $minute = $this->run->off()->minute();
        if ($method->partCooking !== null) {
            return [new Stage($minute, StageKind::Off, Fact::of('say.off-part-cooked')), new Stage($this->run->end->minute(), StageKind::Serve, Fact::of('say.spread', layer: Length::ofMm($method->partCooking->layer)))];
        }
        $stages = [new Stage($minute, StageKind::Off, $method->finishOnTheHeat && $method->finish > 0 ? Fact::of('say.down-to-the-lowest', mark: $this->ask->burner->weakest()) : $off)];
        if ($method->finish > 0 || $this->ask->finish->weight() > 0) {
            $stages[] = new Stage($minute, StageKind::Finish, Fact::of($method->finishOnTheHeat ? 'say.finish-on-the-heat' : 'say.finish', order: $this->ask->finish->order()));
        }
        if ($method->rest > 0) {
            $stages[] = new Stage($minute + $method->finish, StageKind::Rest, Fact::of('say.rest', covered: $method->restCovered));
        }
        $looseness = $this->ask->family->traits()->scale->nearest($this->run->end->free / $this->ask->rice());
        $stages[] = new Stage($this->run->end->minute(), StageKind::Serve, $looseness->fact());

        return $stages;
    }

    /**
     * @param  list<Stage>  $stages
     *
     * @return list<Stage>
     */
    public static function inOrder(array $stages): array
    {
        usort($stages, static fn (Stage $a, Stage $b): int => $a->minute <=> $b->minute);

        return $stages;
    }
}
