<?php

declare(strict_types=1);

namespace Velko\Core\Live\Rescue;

use Velko\Core\Cook\Trouble;
use Velko\Core\Crust\CrustWish;
use Velko\Core\Pan\Crust;
use Velko\Core\Quantity\Duration;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Length;
use Velko\Core\Quantity\Volume;

/** The ways back of a floor that caught, of a crust that is pale at the rim or burnt. */
final readonly class FloorRemedies
{
    /** What stays behind of a burnt crust, and of a floor that caught, mm (our estimate). */
    private const BURNT_LAYER = 4.0;

    private const CAUGHT_LAYER = 1.5;

    public function __construct(private PanAsSeen $seen) {}

    public function of(Trouble $trouble): ?WayBack
    {
        return match ($trouble) {
            Trouble::Catching => $this->catching(),
            Trouble::PaleRim => $this->paleRim(),
            Trouble::Bitter => $this->bitter(),
            default => null,
        };
    }

    private function catching(): WayBack
    {
        $state = $this->seen->forecast->now;
        $lower = $this->seen->gentler($state);
        $trial = new Trial($this->seen->ask, $state, $lower);
        $stock = PanAsSeen::jug($trial->pourForLooseness());
        [$minutes, $atTable] = $trial->untilDone($stock);

        return new WayBack(Trouble::Catching, [
            Fact::of('do.off-no-scraping'),
            Fact::of('do.into-a-clean-pan', percent: $this->seen->staysBehind(self::CAUGHT_LAYER)),
            $this->seen->turn($lower),
            Fact::of('do.time-and-stock', time: Duration::ofMinutes($minutes), volume: Volume::ofMl($stock)),
        ], $atTable, mark: $this->seen->ifOther($lower), beware: Fact::of('beware.full-hot-pan'), minutes: $minutes);
    }

    private function paleRim(): WayBack
    {
        // Whoever misses a crust wants one, whatever the dish said.
        $target = $this->seen->ask->target;
        $wish = $target->crust === CrustWish::None ? CrustWish::Gold : $target->crust;
        $power = $this->seen->ask->burner->after($this->seen->forecast->now->minute())->net[$this->seen->mark];
        $plan = $this->seen->ask->withTarget($target->with($wish))->crustMaking()->on($this->seen->mark, $power);
        $turning = $plan->turning();
        $do = $plan->shift() > 0
            ? [Fact::of('do.shift', shift: Length::ofCm(round($plan->shift()))), Fact::of('do.quarter-turns', time: Duration::ofSeconds(round($turning / 4))), Fact::of('do.then-off')]
            : [Fact::of('do.leave-in-the-middle'), Fact::of('do.off-when-it-smells-toasted')];

        return new WayBack(Trouble::PaleRim, $do, $this->seen->forecast->projection->atTable, beware: Fact::of('beware.gold-to-burnt', time: Duration::ofMinutes($this->goldToBurnt())));
    }

    private function goldToBurnt(): float
    {
        $minutes = $this->seen->ask->crustMaking()->whole->minutes($this->seen->ask->burner->after($this->seen->forecast->now->minute())->net[$this->seen->mark]);

        return max(0.1, ($minutes['centre_burnt'] ?? Crust::LONGEST / 60) - ($minutes['centre_gold'] ?? 0.0));
    }

    private function bitter(): WayBack
    {
        $stays = $this->seen->staysBehind(self::BURNT_LAYER);
        $covers = $this->seen->ask->covers;
        $atTable = (new Trial($this->seen->ask, $this->seen->forecast->now, $this->seen->mark))->afterStanding($this->seen->ask->method->rest);

        return new WayBack(Trouble::Bitter, [
            Fact::of('do.off-at-once'),
            Fact::of('do.serve-from-above', percent: $stays),
            Fact::of('do.leaves-covers', left: max(1, (int) round($covers * (1 - $stays / 100))), covers: $covers),
        ], $atTable);
    }
}
