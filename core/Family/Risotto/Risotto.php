<?php

declare(strict_types=1);

namespace Velko\Core\Family\Risotto;

use Velko\Core\Cook\Replay;
use Velko\Core\Cook\Sign;
use Velko\Core\Cook\Trouble;
use Velko\Core\Method\School;
use Velko\Core\Method\Stirring;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Continuation;
use Velko\Core\Planning\Defaults;
use Velko\Core\Planning\Family;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Traits;
use Velko\Core\Rice\Grain;
use Velko\Core\Rice\Looseness;
use Velko\Core\Rice\Scale;
use Velko\Core\Rice\Variety;
use Velko\Core\Vessel\Burner;
use Velko\Core\Vessel\Fit;
use Velko\Core\Vessel\Pan;

/** Stock in doses, stirred: loose and creamy on the plate. */
final readonly class Risotto implements Family
{
    private Traits $traits;

    public function __construct()
    {
        $this->traits = new Traits(
            name: 'risotto',
            calledBy: ['risott'],
            rices: [Variety::Carnaroli, Variety::VialoneNano, Variety::Arborio],
            mainGrams: 80.0,
            scale: new Scale([Looseness::Stands, Looseness::SlowSlump, Looseness::Wave, Looseness::VeryLoose], 0.25),
            looseness: 0.85,
            stirring: Stirring::Constant,
            wine: 30.0,
            butter: 15.0,
            cheese: 15.0,
            finish: 1.0,
            rest: 0.0,
            inStages: true,
            driesOut: false,
            isPlated: true,
            mostHeat: RisottoChecks::FIERCE,
            ladlePerGram: 0.30,
            pan: new Pan(26.0, 28.0, 7.0, 900.0),
            burner: new Burner(16.0, Defaults::NET_W),
            signs: [Sign::WineGone, Sign::DryTrail, Sign::GrainsShow, Sign::Stands, Sign::SlowSlump, Sign::Wave, Sign::VeryLoose],
            turnsAt: null,
            troubles: [Trouble::HardAndDry, Trouble::HardAndWet, Trouble::SoftOutside, Trouble::Swimming, Trouble::Tight, Trouble::Catching, Trouble::TooSalty, Trouble::StockOut],
            schools: [School::Doses, School::Stirring, School::Pace, School::Toast, School::Wine, School::Butter, School::Fat, School::FinishOn],
        );
    }

    public function traits(): Traits
    {
        return $this->traits;
    }

    public function fit(Grain $grain, float $looseness): Fit
    {
        return Fit::stirred($looseness);
    }

    public function plan(Ask $ask, ?Plan $alike = null): Plan
    {
        return RisottoPlanner::plan($ask);
    }

    public function continuation(Ask $ask, Replay $replay, string $mark, array $bare = [], ?Continuation $alike = null): Continuation
    {
        return new RisottoContinuation($ask, $replay, $mark);
    }
}
