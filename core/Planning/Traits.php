<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Cook\Sign;
use Velko\Core\Cook\Trouble;
use Velko\Core\Method\School;
use Velko\Core\Method\Stirring;
use Velko\Core\Quantity\Fact;
use Velko\Core\Rice\Scale;
use Velko\Core\Rice\Variety;
use Velko\Core\Vessel\Burner;
use Velko\Core\Vessel\Pan;

/** What is particular to a family, and what is taken of it when nobody says more. Common practice, no single source. */
final readonly class Traits
{
    /**
     * @param  string  $name  of the family, in documents
     * @param  non-empty-list<string>  $calledBy  what a dish of it has in its name, in small letters
     * @param  non-empty-list<Variety>  $rices  that it is cooked with, the usual one first
     * @param  float  $mainGrams  raw rice of an ordinary main, g
     * @param  Scale  $scale  how it lies on the plate
     * @param  float  $looseness  free liquid per raw rice at the table, g/g
     * @param  float  $wine  mL to 80 g of rice
     * @param  float  $butter  g to 80 g of rice
     * @param  float  $cheese  g to 80 g of rice
     * @param  float  $finish  min off the heat for butter and cheese; 0: it has none
     * @param  float  $rest  min
     * @param  bool  $inStages  The stock goes in by a school of doses; else in one pour.
     * @param  bool  $driesOut  Nothing free is left at the end: the floor takes a crust, and it rests under a cloth.
     * @param  bool  $isPlated  It goes to the table on plates; else in its pan.
     * @param  float  $mostHeat  that its floor takes for long without catching or browning, W/m² (our estimates)
     * @param  float  $ladlePerGram  what the ladle is chosen by, mL a pour or dose per g raw rice
     * @param  Pan  $pan  taken when none is said
     * @param  Burner  $burner  likewise
     * @param  non-empty-list<Sign>  $signs  that its cooks look for, in the order in which they come
     * @param  Sign|null  $turnsAt  the sign at which the knob is turned
     * @param  non-empty-list<Trouble>  $troubles  that it can come to
     * @param  non-empty-list<School>  $schools  that its cooks disagree about
     */
    public function __construct(
        public string $name,
        public array $calledBy,
        public array $rices,
        public float $mainGrams,
        public Scale $scale,
        public float $looseness,
        public Stirring $stirring,
        public float $wine,
        public float $butter,
        public float $cheese,
        public float $finish,
        public float $rest,
        public bool $inStages,
        public bool $driesOut,
        public bool $isPlated,
        public float $mostHeat,
        public float $ladlePerGram,
        public Pan $pan,
        public Burner $burner,
        public array $signs,
        public ?Sign $turnsAt,
        public array $troubles,
        public array $schools,
    ) {}

    public function fact(): Fact
    {
        return Fact::of("family.$this->name");
    }
}
