<?php

declare(strict_types=1);

namespace Velko\Core\Live\Rescue;

use Velko\Core\Live\Forecast;
use Velko\Core\Method\Family;
use Velko\Core\Pan\Crust;
use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;
use Velko\Core\Pan\TopLayer;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Checks;
use Velko\Core\Planning\CrustWish;
use Velko\Core\Planning\Looseness;
use Velko\Core\Planning\PanRice\CrustMaking;
use Velko\Core\Planning\Target;
use Velko\Core\Quantity\Rounding;
use Velko\Core\Rice\Kinetics;
use Velko\Core\Season\Salt;

/**
 * "Something is off": the usual ways back, worked out for this very pan. How many mL, how hot, how many minutes, and what
 * the plate will be. What the cook sees outweighs what the engine thinks: the pan is taken as it was seen.
 */
final readonly class Rescue
{
    /** A lid for so long, min: "two minutes". */
    private const LID = 2.0;

    /** Longest rest under a cover that is asked for, min. */
    private const LONGEST_REST = 8.0;

    /** A heart that is called hard is at least so far below its window, min. */
    private const HARD = 2.0;

    /** Rice that is called nearly done is at most so far below its window, min. */
    private const NEARLY = 0.5;

    /** Rice that swims has at least so much more than asked, g/g (one word of the scale and a half). */
    private const SWIMS = 0.35;

    /** Rice that is tight has at most this share of what was asked. */
    private const TIGHT = 0.5;

    /** Salt that a tongue calls too much, percent of the plate, at least. */
    private const SALTY = 1.25;

    /** What stays behind of a burnt crust, and of a floor that caught, mm (our estimate). */
    private const BURNT_LAYER = 4.0;

    private const CAUGHT_LAYER = 1.5;

    /** A rest under a cover that evens a grain out, min. */
    private const REST = 4.0;

    private Ask $ask;

    private float $rice;

    /** Where the knob stands. */
    private string $mark;

    public function __construct(private Forecast $forecast)
    {
        $this->mark = $forecast->mark;
        $this->ask = $forecast->ask->on($forecast->ask->burner->times($forecast->estimate->power));
        $this->rice = $this->ask->rice();
    }

    /** @return list<WayBack> for all that can go wrong with such a dish */
    public function all(): array
    {
        return array_map($this->from(...), Trouble::of($this->ask->family));
    }

    public function from(Trouble $trouble): WayBack
    {
        return match ($trouble) {
            Trouble::HardAndDry => $this->hardAndDry(),
            Trouble::HardAndWet => $this->hardAndWet(),
            Trouble::SoftOutside => $this->softOutside(),
            Trouble::Swimming => $this->swimming(),
            Trouble::Tight, Trouble::SetUp => $this->tight($trouble),
            Trouble::Catching => $this->catching(),
            Trouble::WetLate => $this->wetLate(),
            Trouble::DryEarly => $this->dryEarly(),
            Trouble::TopHard => $this->topHard(),
            Trouble::PaleRim => $this->paleRim(),
            Trouble::Bitter => $this->bitter(),
            Trouble::TooSalty => $this->tooSalty(),
            Trouble::StockOut => $this->stockOut(),
        };
    }

    private function hardAndDry(): WayBack
    {
        $lower = $this->below();
        $trial = new Trial($this->ask, $this->seen(dry: true, hard: true), $lower);
        $stock = self::jug($trial->pourForLooseness(self::LID));
        [$minutes, $atTable] = $trial->untilDone($stock, self::LID);
        $first = self::jug(min($stock, $this->ask->ladle->ml / 2 * ceil($this->rice / 320)));

        return new WayBack(Trouble::HardAndDry, [
            sprintf('%s of hot stock now, %s in small doses until it is done', Checks::litres($first), Checks::litres($stock)),
            $this->turn($lower), 'lid on for 2 min', sprintf('%s min more', Rounding::minutes($minutes)),
        ], $atTable, splash: $first, mark: $this->ifOther($lower), lid: true, minutes: $minutes);
    }

    private function hardAndWet(): WayBack
    {
        $higher = $this->ask->burner->above($this->mark) ?? $this->mark;
        $state = $this->seen(hard: true, atLeast: 2 * Simulation::DRY);
        $trial = new Trial($this->ask, $state, $higher);
        if ($this->ask->family === Family::PanRice) {
            [$minutes, $atTable] = $trial->untilDry();

            return new WayBack(Trouble::HardAndWet, [$this->turn($higher), sprintf('dry in %s min: what liquid is left must cook it', Rounding::minutes($minutes))], $atTable, mark: $this->ifOther($higher), minutes: $minutes);
        }
        $stock = self::jug($trial->pourForLooseness());
        [$minutes, $atTable] = $trial->untilDone($stock);

        return new WayBack(Trouble::HardAndWet, [
            $this->turn($higher),
            sprintf('give it %s min more', Rounding::minutes($minutes)),
            $stock >= 5 ? sprintf('%s still goes in, hot', Checks::litres($stock)) : 'nothing more goes in',
        ], $atTable, mark: $this->ifOther($higher), minutes: $minutes);
    }

    private function softOutside(): WayBack
    {
        $lower = $this->below();
        $resting = $this->ask->withMethod(['rest' => max($this->ask->method->rest, self::REST), 'restCovered' => true]);
        $trial = new Trial($resting, $this->seen(hard: true), $lower);
        $stock = self::jug($trial->pourForLooseness());
        [$minutes, $atTable] = $trial->untilDone($stock);
        $dose = self::jug(min($stock, $this->ask->ladle->ml / 2));

        return new WayBack(Trouble::SoftOutside, [
            $this->turn($lower), sprintf('%s min more, in hot doses of %s, %s in all', Rounding::minutes($minutes), Checks::litres($dose), Checks::litres($stock)),
            sprintf('then off the heat, covered, %s min', Rounding::minutes($resting->method->rest)),
        ], $atTable, splash: $dose > 0 ? $dose : null, mark: $this->ifOther($lower), beware: 'What is soft outside stays soft.', minutes: $minutes);
    }

    private function swimming(): WayBack
    {
        $target = $this->ask->target->looseness;
        $state = $this->seen(atLeast: $target + self::SWIMS);
        $strongest = $this->strongest();
        $trial = new Trial($this->ask, $state, $strongest);
        [$minutes, $down] = $trial->untilDownTo($target * $this->rice);
        $then = new Trial($this->ask, $down, $this->mark);
        [, $atTable] = $then->untilDone($then->pourForLooseness());
        [, $wet] = $trial->untilDone();
        $lift = self::jug(max(0.0, $wet->free - $target * $this->rice));
        if ($lift <= 0.0 || $atTable->doneness < $this->ask->grain->window->middle() + self::NEARLY) {
            return new WayBack(Trouble::Swimming, [
                $this->turn($strongest),
                $this->ask->family === Family::Risotto ? 'stir hard' : 'lid off, let it roll',
                sprintf('nothing goes in for %s min', Rounding::minutes($minutes)),
            ], $atTable, mark: $this->ifOther($strongest), minutes: $minutes);
        }
        $lifted = clone $state;
        $lifted->free -= min($lifted->free, $lift);
        $lifted->liftedOut += $lift;
        [$left, $atTable] = (new Trial($this->ask, $lifted, $strongest))->untilDone();

        return new WayBack(Trouble::Swimming, [
            sprintf('lift out %s: it would be done before that boils off', Checks::litres($lift)), $this->turn($strongest), sprintf('%s min more', Rounding::minutes($left)),
        ], $atTable, lift: $lift, mark: $this->ifOther($strongest), minutes: $left);
    }

    private function tight(Trouble $trouble): WayBack
    {
        $state = $this->seen(atMost: self::TIGHT * $this->ask->target->looseness);
        $trial = new Trial($this->ask, $state, $this->mark);
        $off = $this->forecast->standing !== null;
        $short = $off ? max(0.0, $this->ask->target->looseness * $this->rice - $state->free) : $trial->pourForLooseness();
        $stock = max(5.0, self::jug($short));
        $spoon = self::jug(max(5.0, $stock / 4));
        $atTable = clone $state;
        if ($off) {
            $atTable->free += $stock;
        } else {
            [, $atTable] = $trial->untilDone($stock);
        }

        return new WayBack($trouble, [
            sprintf('hot stock, %s at a time, %s in all', Checks::litres($spoon), Checks::litres($stock)),
            $this->ask->family === Family::Risotto ? 'beat it in hard' : 'turn it over gently',
        ], $atTable, splash: $stock, beware: $trouble === Trouble::SetUp ? 'It will not come back as clear.' : null);
    }

    private function catching(): WayBack
    {
        $lower = $this->below();
        $state = $this->forecast->now;
        $trial = new Trial($this->ask, $state, $lower);
        $stock = self::jug($trial->pourForLooseness());
        [$minutes, $atTable] = $trial->untilDone($stock);

        return new WayBack(Trouble::Catching, [
            'off the heat, do not scrape', sprintf('tip it into a clean pan: what sticks stays, about %d %%', $this->staysBehind(self::CAUGHT_LAYER)),
            $this->turn($lower), sprintf('%s min more, %s of stock still to go in', Rounding::minutes($minutes), Checks::litres($stock)),
        ], $atTable, mark: $this->ifOther($lower), beware: 'A full hot pan: two hands, or two people.', minutes: $minutes);
    }

    private function wetLate(): WayBack
    {
        $strongest = $this->strongest();
        $state = $this->seen(atLeast: 2 * Simulation::DRY);
        $state->doneness = max($state->doneness, $this->ask->grain->window->low - self::NEARLY);
        [$minutes, $atTable] = (new Trial($this->ask, $state, $strongest))->untilDry();

        return new WayBack(Trouble::WetLate, [
            $this->turn($strongest), sprintf('dry in %s min: watch the floor', Rounding::minutes($minutes)), 'off when it crackles and smells toasted',
        ], $atTable, mark: $this->ifOther($strongest), minutes: $minutes);
    }

    private function dryEarly(): WayBack
    {
        $lowest = $this->ask->burner->weakest();
        $trial = new Trial($this->ask, $this->seen(dry: true, hard: true), $lowest);
        $stock = max(10.0, self::jug($trial->pourForDoneness()));
        [$minutes, $atTable] = $trial->coveredUntilDone($stock);

        return new WayBack(Trouble::DryEarly, [
            sprintf('sprinkle %s of hot stock all over', Checks::litres($stock)), 'cover it', $this->turn($lowest), sprintf('%s min', Rounding::minutes($minutes)),
        ], $atTable, splash: $stock, mark: $this->ifOther($lowest), lid: true, minutes: $minutes);
    }

    private function topHard(): WayBack
    {
        $lowest = $this->ask->burner->weakest();
        $state = $this->forecast->now;
        $depth = $this->ask->pan->layer($this->rice, $state->drunk);
        $pace = min(1 - 0.15, TopLayer::pace($depth, false, false));
        $behind = max(1.0, $state->doneness * (1 - $pace) / 2);
        $minutes = min(self::LONGEST_REST, $behind / Kinetics::pace($this->ask->conditions()->boiling));
        $covered = clone $state;
        [, $atTable] = (new Trial($this->ask, $covered, $lowest))->untilDry(0.0, $minutes);

        return new WayBack(Trouble::TopHard, [
            'damp clean kitchen paper or a lid on top', $this->turn($lowest), sprintf('%s min: the top is about that far behind, %d mm deep', Rounding::minutes($minutes), (int) round($depth)),
        ], $atTable, mark: $this->ifOther($lowest), lid: true, beware: 'Paper only with no flame near it; no print on it.', minutes: $minutes);
    }

    private function paleRim(): WayBack
    {
        // Whoever misses a crust wants one, whatever the dish said.
        $target = $this->ask->target;
        $wish = $target->crust === CrustWish::None ? CrustWish::Gold : $target->crust;
        $plan = (new CrustMaking($this->ask->withTarget(new Target($target->looseness, $target->minutesToTable, $wish))))->on($this->mark, $this->ask->burner->net[$this->mark]);
        $turning = $plan->turning();
        $do = $plan->shift() > 0
            ? [sprintf('shift the pan %d cm so that the ring lies under the rim', (int) round($plan->shift())), sprintf('quarter turns, %d s on each quarter', (int) round($turning / 4)), 'then off']
            : ['it stands right over its ring: leave it a little longer in the middle', 'off when it smells toasted'];

        return new WayBack(Trouble::PaleRim, $do, $this->forecast->coming->atTable, beware: sprintf('The middle goes from gold to burnt in about %s min on this setting.', Rounding::minutes($this->goldToBurnt())));
    }

    private function goldToBurnt(): float
    {
        $minutes = (new CrustMaking($this->ask))->minutes($this->ask->burner->net[$this->mark]);

        return max(0.1, ($minutes['centre_burnt'] ?? Crust::LONGEST / 60) - ($minutes['centre_gold'] ?? 0.0));
    }

    private function bitter(): WayBack
    {
        $stays = $this->staysBehind(self::BURNT_LAYER);
        $atTable = (new Trial($this->ask, $this->forecast->now, $this->mark))->standing($this->ask->method->rest);

        return new WayBack(Trouble::Bitter, [
            'off at once, do not scrape', sprintf('serve from above it: about %d %% stays in the pan', $stays), sprintf('that leaves %d of %d covers', max(1, (int) round($this->ask->covers * (1 - $stays / 100))), $this->ask->covers),
        ], $atTable);
    }

    /**
     * @param  float  $millimetres  of rice left on the floor
     *
     * @return int percent of all of it
     */
    private function staysBehind(float $millimetres): int
    {
        return self::share($millimetres / max($millimetres, $this->ask->pan->layer($this->rice, $this->forecast->now->drunk)));
    }

    private function tooSalty(): WayBack
    {
        $left = max(0.0, $this->forecast->coming->stock());
        $state = $this->forecast->coming->atTable;
        $finish = $this->ask->finish;
        $plate = $this->rice * (1 + $state->drunk) + $state->free + $finish->weight();
        $salt = max($state->salt + $finish->salt(), self::SALTY / 100 * $plate);
        $percent = static fn (float $grams): string => number_format(Salt::percent($grams, $plate), 2);
        $spared = $left * $this->ask->stock->saltPercent / 100;
        $do = [];
        if ($left >= 5) {
            $do[] = sprintf('the last %s as hot water or unsalted stock: %s %% on the plate instead of %s', Checks::litres($left), $percent($salt - $spared), $percent($salt));
        } elseif ($this->ask->family === Family::PanRice) {
            $do[] = 'nothing takes salt out of a dry pan: keep it dry, serve something plain and lemon beside it';
        } else {
            // As much as leaves it within one word of what was asked.
            $water = self::jug(max(0.0, $this->ask->target->looseness * $this->rice + Looseness::oneStep($this->ask->family) * $this->rice - $state->free));
            $do[] = $water < 5
                ? 'no stock is left to go in, and it is as loose as it may be: serve something plain beside it'
                : sprintf('no stock is left to go in: %s of hot water loosens it by a word, and brings it to %s %%', Checks::litres($water), number_format(Salt::percent($salt, $plate + $water), 2));
        }
        if ($finish->salt() > 0) {
            $do[] = sprintf('hold the cheese back: %s %% without it', $percent($salt - $spared - $finish->salt()));
        }

        return new WayBack(Trouble::TooSalty, $do, $state, beware: 'On a low-sodium diet the dietitian decides.');
    }

    private function stockOut(): WayBack
    {
        $left = max(0.0, $this->forecast->coming->stock());
        $salt = $left * $this->ask->stock->saltPercent / 100;

        return new WayBack(Trouble::StockOut, $left < 5
            ? ['nothing more needs to go in']
            : [sprintf('%s of hot water in its place', Checks::litres($left)), sprintf('with %s g of salt in it', Rounding::plain($salt, 1))], $this->forecast->coming->atTable, water: true);
    }

    /**
     * The pan as the cook sees it.
     *
     * @param  float|null  $atLeast  free, g/g
     * @param  float|null  $atMost  free, g/g
     */
    private function seen(bool $dry = false, bool $hard = false, ?float $atLeast = null, ?float $atMost = null): State
    {
        $state = clone $this->forecast->now;
        $free = $state->free;
        $free = $dry ? min($free, Simulation::DRY * $this->rice) : $free;
        $free = $atLeast === null ? $free : max($free, $atLeast * $this->rice);
        $free = $atMost === null ? $free : min($free, $atMost * $this->rice);
        $state->boiledOff += $state->free - $free;
        $state->free = $free;
        if ($hard) {
            $state->doneness = min($state->doneness, $this->ask->grain->window->low - self::HARD);
        }

        return $state;
    }

    /** In a cook's words. */
    public function plate(WayBack $back): string
    {
        return Looseness::nearest($back->atTable->free / $this->rice, $this->ask->family)->value;
    }

    private function below(): string
    {
        return $this->ask->burner->below($this->mark) ?? $this->mark;
    }

    private function strongest(): string
    {
        $marks = $this->ask->burner->marks();

        return $marks[count($marks) - 1];
    }

    private function turn(string $mark): string
    {
        return $mark === $this->mark ? "leave it on $mark" : "turn it to $mark";
    }

    private function ifOther(string $mark): ?string
    {
        return $mark === $this->mark ? null : $mark;
    }

    private static function jug(float $millilitres): float
    {
        return Rounding::to($millilitres, Rounding::JUG);
    }

    /** @return int percent */
    private static function share(float $share): int
    {
        return (int) (5 * round(100 * $share / 5));
    }
}
