<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Food\Goes;
use Velko\Core\Food\Piece;

/** What lies on a rice that nobody stirs, piece by piece: too many extras smother it (common practice, no single source). */
final readonly class Toppings
{
    /** More of it covered than this, and no steam gets out between (our limit). */
    private const SMOTHERED = 0.7;

    private const CM2_PER_M2 = 1e4;

    /** @param  list<array{name: string, count: float, piece: Piece}>  $lies */
    private function __construct(public array $lies, private float $rice) {}

    public static function of(Ask $ask): self
    {
        $lies = [];
        foreach ($ask->family->traits()->driesOut ? $ask->food : [] as $portion) {
            $piece = $portion->piece();
            $count = $portion->pieces ?? ($piece === null ? 0.0 : $portion->grams / $piece->grams);
            if ($piece !== null && $count > 0.0 && ! in_array($portion->goes, [Goes::Base, Goes::WithTheRice], true)) {
                $lies[] = ['name' => $portion->name, 'count' => $count, 'piece' => $piece];
            }
        }

        return new self($lies, $ask->pan->baseArea());
    }

    /** Share of the rice that lies under it; more than 1 where it does not lie in one layer. */
    public function covers(): float
    {
        return array_sum(array_map(static fn (array $topping): float => $topping['count'] * $topping['piece']->area(), $this->lies)) / self::CM2_PER_M2 / $this->rice;
    }

    public function smothers(): bool
    {
        return $this->covers() > self::SMOTHERED;
    }
}
