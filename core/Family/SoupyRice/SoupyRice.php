<?php

declare(strict_types=1);

namespace Velko\Core\Family\SoupyRice;

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

/** One pour in a pot: a spoon dish that goes on drinking in its bowl. */
final readonly class SoupyRice implements Family
{
    private Traits $traits;

    public function __construct()
    {
        $this->traits = new Traits(
            name: 'soupy-rice',
            calledBy: ['soupy', 'stew', 'caldoso', 'meloso', 'asopado', 'brodoso', 'minestra', 'zuppa', 'sopa de'],
            rices: [Variety::Round, Variety::Bomba, Variety::Sushi],
            mainGrams: 70.0,
            scale: new Scale([Looseness::Creamy, Looseness::Loose, Looseness::Soup], 0.8),
            looseness: 3.0,
            stirring: Stirring::NowAndThen,
            wine: 0.0,
            butter: 0.0,
            cheese: 0.0,
            finish: 0.0,
            rest: 0.0,
            inStages: false,
            driesOut: false,
            isPlated: true,
            mostHeat: SoupyRiceChecks::FIERCE,
            ladlePerGram: Defaults::POUR_PER_G,
            pan: new Pan(24.0, 24.0, 18.0, 1500.0),
            burner: new Burner(16.0, Defaults::NET_W),
            signs: [Sign::Boils, Sign::GrainsShow, Sign::Creamy, Sign::Loose, Sign::Soup],
            turnsAt: Sign::Boils,
            troubles: [Trouble::HardAndWet, Trouble::HardAndDry, Trouble::Swimming, Trouble::SetUp, Trouble::Catching, Trouble::TooSalty, Trouble::StockOut],
            schools: [School::Soak, School::Toast, School::Pace, School::Cover, School::Wine, School::Fat, School::Order, School::Pours],
        );
    }

    public function traits(): Traits
    {
        return $this->traits;
    }

    public function fit(Grain $grain, float $looseness): Fit
    {
        return Fit::pot($looseness);
    }

    public function plan(Ask $ask, ?Plan $alike = null): Plan
    {
        return SoupyRicePlanner::plan($ask);
    }

    public function continuation(Ask $ask, Replay $replay, string $mark, array $bare = [], ?Continuation $alike = null): Continuation
    {
        return new SoupyRiceContinuation($ask, $replay, $mark);
    }
}
