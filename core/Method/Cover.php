<?php

declare(strict_types=1);

namespace Velko\Core\Method;

use Velko\Core\Quantity\Fact;

/** Whether a lid, or foil, lies on a rice that nobody stirs. Common practice, no single source. */
enum Cover: string
{
    case Open = 'open';
    case LastTwoMinutes = 'last-two-minutes';
    case FromTheGrains = 'from-the-grains';
    case ToTheEnd = 'to-the-end';

    /** A cover for the last minutes goes on so many minutes before the pan comes off. */
    private const LAST = 2.0;

    /**
     * @param  bool  $driesOut  as a pan rice does; its heat is found with the lid on it, a stew stands as low as it will go
     *
     * @return array<string, mixed> what it changes about a method, by property
     */
    public function changes(bool $driesOut): array
    {
        return match ($this) {
            self::Open => ['lid' => [], 'coverLast' => 0.0, 'coverFromGrains' => false],
            self::LastTwoMinutes => ['lid' => [], 'coverLast' => self::LAST, 'coverFromGrains' => false],
            self::FromTheGrains => ['lid' => [], 'coverLast' => 0.0, 'coverFromGrains' => true],
            self::ToTheEnd => ['lid' => [new LidChange(0.0, true)], 'coverLast' => 0.0, 'coverFromGrains' => false, ...$driesOut ? [] : ['pace' => Pace::Slow]],
        };
    }

    /**
     * The covers that a family knows: what is stirred in stages stands open, a stew is too thin for its top to need one of its own.
     *
     * @return non-empty-list<self>
     */
    public static function known(bool $inStages, bool $driesOut): array
    {
        return match (true) {
            $inStages => [self::Open],
            $driesOut => self::cases(),
            default => [self::Open, self::ToTheEnd],
        };
    }

    /** What this method has. */
    public static function of(Method $method): self
    {
        return match (true) {
            $method->coverFromGrains => self::FromTheGrains,
            $method->lid !== [] && $method->lid[0]->on && $method->lid[0]->fromMinute <= 0.0 => self::ToTheEnd,
            $method->coverLast > 0.0 || $method->lid !== [] => self::LastTwoMinutes,
            default => self::Open,
        };
    }

    public function fact(): Fact
    {
        return Fact::of("cover.$this->value");
    }
}
