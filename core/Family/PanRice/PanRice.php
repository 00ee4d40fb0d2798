<?php

declare(strict_types=1);

namespace Velko\Core\Family\PanRice;

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

/** One pour in a wide pan, never stirred: dry when the rice is done, with a crust. */
final readonly class PanRice implements Family
{
    /** The big ring under a wide pan. */
    private const BIG_RING_NET_W = ['low' => 600.0, 'medium-low' => 1100.0, 'medium' => 1900.0, 'medium-high' => 2800.0, 'high' => 4200.0];

    private Traits $traits;

    public function __construct()
    {
        $this->traits = new Traits(
            name: 'pan-rice',
            calledBy: ['pan rice', 'paella', 'arroz'],
            rices: [Variety::Bomba, Variety::Round, Variety::Sushi],
            mainGrams: 60.0, // its extras lie beside it
            scale: new Scale([Looseness::Dry, Looseness::Moist], 0.1),
            looseness: 0.0,
            stirring: Stirring::Never,
            wine: 0.0,
            butter: 0.0,
            cheese: 0.0,
            finish: 0.0,
            rest: 5.0,
            inStages: false,
            driesOut: true,
            isPlated: false,
            mostHeat: PanRiceChecks::FIERCE,
            ladlePerGram: Defaults::POUR_PER_G,
            pan: new Pan(36.0, 42.0, 5.0, 1050.0),
            burner: new Burner(30.0, self::BIG_RING_NET_W),
            signs: [Sign::GrainsShow, Sign::Crackle, Sign::SpoonResists],
            turnsAt: Sign::GrainsShow,
            troubles: [Trouble::WetLate, Trouble::DryEarly, Trouble::HardAndWet, Trouble::TopHard, Trouble::PaleRim, Trouble::Bitter, Trouble::TooSalty, Trouble::StockOut],
            schools: [School::CrustHeat, School::Crust, School::Second, School::Toast, School::Cover, School::Wine, School::Fat, School::Order, School::Way, School::Served],
        );
    }

    public function traits(): Traits
    {
        return $this->traits;
    }

    public function fit(Grain $grain, float $looseness): Fit
    {
        return Fit::thinLayer($grain->drunkInAmpleLiquid($grain->window->middle()));
    }

    public function plan(Ask $ask, ?Plan $alike = null): Plan
    {
        return PanRicePlanner::plan($ask, $alike?->crust?->making);
    }

    public function continuation(Ask $ask, Replay $replay, string $mark, array $bare = [], ?Continuation $alike = null): Continuation
    {
        return new PanRiceContinuation($ask, $replay, $mark, $bare, $alike instanceof PanRiceContinuation ? $alike->crust() : null);
    }
}
