<?php

declare(strict_types=1);

namespace Velko\Core\Live\Rescue;

use Velko\Core\Method\Family;

/** What a cook sees go wrong, and what usually is behind it. Common practice, no single source. */
enum Trouble: string
{
    case HardAndDry = 'hard-and-dry';
    case HardAndWet = 'hard-and-wet';
    case SoftOutside = 'soft-outside';
    case Swimming = 'swimming';
    case Tight = 'tight';
    case Catching = 'catching';
    case WetLate = 'wet-late';
    case DryEarly = 'dry-early';
    case TopHard = 'top-hard';
    case PaleRim = 'pale-rim';
    case Bitter = 'bitter';
    case TooSalty = 'too-salty';
    case StockOut = 'stock-out';
    case SetUp = 'set-up';

    public function sees(): string
    {
        return match ($this) {
            self::HardAndDry => 'heart hard, pan dry',
            self::HardAndWet => 'heart hard, plenty of liquid',
            self::SoftOutside => 'soft outside, hard inside',
            self::Swimming => 'it swims',
            self::Tight => 'tight, pasty',
            self::Catching => 'it catches on the floor',
            self::WetLate => 'still wet, the rice nearly done',
            self::DryEarly => 'dry, the rice not done',
            self::TopHard => 'top hard, bottom done',
            self::PaleRim => 'no crust at the rim',
            self::Bitter => 'the crust smells bitter',
            self::TooSalty => 'too salty',
            self::StockOut => 'the stock runs out',
            self::SetUp => 'it has set up',
        };
    }

    public function cause(): string
    {
        return match ($this) {
            self::HardAndDry => 'too hot, too little stock',
            self::HardAndWet => 'too low, or cold stock',
            self::SoftOutside => 'boiled too hard',
            self::Swimming => 'too much at once',
            self::Tight => 'stood too long, or too little stock',
            self::Catching => 'too hot, not scraped',
            self::WetLate => 'too much stock, or heat too low',
            self::DryEarly => 'too hot',
            self::TopHard => 'no steam above',
            self::PaleRim => 'the ring is smaller than the pan',
            self::Bitter => 'too long or too hot',
            self::TooSalty => 'the stock reduced',
            self::StockOut => 'what boils off was not counted',
            self::SetUp => 'stood too long',
        };
    }

    /** @return list<self> what can go wrong with a dish of this family */
    public static function of(Family $family): array
    {
        return match ($family) {
            Family::Risotto => [self::HardAndDry, self::HardAndWet, self::SoftOutside, self::Swimming, self::Tight, self::Catching, self::TooSalty, self::StockOut],
            Family::PanRice => [self::WetLate, self::DryEarly, self::HardAndWet, self::TopHard, self::PaleRim, self::Bitter, self::TooSalty, self::StockOut],
            Family::SoupyRice => [self::HardAndWet, self::HardAndDry, self::Swimming, self::SetUp, self::Catching, self::TooSalty, self::StockOut],
        };
    }
}
