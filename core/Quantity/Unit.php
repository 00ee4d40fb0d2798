<?php

declare(strict_types=1);

namespace Velko\Core\Quantity;

/**
 * The units a kitchen writes, each with what one of it is in the base unit of its dimension (g, mL, °C, s, W, mm for depths, cm for widths, m for heights).
 *
 * Factors: NIST Handbook 44 (2023), appendix C: US customary volume and avoirdupois mass, exact by definition
 * (1 US gallon = 231 in³ = 3785.411784 mL; 1 lb = 453.59237 g); BTU as the International Table BTU. Checked against
 * the npm package js-quantities in tests/Reference.
 */
enum Unit: string
{
    case Gram = 'g';
    case Kilogram = 'kg';
    case Milligram = 'mg';
    case Ounce = 'oz';
    case Pound = 'lb';

    case Millilitre = 'ml';
    case Centilitre = 'cl';
    case Decilitre = 'dl';
    case Litre = 'l';
    case Teaspoon = 'tsp';
    case Tablespoon = 'tbsp';
    case FluidOunce = 'fl oz';
    case Cup = 'cup';
    case Pint = 'pint';
    case Quart = 'quart';
    case Gallon = 'gallon';

    case Celsius = '°C';
    case Fahrenheit = '°F';

    case Second = 's';
    case Minute = 'min';
    case Hour = 'h';

    case Watt = 'W';
    case Kilowatt = 'kW';
    case BtuPerHour = 'BTU/h';

    case Millimetre = 'mm';
    case Centimetre = 'cm';
    case Metre = 'm';
    case Inch = 'in';
    case Foot = 'ft';

    /** @throws NotAMeasure when the word is no unit */
    public static function named(string $word): self
    {
        // "fl. oz".
        $key = (string) preg_replace('/\.(?=\s)/u', '', mb_strtolower(trim($word)));
        $unit = self::SPELLINGS[$key] ?? self::SPELLINGS[rtrim($key, 's.')] ?? null;

        return $unit ?? throw NotAMeasure::unit($word);
    }

    /** What one of this unit is in the base unit of its dimension; for temperatures the size of one degree in K. */
    public function factor(): float
    {
        return match ($this) {
            self::Gram, self::Millilitre, self::Celsius, self::Second, self::Watt, self::Millimetre, self::Centimetre, self::Metre => 1.0,
            self::Kilogram, self::Litre, self::Kilowatt => 1000.0,
            self::Milligram => 0.001,
            self::Ounce => 453.59237 / 16,
            self::Pound => 453.59237,
            self::Centilitre => 10.0,
            self::Decilitre => 100.0,
            self::Teaspoon => 3785.411784 / 768,
            self::Tablespoon => 3785.411784 / 256,
            self::FluidOunce => 3785.411784 / 128,
            self::Cup => 3785.411784 / 16,
            self::Pint => 3785.411784 / 8,
            self::Quart => 3785.411784 / 4,
            self::Gallon => 3785.411784,
            self::Fahrenheit => 5 / 9,
            self::Minute => 60.0,
            self::Hour => 3600.0,
            self::BtuPerHour => 1055.05585262 / 3600,
            // An inch is a width and in cm, a foot a height and in m.
            self::Inch => 2.54,
            self::Foot => 0.3048,
        };
    }

    /** @var array<string, self> Every spelling that is read, in lower case; a plural "s" or a full stop may follow. */
    private const SPELLINGS = [
        'g' => self::Gram, 'gr' => self::Gram, 'gram' => self::Gram, 'gramme' => self::Gram,
        'kg' => self::Kilogram, 'kilo' => self::Kilogram, 'kilogram' => self::Kilogram,
        'mg' => self::Milligram, 'milligram' => self::Milligram,
        'oz' => self::Ounce, 'ounce' => self::Ounce,
        'lb' => self::Pound, 'pound' => self::Pound,
        'ml' => self::Millilitre, 'millilitre' => self::Millilitre, 'milliliter' => self::Millilitre,
        'cl' => self::Centilitre, 'centilitre' => self::Centilitre,
        'dl' => self::Decilitre, 'decilitre' => self::Decilitre,
        'l' => self::Litre, 'litre' => self::Litre, 'liter' => self::Litre,
        'tsp' => self::Teaspoon, 'teaspoon' => self::Teaspoon,
        'tbsp' => self::Tablespoon, 'tablespoon' => self::Tablespoon,
        'fl oz' => self::FluidOunce, 'fluid ounce' => self::FluidOunce, 'floz' => self::FluidOunce,
        'cup' => self::Cup, 'c' => self::Cup,
        'pint' => self::Pint, 'pt' => self::Pint,
        'quart' => self::Quart, 'qt' => self::Quart,
        'gallon' => self::Gallon, 'gal' => self::Gallon,
        '°c' => self::Celsius, 'celsiu' => self::Celsius, 'celsius' => self::Celsius,
        '°f' => self::Fahrenheit, 'f' => self::Fahrenheit, 'fahrenheit' => self::Fahrenheit,
        's' => self::Second, 'sec' => self::Second, 'second' => self::Second,
        'min' => self::Minute, 'minute' => self::Minute,
        'h' => self::Hour, 'hr' => self::Hour, 'hour' => self::Hour,
        'w' => self::Watt, 'watt' => self::Watt,
        'kw' => self::Kilowatt, 'kilowatt' => self::Kilowatt,
        'mm' => self::Millimetre, 'millimetre' => self::Millimetre, 'millimeter' => self::Millimetre,
        'cm' => self::Centimetre, 'centimetre' => self::Centimetre, 'centimeter' => self::Centimetre,
        'm' => self::Metre, 'metre' => self::Metre, 'meter' => self::Metre,
        'in' => self::Inch, 'inch' => self::Inch, 'inche' => self::Inch, '"' => self::Inch, '″' => self::Inch, '”' => self::Inch,
        'ft' => self::Foot, 'foot' => self::Foot, 'feet' => self::Foot, "'" => self::Foot, '′' => self::Foot, '’' => self::Foot,
        'btu/h' => self::BtuPerHour, 'btu/hr' => self::BtuPerHour, 'btu' => self::BtuPerHour,
    ];
}
