<?php

declare(strict_types=1);

namespace App\Contracts;

use App\Words\Words;
use Velko\Core\Crust\CrustSchool;
use Velko\Core\Crust\CrustWish;
use Velko\Core\Family\Families;
use Velko\Core\Food\Portion;
use Velko\Core\Method\DoseSchool;
use Velko\Core\Method\Fat;
use Velko\Core\Method\HeatChange;
use Velko\Core\Method\LidChange;
use Velko\Core\Method\Method;
use Velko\Core\Method\Pace;
use Velko\Core\Method\PanHeat;
use Velko\Core\Method\PartCooking;
use Velko\Core\Method\Schools;
use Velko\Core\Method\Stirring;
use Velko\Core\Method\Toasting;
use Velko\Core\Pan\PartCooked;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Defaults;
use Velko\Core\Planning\Family;
use Velko\Core\Planning\Stock;
use Velko\Core\Planning\Surroundings;
use Velko\Core\Planning\Target;
use Velko\Core\Season\Finish;
use Velko\Core\Season\Seasoning;
use Velko\Core\Season\Wine;
use Velko\Core\Vessel\Burner;
use Velko\Core\Vessel\Fire;
use Velko\Core\Vessel\Ladle;

/** The document velko.plan-request/1: from the document to the engine's {@see Ask}, and back. */
final class PlanRequestDocument extends EngineRequest
{
    /** As of a dish: 200 mL for 80 g. */
    private const MOST_WINE_ML_PER_G = 2.5;

    protected static function contract(): string
    {
        return 'plan-request';
    }

    protected function family(): Family
    {
        return Families::named($this->text('family', Families::usual()->traits()->name));
    }

    /** @return array<string, mixed> the whole ask, nothing left to be taken for granted */
    public static function from(Ask $ask): array
    {
        $method = $ask->method;
        $said = static fn (array $fields): array => array_filter($fields, static fn (mixed $value): bool => $value !== null);

        return [
            'format' => 'velko.plan-request/1',
            'family' => $ask->family->traits()->name,
            'covers' => $ask->covers,
            'rice' => ['variety' => $ask->grain->variety->value, 'grams_per_cover' => $ask->gramsPerCover, 'window_min' => [$ask->grain->tooth()->low, $ask->grain->tooth()->high], ...$ask->grain->measured === null ? [] : ['drinks_g_per_g' => round($ask->grain->measured, 4)], ...$ask->grain->browns === 1.0 ? [] : ['browns' => round($ask->grain->browns, 4)]],
            'kitchen' => ['altitude_m' => $ask->surroundings->altitude, 'room_c' => $ask->surroundings->room, 'plates_c' => $ask->surroundings->plates, ...$ask->surroundings->wind > 0.0 ? ['wind_m_s' => $ask->surroundings->wind] : []],
            'pan' => ['base_diameter_cm' => $ask->pan->base, 'rim_diameter_cm' => $ask->pan->rim, 'height_cm' => $ask->pan->height, 'metal_j_per_k' => $ask->pan->metal],
            'burner' => ['ring_diameter_cm' => $ask->burner->ring, 'grate_cm' => $ask->burner->grate, ...self::fire($ask->burner), ...$ask->burner->spreads === [] ? [] : ['spread_percent' => array_map(static fn (float $spread): float => round(100 * $spread, 4), $ask->burner->spreads)], 'net_w' => $ask->burner->net],
            'stock' => $said(['temperature_c' => $ask->stock->temperature, 'salt_percent' => $ask->stock->saltPercent, 'volume_ml' => $ask->stock->given, 'pot_diameter_cm' => $ask->stock->potDiameter, 'held_min' => $ask->stock->held, 'from_water' => FromWaterDocument::of($ask->stock->fromWater)]),
            'extras_g_per_cover' => $ask->extras / $ask->covers,
            'ingredients' => array_values(array_map(self::ingredient(...), $ask->food)),
            'wine_ml' => $ask->wine,
            ...$ask->ofWine->percent === Wine::TABLE ? [] : ['wine_percent' => $ask->ofWine->percent],
            ...$ask->ofWine->cookedOff ? ['wine_cooked_off' => true] : [],
            'ladle_ml' => $ask->ladle->ml,
            'finish' => [
                'butter_g_per_cover' => $ask->finish->butter / $ask->covers,
                'cheese_g_per_cover' => $ask->finish->cheese / $ask->covers,
                'butter_salted' => $ask->finish->salted,
                'butter_temperature_c' => $ask->finish->butterTemperature,
                ...$ask->finish->cream > 0 ? ['cream_g_per_cover' => $ask->finish->cream / $ask->covers] : [],
                ...$ask->finish->marrow > 0 ? ['marrow_g_per_cover' => $ask->finish->marrow / $ask->covers] : [],
                ...$ask->finish->oil > 0 ? ['oil_g_per_cover' => $ask->finish->oil / $ask->covers] : [],
            ],
            'method' => $said([
                'doses' => $method->doses?->name() ?? Schools::ONE_POUR,
                'stirring' => $method->stirring->value,
                'sealed' => $method->sealed,
                'finish_min' => $method->finish,
                'rest_min' => $method->rest,
                'rest_covered' => $method->restCovered,
                'toast' => $method->toasting->value,
                'pace' => $method->pace === Pace::Medium ? null : $method->pace->value,
                'fat' => $method->fat === Fat::Oil ? null : $method->fat->value,
                'rained_in' => $method->rainedIn ? true : null,
                'base_apart' => $method->baseApart ? true : null,
                'two_pours' => $method->twoPours ? true : null,
                'finish_on_the_heat' => $method->finishOnTheHeat ? true : null,
                'plated' => $method->plated,
                'rinsed' => $method->rinsed,
                'soak_min' => $method->soak,
                'crust' => $method->crust->value,
                'heat' => $method->heat === null ? null : array_map(static fn (HeatChange $change): array => ['from_min' => $change->fromMinute, 'setting' => $change->mark], $method->heat),
                'lid' => $method->lid === [] ? null : array_map(static fn (LidChange $change): array => ['from_min' => $change->fromMinute, 'on' => $change->on], $method->lid),
                'cover_last_min' => $method->coverLast > 0.0 ? $method->coverLast : null,
                'cover_from_grains' => $method->coverFromGrains ? true : null,
                'oven_c' => $method->oven,
                'part_cooking' => $method->partCooking === null ? null : ['share' => $method->partCooking->share, 'layer_mm' => $method->partCooking->layer],
                'part_cooked' => $method->partCooked === null ? null : ['doneness_min' => $method->partCooked->doneness, 'drunk_g_per_g' => $method->partCooked->drunk, 'free_g_per_g' => $method->partCooked->free, 'salt_g_per_g' => $method->partCooked->salt, 'temperature_c' => $method->partCooked->temperature],
                'pan_heat' => $method->panHeat === null ? null : ['hot' => $method->panHeat->hot, 'gentle' => $method->panHeat->gentle],
            ]),
            'target' => ['looseness' => $ask->target->looseness, 'minutes_to_table' => $ask->target->minutesToTable, 'crust' => $ask->target->crust->value, 'salt_percent' => [$ask->seasoning->low, $ask->seasoning->high], 'sodium_most_mg' => $ask->seasoning->sodiumMost],
        ];
    }

    /** @throws BadDocument when fields contradict each other */
    public function ask(): Ask
    {
        $family = $this->family();
        $covers = (int) $this->number('covers', 1);
        $grain = $this->grain();
        $pan = $this->pan();
        $burner = $this->burner();
        $method = $this->method($family, $burner);
        $stock = $this->stock($family);
        $target = $this->target($family);
        $finish = $this->finish($covers);
        $food = $this->food();
        $place = new Surroundings($this->altitude(), $this->room(), $this->plates(), $this->wind());
        $burner = $method->oven === null ? $burner : $burner->withOven($method->oven, $pan, $this->conditions($pan)->boiling);
        $seasoning = $this->seasoning();
        $wine = $this->wine($covers * $this->number('rice/grams_per_cover', Defaults::GRAMS_PER_COVER));
        $this->throwRefusals();

        return new Ask(
            $family,
            $covers,
            $this->number('rice/grams_per_cover', Defaults::GRAMS_PER_COVER),
            $method->partCooking === null ? $grain : $grain->upTo($method->partCooking->share),
            $pan,
            $burner,
            new Ladle($this->number('ladle_ml', Defaults::LADLE_ML)),
            $method,
            $stock,
            $wine,
            $finish,
            $target,
            $place,
            $covers * $this->number('extras_g_per_cover', 0.0),
            $food,
            $seasoning,
            new Wine((float) ($this->document['wine_percent'] ?? Wine::TABLE), (bool) ($this->document['wine_cooked_off'] ?? false)),
        );
    }

    private function seasoning(): Seasoning
    {
        /** @var array{int|float, int|float} $wanted */
        $wanted = $this->value('target/salt_percent', [Seasoning::LOW, Seasoning::HIGH]);
        if ($wanted[1] < $wanted[0]) {
            $this->refuse('/target/salt_percent/1', "must be a number from {$wanted[0]} to 3 (percent, not less than the low end)");
        }

        $most = $this->document['target']['sodium_most_mg'] ?? null;

        return new Seasoning((float) $wanted[0], (float) $wanted[1], is_numeric($most) ? (float) $most : null);
    }

    /** @return array<string, mixed> */
    private static function ingredient(Portion $portion): array
    {
        return [
            'name' => $portion->name, 'grams' => $portion->grams, 'goes' => $portion->goes->value, ...$portion->minute === null ? [] : ['at_min' => $portion->minute],
            'temperature_c' => $portion->temperature, ...$portion->fried ? ['fried' => true] : [], ...FoodDocument::of($portion->food),
        ];
    }

    /** @return float mL; no more than a dish may say for its rice, since a pan that only boils wine away is no plan */
    private function wine(float $rice): float
    {
        $wine = $this->number('wine_ml', 0.0);
        $most = ceil(self::MOST_WINE_ML_PER_G * $rice);
        if ($wine > $most) {
            $this->refuse('/wine_ml', "must be a number from 0 to $most (mL, for this much rice)");
        }

        return $wine;
    }

    /** @return array<string, string|float> nothing of a knob's: that is what a request means that does not say it */
    private static function fire(Burner $burner): array
    {
        return $burner->fire === Fire::Gas && $burner->fades <= 0.0 ? [] : ['fuel' => $burner->fire->value, 'fades_percent_per_min' => round(100 * $burner->fades, 4)];
    }

    private function method(Family $family, Burner $burner): Method
    {
        $soak = $this->number('method/soak_min', 0.0);
        $traits = $family->traits();

        return new Method(
            $this->doses($family),
            Stirring::from($this->text('method/stirring', $traits->stirring->value)),
            $this->heat($burner),
            $this->sealed($soak),
            $this->number('method/finish_min', $traits->finish),
            $this->number('method/rest_min', $traits->rest),
            (bool) $this->value('method/rest_covered', $traits->driesOut),
            Toasting::from($this->text('method/toast', Toasting::Medium->value)),
            (bool) $this->value('method/rinsed', false),
            $soak,
            $this->lid(),
            CrustSchool::from($this->text('method/crust', CrustSchool::ShortAndHot->value)),
            $this->panHeat($family, $burner),
            coverLast: $this->coverLast($family),
            pace: $this->pace($family),
            fat: Fat::from($this->document['method']['fat'] ?? Fat::Oil->value),
            rainedIn: $this->isChosen('rained_in', ! $traits->inStages, $family, 'its stock goes in in stages'),
            twoPours: $this->isChosen('two_pours', ! $traits->inStages && ! $traits->driesOut, $family, 'it has no more than one, or has them by its doses'),
            finishOnTheHeat: $this->isChosen('finish_on_the_heat', $traits->finish > 0.0, $family, 'nothing is beaten into it'),
            plated: $this->document['method']['plated'] ?? null,
            coverFromGrains: $this->isChosen('cover_from_grains', $traits->driesOut, $family, 'it is not left to dry'),
            baseApart: $this->isChosen('base_apart', $traits->driesOut || ! $traits->inStages, $family, 'its stock goes in in stages'),
            oven: $this->oven($family),
            partCooked: $this->partCooked($family),
            partCooking: $this->partCooking($family),
        );
    }

    private function partCooking(Family $family): ?PartCooking
    {
        $said = $this->document['method']['part_cooking'] ?? null;
        if (! is_array($said)) {
            return null;
        }
        $this->mustBeFed('/method/part_cooking', $family);
        if (isset($this->document['method']['part_cooked'])) {
            $this->refuse('/method/part_cooking', 'does not go with /method/part_cooked: what was part-cooked is finished');
        }

        return new PartCooking((float) $said['share'], (float) $said['layer_mm']);
    }

    private function partCooked(Family $family): ?PartCooked
    {
        $said = $this->document['method']['part_cooked'] ?? null;
        if (! is_array($said)) {
            return null;
        }
        $this->mustBeFed('/method/part_cooked', $family);

        return new PartCooked((float) $said['doneness_min'], (float) $said['drunk_g_per_g'], (float) $said['free_g_per_g'], (float) $said['salt_g_per_g'], (float) $said['temperature_c']);
    }

    /** Only what is fed in stages can be stopped and gone on with: a pan rice would have no crust, a stew no broth. */
    private function mustBeFed(string $path, Family $family): void
    {
        if (! $family->traits()->inStages) {
            $this->refuse($path, "must be left out for {$this->named($family)}: it is cooked in one go");
        }
    }

    private function coverLast(Family $family): float
    {
        $minutes = (float) ($this->document['method']['cover_last_min'] ?? 0.0);
        if ($minutes > 0.0 && ! $family->traits()->driesOut) {
            $this->refuse('/method/cover_last_min', "is for {$this->thatDryOut()} only, not for {$this->named($family)}");
        }

        return $minutes;
    }

    private function oven(Family $family): ?float
    {
        $oven = $this->document['method']['oven_c'] ?? null;
        $dry = $family->traits()->driesOut;
        if (is_numeric($oven) && (! $dry || isset($this->document['method']['heat']) || ($this->document['target']['crust'] ?? CrustWish::Gold->value) !== CrustWish::None->value)) {
            $this->refuse('/method/oven_c', match (true) {
                ! $dry => "is for {$this->thatDryOut()} only, not for {$this->named($family)}",
                isset($this->document['method']['heat']) => 'does not go with /method/heat',
                default => 'goes without a crust: /target/crust must be none',
            });
        }

        return is_numeric($oven) ? (float) $oven : null;
    }

    private function panHeat(Family $family, Burner $burner): ?PanHeat
    {
        /** @var array{hot: string, gentle: string}|null $given */
        $given = $this->document['method']['pan_heat'] ?? null;
        if ($given === null) {
            return null;
        }
        if (! $family->traits()->driesOut || isset($this->document['method']['heat'])) {
            $this->refuse('/method/pan_heat', $family->traits()->driesOut ? 'does not go with /method/heat' : "is for {$this->thatDryOut()} only, not for {$this->named($family)}");
        }
        foreach ($given as $half => $mark) {
            $this->checkMark("/method/pan_heat/$half", $mark, $burner);
        }

        return new PanHeat($given['hot'], $given['gentle']);
    }

    private function pace(Family $family): Pace
    {
        $pace = Pace::from($this->document['method']['pace'] ?? Pace::Medium->value);
        if ($family->traits()->driesOut && $pace !== Pace::Medium) {
            $this->refuse('/method/pace', "must be medium for {$this->named($family)}: its heat is turned with the grain");
        }

        return $pace;
    }

    /** A way of working that not every family has. */
    private function isChosen(string $field, bool $has, Family $family, string $why): bool
    {
        $chosen = (bool) ($this->document['method'][$field] ?? false);
        if ($chosen && ! $has) {
            $this->refuse("/method/$field", "must be false for {$this->named($family)}: $why");
        }

        return $chosen;
    }

    private function doses(Family $family): ?DoseSchool
    {
        $inStages = $family->traits()->inStages;
        $name = $this->text('method/doses', $inStages ? Schools::DEFAULT : Schools::ONE_POUR);
        if ($inStages === ($name === Schools::ONE_POUR)) {
            $allowed = $inStages ? 'one of '.implode(', ', array_keys(Schools::all())) : Schools::ONE_POUR;
            $this->refuse('/method/doses', "must be $allowed for {$this->named($family)}");
        }

        return $inStages ? Schools::named($name) : null;
    }

    private function stock(Family $family): Stock
    {
        $given = $this->document['stock']['volume_ml'] ?? null;
        if ($given !== null && ! $family->traits()->driesOut) {
            $this->refuse('/stock/volume_ml', "is for {$this->thatDryOut()} only: the stock of {$this->named($family)} is worked out");
        }

        return new Stock(
            $this->number('stock/temperature_c', Defaults::STOCK_C),
            $this->number('stock/salt_percent', Defaults::STOCK_SALT_PERCENT),
            $given === null ? null : (float) $given,
            $this->number('stock/pot_diameter_cm', Defaults::SIDE_POT_CM),
            $this->number('stock/held_min', Defaults::HELD_MIN),
            FromWaterDocument::read($this->document['stock']['from_water'] ?? null),
        );
    }

    private function target(Family $family): Target
    {
        $dry = $family->traits()->driesOut;
        $crust = CrustWish::from($this->text('target/crust', $dry ? CrustWish::Gold->value : CrustWish::None->value));
        if (! $dry && $crust !== CrustWish::None) {
            $this->refuse('/target/crust', "must be none for {$this->named($family)}");
        }
        $looseness = $this->number('target/looseness', $family->traits()->looseness);
        if ($dry && $looseness > 0) {
            $this->refuse('/target/looseness', "must be 0 for {$this->named($family)}");
        }

        return new Target($looseness, $this->number('target/minutes_to_table', Defaults::MINUTES_TO_TABLE), $crust);
    }

    private function finish(int $covers): Finish
    {
        return new Finish(
            $covers * $this->number('finish/butter_g_per_cover', 0.0),
            $covers * $this->number('finish/cheese_g_per_cover', 0.0),
            (bool) $this->value('finish/butter_salted', false),
            $this->number('finish/butter_temperature_c', Defaults::BUTTER_C),
            $covers * (float) ($this->document['finish']['cream_g_per_cover'] ?? 0.0),
            $covers * (float) ($this->document['finish']['marrow_g_per_cover'] ?? 0.0),
            $covers * (float) ($this->document['finish']['oil_g_per_cover'] ?? 0.0),
        );
    }

    /** @return non-empty-list<HeatChange>|null */
    private function heat(Burner $burner): ?array
    {
        /** @var list<array{from_min: int|float, setting: string}> $rows */
        $rows = $this->document['method']['heat'] ?? [];
        $this->inOrder('/method/heat', $rows);
        $heat = [];
        foreach ($rows as $i => $row) {
            $this->checkMark("/method/heat/$i/setting", $row['setting'], $burner);
            $heat[] = new HeatChange((float) $row['from_min'], $row['setting']);
        }

        return $heat === [] ? null : $heat;
    }

    /** @return list<LidChange> */
    private function lid(): array
    {
        /** @var list<array{from_min: int|float, on: bool}> $rows */
        $rows = $this->document['method']['lid'] ?? [];
        $this->inOrder('/method/lid', $rows);

        return array_map(static fn (array $row): LidChange => new LidChange((float) $row['from_min'], $row['on']), $rows);
    }

    /** @param  list<array{from_min: int|float}>  $rows */
    private function inOrder(string $path, array $rows): void
    {
        foreach ($rows as $i => $row) {
            if ($i > 0 && $row['from_min'] <= $rows[$i - 1]['from_min']) {
                $this->refuse("$path/$i/from_min", "must be later than the one before, {$rows[$i - 1]['from_min']}");
            }
        }
    }

    private function named(Family $family): string
    {
        return (new Words)->say($family->traits()->fact());
    }

    private function thatDryOut(): string
    {
        return implode(' or ', array_map($this->named(...), array_filter(Families::all(), static fn (Family $family): bool => $family->traits()->driesOut)));
    }
}
