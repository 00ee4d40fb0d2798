<?php

declare(strict_types=1);

namespace Velko\Core\Vessel;

/** What a rice station usually has, for a kitchen to be set up from. Common practice, no single source; all of it can be put right later. */
final class Kit
{
    /** Share of full power at each mark of a knob, weakest first. */
    public const MARKS = ['low' => 0.12, 'medium-low' => 0.25, 'medium' => 0.4, 'medium-high' => 0.65, 'high' => 1.0];

    /** What the ladles of a kit hold, mL. */
    public const LADLES = [90.0, 150.0];

    /** @return non-empty-array<string, Pan> by code */
    public static function pans(): array
    {
        return [
            'sautoir-24' => new Pan(22.0, 24.0, 7.0, 850.0),
            'sautoir-28' => new Pan(26.0, 28.0, 7.5, 1150.0),
            'rondeau-36' => new Pan(35.0, 36.0, 13.0, 2600.0),
            'wide-34' => new Pan(29.0, 34.0, 5.0, 700.0),
            'wide-42' => new Pan(36.0, 42.0, 5.0, 1050.0),
            'pot-8' => new Pan(24.0, 24.0, 18.0, 1500.0),
        ];
    }

    /** @return non-empty-array<string, array{ring: float, fuel: Fire, rated: float}> by code: cm and W */
    public static function rings(): array
    {
        return [
            'gas' => ['ring' => 15.0, 'fuel' => Fire::Gas, 'rated' => 5000.0],
            'gas-strong' => ['ring' => 20.0, 'fuel' => Fire::Gas, 'rated' => 7000.0],
            'gas-big' => ['ring' => 32.0, 'fuel' => Fire::Gas, 'rated' => 14000.0],
            'induction' => ['ring' => 22.0, 'fuel' => Fire::Induction, 'rated' => 3500.0],
        ];
    }
}
