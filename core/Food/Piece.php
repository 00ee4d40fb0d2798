<?php

declare(strict_types=1);

namespace Velko\Core\Food;

/** One piece of a food as it is usually cut, and how much of the pan it lies on. Our estimates from common kitchen cuts. */
final readonly class Piece
{
    /** Foods whose piece differs from that of their group: name in the singular, g, cm long, cm wide. */
    private const OF_A_FOOD = [
        'pea' => [0.4, 0.9, 0.9], 'green pea' => [0.4, 0.9, 0.9], 'sweetcorn' => [0.3, 0.9, 0.7], 'corn' => [0.3, 0.9, 0.7], 'broad bean' => [1.2, 2.0, 1.2], 'lentil' => [0.06, 0.5, 0.5],
        'green bean' => [5.0, 6.0, 0.8], 'runner bean' => [6.0, 5.0, 1.2], 'asparagus' => [8.0, 6.0, 1.0], 'artichoke' => [12.0, 4.5, 3.0], 'artichoke heart' => [12.0, 4.5, 3.0],
        'cherry tomato' => [12.0, 2.6, 2.6], 'langoustine' => [100.0, 16.0, 4.0], 'crayfish' => [40.0, 10.0, 3.0], 'mussel' => [15.0, 5.5, 2.8], 'clam' => [14.0, 4.0, 3.4], 'cockle' => [6.0, 2.5, 2.3],
        'scallop' => [25.0, 4.0, 4.0], 'chicken thigh' => [120.0, 9.0, 7.0], 'snail' => [6.0, 2.5, 2.0],
    ];

    /**
     * @param  float  $grams  as it is weighed out
     * @param  float  $long  cm
     * @param  float  $wide  cm
     */
    public function __construct(public float $grams, public float $long, public float $wide) {}

    /**
     * @param  string  $name  of the food, as a kitchen calls it
     *
     * @return self|null null for what melts into the rice
     */
    public static function of(string $name, Group $group): ?self
    {
        $own = Names::last($name, self::OF_A_FOOD);

        return $own === null ? $group->piece() : new self(...$own);
    }

    /** What it covers as it lies, an oval, cm². */
    public function area(): float
    {
        return M_PI / 4 * $this->long * $this->wide;
    }
}
