<?php

declare(strict_types=1);

namespace Velko\Core\Mise;

use Velko\Core\Quantity\DecimalMark;
use Velko\Core\Quantity\Duration;
use Velko\Core\Quantity\Length;
use Velko\Core\Quantity\Mass;
use Velko\Core\Quantity\Measure;
use Velko\Core\Quantity\NotAMeasure;
use Velko\Core\Quantity\OutOfRange;
use Velko\Core\Quantity\Power;
use Velko\Core\Quantity\Temperature;
use Velko\Core\Quantity\Volume;

/** What an amount comes to that stands by itself, whatever it is an amount of: "5,280 ft", "a cup and a half", "a head of garlic". */
final readonly class AmountReading
{
    private const MM_PER = ['mm' => 1.0, 'cm' => 10.0, 'm' => 1000.0];

    /**
     * @param  'mass'|'volume'|'temperature'|'time'|'power'|'length'  $quantity
     * @param  'g'|'ml'|'°C'|'s'|'W'|'mm'|'cm'|'m'  $unit
     */
    private function __construct(public string $quantity, public float $value, public string $unit) {}

    /**
     * @param  DecimalMark  $mark  Of whoever wrote it.
     *
     * @throws NotAMeasure if it is no amount
     * @throws OutOfRange if it is more or less than an amount can be
     */
    public static function of(string $text, DecimalMark $mark): self
    {
        try {
            $measure = Measure::read($text, mark: $mark);
        } catch (NotAMeasure $not) {
            return self::spoken($text, $mark) ?? throw $not;
        }

        return match (true) {
            $measure instanceof Mass => new self('mass', $measure->g, 'g'),
            $measure instanceof Volume => new self('volume', $measure->ml, 'ml'),
            $measure instanceof Temperature => new self('temperature', $measure->celsius, '°C'),
            $measure instanceof Duration => new self('time', $measure->seconds, 's'),
            $measure instanceof Power => new self('power', $measure->watts, 'W'),
            $measure instanceof Length => new self('length', $measure->mm / self::MM_PER[$measure->in], $measure->in),
        };
    }

    /** "2 glugs", "a head of garlic", "one medium onion": the last words say of what. */
    private static function spoken(string $text, DecimalMark $mark): ?self
    {
        $spoken = new SpokenAmount(mark: $mark);
        $words = preg_split('/\s+/u', trim($text), -1, PREG_SPLIT_NO_EMPTY);
        foreach ([trim((string) preg_replace('/^.*\bof\b/iu', '', $text)), $words === false ? '' : (string) end($words)] as $name) {
            try {
                [$amount, $unit] = $spoken->read($text, $name);

                return $unit === 'pieces' ? null : new self($unit === 'g' ? 'mass' : 'volume', $amount, $unit);
            } catch (NotAMeasure) {
                // Perhaps of something else.
            }
        }

        return null;
    }
}
