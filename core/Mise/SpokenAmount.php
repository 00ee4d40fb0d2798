<?php

declare(strict_types=1);

namespace Velko\Core\Mise;

use Velko\Core\Food\Foods;
use Velko\Core\Food\Group;
use Velko\Core\Food\Names;
use Velko\Core\Food\Whole;
use Velko\Core\Quantity\DecimalMark;
use Velko\Core\Quantity\Mass;
use Velko\Core\Quantity\Measure;
use Velko\Core\Quantity\NotAMeasure;
use Velko\Core\Quantity\OutOfRange;
use Velko\Core\Quantity\Unit;
use Velko\Core\Quantity\Volume;
use Velko\Core\Quantity\WrittenNumber;
use Velko\Core\Rice\Grain;

/**
 * An amount of one thing as a cook says it: "3/4 cup", "2 glugs", "a handful", "40 threads", "half a bunch", "three times the carrot",
 * "one medium onion", "a can", "2 glasses".
 *
 * What a hand takes is common practice, no single source, or from memory; a kitchen that weighs corrects it by weighing.
 */
final readonly class SpokenAmount
{
    /** How often another thing of the dish. */
    private const TIMES = ['half the' => 0.5, 'as much as the' => 1.0, 'the same as the' => 1.0, 'twice the' => 2.0, 'double the' => 2.0, 'three times the' => 3.0];

    /** What is poured without looking, and a drinking glass, mL (common practice, no single source). */
    private const POURED = ['glug' => 15.0, 'splash' => 10.0, 'dash' => 1.0, 'drizzle' => 5.0, 'glass' => 200.0];

    /** A glass of wine, mL (common practice, no single source: 125 to 175). */
    private const GLASS_OF_WINE = 150.0;

    /** Grams of a piece: a clove of garlic, a thread of saffron (some 450 to the gram), a stick of celery, a knob of butter, a sprig, a can (400 g, a tin as it is sold), a stock cube. */
    private const PIECES = ['clove' => 4.0, 'thread' => 1 / 450, 'stick' => 60.0, 'knob' => 15.0, 'sprig' => 1.5, 'rasher' => 25.0, 'fillet' => 120.0, 'can' => 400.0, 'tin' => 400.0, 'cube' => 10.0];

    /** Cloves of a head of garlic. */
    private const CLOVES = 11;

    /** Grams of a pinch of salt, between two fingers and a thumb; threads and leaves weigh less. */
    private const PINCH = 0.4;

    private const PINCH_OF_THREADS = 0.05;

    /** Grams of a bunch of herbs, and of a bunch of anything else. */
    private const BUNCH_OF_LEAVES = 30.0;

    private const BUNCH = 150.0;

    /** Grams of a handful of leaves, of raw rice (55 to 80), and of anything else. */
    private const HANDFUL_OF_LEAVES = 15.0;

    private const HANDFUL_OF_RICE = 65.0;

    private const HANDFUL = 40.0;

    /**
     * @param  float  $glug  mL of this kitchen's glug.
     * @param  DecimalMark  $mark  Of whoever types.
     */
    public function __construct(private float $glug = self::POURED['glug'], private DecimalMark $mark = DecimalMark::Point) {}

    /**
     * @param  string  $text  As it is typed.
     * @param  string  $name  Of what it is an amount.
     * @param  array<string, array{float, 'g'|'ml'|'pieces'}>  $others  Amount and unit of the dish's other things, by name.
     *
     * @return array{float, 'g'|'ml'|'pieces'}
     *
     * @throws NotAMeasure if it is no amount
     * @throws OutOfRange if it is more or less than an amount can be
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
        [$number, $rest] = WrittenNumber::before($said, $this->mark) ?? throw NotAMeasure::text($text);
        $grams = $this->byHand(Names::words($rest)[0] ?? '', $name) ?? self::whole($rest, $name);
        if ($grams !== null) {
            return [round(Mass::of($number, Unit::Gram)->g * $grams[0], 2), $grams[1]];
        }
        // "2 cups of peas", and not "three quarters of a cup".
        $measure = Measure::read(trim(sprintf('%.6F ', $number).preg_replace('/\s+of\b.*$/u', '', $rest)), mark: DecimalMark::Point);

        return match (true) {
            $measure instanceof Mass => [round($measure->g, 2), 'g'],
            $measure instanceof Volume => [round($measure->ml, 1), 'ml'],
            default => throw NotAMeasure::text($text),
        };
    }

    /** @return array{float, 'g'}|null what a whole one weighs: "large", "medium onion", "onions" */
    private static function whole(string $rest, string $name): ?array
    {
        if (preg_match('/^(small|medium|large|big)?(?:[\s-]*(?:sized?))?\s*(.*)$/u', $rest, $part) !== 1 || ($part[1] === '' && $part[2] === '')) {
            return null;
        }
        $named = Names::words($part[2]);
        // "Two lemons" of something else is no amount of it.
        if ($named !== [] && array_diff($named, Names::words($name)) !== []) {
            return null;
        }
        $grams = Whole::weighs($name, $part[1]);

        return $grams === null ? null : [$grams, 'g'];
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

    /** @return array{float, 'g'|'ml'}|null what one of it comes to, of this thing; null where it is no measure of the hand */
    private function byHand(string $measure, string $name): ?array
    {
        $group = Foods::find($name)?->group;

        return match ($measure) {
            'glug' => [$this->glug, 'ml'],
            'glass' => [in_array('wine', Names::words($name), true) ? self::GLASS_OF_WINE : self::POURED['glass'], 'ml'],
            'splash', 'dash', 'drizzle' => [self::POURED[$measure], 'ml'],
            'head' => in_array('garlic', Names::words($name), true) ? [self::CLOVES * self::PIECES['clove'], 'g'] : null,
            'pinch' => [$group === Group::Seasoning && Foods::find($name)->salt < 50.0 || $group === Group::Leaf ? self::PINCH_OF_THREADS : self::PINCH, 'g'],
            'handful' => [in_array('rice', Names::words($name), true) ? self::HANDFUL_OF_RICE : ($group === Group::Leaf ? self::HANDFUL_OF_LEAVES : self::HANDFUL), 'g'],
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
