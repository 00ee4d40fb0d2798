<?php

declare(strict_types=1);

namespace Velko\Core\Mise;

use Velko\Core\Food\Foods;
use Velko\Core\Food\Group;
use Velko\Core\Food\Names;
use Velko\Core\Quantity\Mass;
use Velko\Core\Quantity\Measure;
use Velko\Core\Quantity\NotAMeasure;
use Velko\Core\Quantity\OutOfRange;
use Velko\Core\Quantity\Unit;
use Velko\Core\Quantity\Volume;
use Velko\Core\Rice\Grain;

/**
 * An amount of one thing as a cook says it: "1 1/4 cups", "2 glugs", "a handful", "25 threads", "half a bunch", "twice the onion".
 *
 * What a hand takes is common practice, no single source, or from memory; a kitchen that weighs corrects it by weighing.
 */
final readonly class Spoken
{
    /** What a cook says for a number. */
    private const NUMBERS = [
        'half a' => '1/2', 'half an' => '1/2', 'half' => '1/2', 'a quarter of a' => '1/4', 'quarter of a' => '1/4', 'a third of a' => '1/3', 'third of a' => '1/3',
        'a couple of' => '2', 'a few' => '3', 'a' => '1', 'an' => '1', 'one' => '1', 'two' => '2', 'three' => '3', 'four' => '4', 'five' => '5', 'six' => '6', 'eight' => '8', 'ten' => '10', 'a dozen' => '12',
    ];

    /** How often another thing of the dish. */
    private const TIMES = ['half the' => 0.5, 'as much as the' => 1.0, 'the same as the' => 1.0, 'twice the' => 2.0, 'double the' => 2.0, 'three times the' => 3.0];

    /** mL: what is poured without looking. */
    private const POURED = ['glug' => 15.0, 'splash' => 10.0, 'dash' => 1.0, 'drizzle' => 5.0];

    /** g of a thing of its own: a clove of garlic, a thread of saffron (some 450 to the gram), a stick of celery, a knob of butter, a sprig. */
    private const PIECES = ['clove' => 4.0, 'thread' => 1 / 450, 'stick' => 60.0, 'knob' => 15.0, 'sprig' => 1.5, 'rasher' => 25.0, 'fillet' => 120.0];

    /** g of a pinch, between two fingers and a thumb: salt; threads and leaves weigh less. */
    private const PINCH = 0.4;

    private const PINCH_OF_THREADS = 0.05;

    /** g of a bunch of herbs, and of a bunch of anything else. */
    private const BUNCH_OF_LEAVES = 30.0;

    private const BUNCH = 150.0;

    /** g of a handful: leaves, and what is heavier. */
    private const HANDFUL_OF_LEAVES = 15.0;

    private const HANDFUL = 40.0;

    /** @param  float  $glug  mL of this kitchen's glug */
    public function __construct(private float $glug = self::POURED['glug']) {}

    /**
     * @param  string  $text  as it is typed
     * @param  string  $name  of what it is an amount
     * @param  array<string, array{float, 'g'|'ml'|'pieces'}>  $others  amount and unit of the dish's other things, by name
     *
     * @return array{float, 'g'|'ml'|'pieces'}
     *
     * @throws NotAMeasure when it is no amount
     * @throws OutOfRange when it is more or less than an amount can be
     */
    public function read(string $text, string $name, array $others = []): array
    {
        $said = mb_strtolower(trim($text));
        foreach (self::TIMES as $words => $times) {
            if (str_starts_with($said, "$words ")) {
                [$amount, $unit] = self::other(trim(substr($said, strlen($words))), $others) ?? throw NotAMeasure::text($text);

                return [round($times * $amount, 2), $unit];
            }
        }
        $said = self::inDigits($said);
        if (preg_match('/^([\d.,\/ ¼½¾⅓⅔]+)\s*([a-z]+)(?:\s+of\b.*)?$/u', $said, $part) === 1) {
            $one = $this->byHand(Names::words($part[2])[0] ?? '', $name);
            if ($one !== null) {
                // Measure knows numbers; a gram is as good a unit as any to read one with.
                $number = Measure::read("$part[1] g");

                return $number instanceof Mass ? [round($number->g * $one[0], 2), $one[1]] : throw NotAMeasure::text($text);
            }
        }
        $measure = Measure::read($said);

        return match (true) {
            $measure instanceof Mass => [round($measure->g, 2), 'g'],
            $measure instanceof Volume => [round($measure->ml, 1), 'ml'],
            default => throw NotAMeasure::text($text),
        };
    }

    /**
     * Raw rice, whatever it is said in.
     *
     * @param  float|null  $cup  g of it in a level US cup, where somebody has weighed one
     *
     * @return float g
     *
     * @throws NotAMeasure when it is no amount, or one in pieces
     * @throws OutOfRange when it is more or less than an amount can be
     */
    public function rice(string $text, ?float $cup = null): float
    {
        [$amount, $unit] = $this->read($text, 'rice');

        return match ($unit) {
            'g' => $amount,
            'ml' => $amount * ($cup === null ? Grain::RAW_G_PER_ML : $cup / Unit::Cup->factor()),
            'pieces' => throw NotAMeasure::text($text),
        };
    }

    /** "half a bunch" in digits. */
    private static function inDigits(string $said): string
    {
        foreach (self::NUMBERS as $words => $digits) {
            if (str_starts_with($said, "$words ")) {
                return $digits.substr($said, strlen($words));
            }
        }

        return $said;
    }

    /** @return array{float, 'g'|'ml'}|null what one of it comes to, of this thing; null where it is no measure of the hand */
    private function byHand(string $measure, string $name): ?array
    {
        $group = Foods::find($name)?->group;

        return match ($measure) {
            'glug' => [$this->glug, 'ml'],
            'splash', 'dash', 'drizzle' => [self::POURED[$measure], 'ml'],
            'pinch' => [$group === Group::Seasoning && Foods::find($name)->salt < 50.0 || $group === Group::Leaf ? self::PINCH_OF_THREADS : self::PINCH, 'g'],
            'handful' => [$group === Group::Leaf ? self::HANDFUL_OF_LEAVES : self::HANDFUL, 'g'],
            'bunch' => [$group === Group::Leaf ? self::BUNCH_OF_LEAVES : self::BUNCH, 'g'],
            default => isset(self::PIECES[$measure]) ? [self::PIECES[$measure], 'g'] : null,
        };
    }

    /**
     * @param  array<string, array{float, 'g'|'ml'|'pieces'}>  $others
     *
     * @return array{float, 'g'|'ml'|'pieces'}|null
     */
    private static function other(string $called, array $others): ?array
    {
        $wanted = Names::words($called);
        foreach ($others as $name => $amount) {
            if ($wanted !== [] && array_diff($wanted, Names::words($name)) === []) {
                return $amount;
            }
        }

        return null;
    }
}
