<?php

declare(strict_types=1);

namespace Velko\Core\Rice;

use Velko\Core\Quantity\Fact;

/** What the tooth finds. Words and their order are the trade's; the minutes are common practice, no single source. */
enum Bite: string
{
    case HardHeart = 'hard heart';
    case Crunchy = 'crunchy';
    case FirmHeart = 'firm heart';
    case Right = 'right';
    case Soft = 'soft';
    case Mush = 'mush';

    /** Minutes below the window in which the heart is still firm, not crunchy. */
    private const FIRM_MINUTES = 3.0;

    /** Minutes above the window before soft turns to mush. */
    private const SOFT_MINUTES = 4.0;

    /** A grain that drank less than this share of what it should at the low end of its window stays hard. */
    private const ENOUGH_DRUNK = 0.75;

    /**
     * @param  float  $doneness  minutes at 100 °C
     * @param  float  $drunk  g per g raw rice
     */
    public static function of(Grain $grain, float $doneness, float $drunk): self
    {
        $window = $grain->window;
        if ($doneness >= $window->rightFrom() && $drunk < self::ENOUGH_DRUNK * $grain->drunkInAmpleLiquid($window->low)) {
            return self::HardHeart;
        }

        return match (true) {
            $doneness < $window->rightFrom() - self::FIRM_MINUTES => self::Crunchy,
            $doneness < $window->rightFrom() => self::FirmHeart,
            $doneness <= $window->rightTo() => self::Right,
            $doneness <= $window->rightTo() + self::SOFT_MINUTES => self::Soft,
            default => self::Mush,
        };
    }

    /** @return array{float, float}|null minutes at 100 °C between which it is called so, -INF and INF if there is no end to it; null where that is not what makes it so */
    public function range(Window $window): ?array
    {
        return match ($this) {
            self::HardHeart => null,
            self::Crunchy => [-INF, $window->rightFrom() - self::FIRM_MINUTES],
            self::FirmHeart => [$window->rightFrom() - self::FIRM_MINUTES, $window->rightFrom()],
            self::Right => [$window->rightFrom(), $window->rightTo()],
            self::Soft => [$window->rightTo(), $window->rightTo() + self::SOFT_MINUTES],
            self::Mush => [$window->rightTo() + self::SOFT_MINUTES, INF],
        };
    }

    public function fact(): Fact
    {
        return Fact::of('bite.'.str_replace(' ', '-', $this->value));
    }
}
