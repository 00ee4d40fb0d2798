<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

/**
 * One thing that was observed in a pan: how far a measurement was from what it would be where the lesson was worked out, or a word that was
 * said; and how that moves with each effect. A word is asked again for other parameters: past the open end of its range it pulls nobody back.
 */
final readonly class Observation
{
    public const WEIGHING = 'weighing';

    public const BASE = 'base';

    public const SIGN = 'sign';

    /** A curve goes on no further than this; from there it is straight. */
    private const BENDS = 0.5;

    /**
     * @param  'weighing'|'base'|'sign'|'taste'|'bite'|'looseness'|'crust'|'not-yet'  $kind
     * @param  float|SaidWord  $what  A measurement in its standard deviations; or the word.
     * @param  array<int, float>  $slopes  By effect, against {@see Effect::moves}.
     * @param  float|null  $grams  Of a weighing: one standard deviation, g.
     * @param  array<int, float>  $curves  By effect that has one, against the square of how far it moved.
     */
    public function __construct(public string $kind, public float|SaidWord $what, public array $slopes, public ?float $grams = null, public array $curves = []) {}

    /**
     * With other parameters.
     *
     * @param  array<int, float>  $moves  By effect ({@see Effect::moves}).
     * @param  array<int, float>  $steeper  By effect, the derivatives of those ({@see Effect::slope}).
     * @param  int|null  $scale  Which effect is the scale's: what it shows is a share more of all that is on it, however that came there.
     *
     * @return array{float, array<int, float>} how far off it is there, or the thought of its word; and how that moves with each effect
     */
    public function at(array $moves, array $steeper, ?int $scale): array
    {
        $there = 0.0;
        $slopes = [];
        $times = $this->grams !== null && $scale !== null ? 1 + $moves[$scale] : 1.0;
        foreach ($this->slopes as $e => $slope) {
            $curve = $this->curves[$e] ?? 0.0;
            $bent = max(-self::BENDS, min(self::BENDS, $moves[$e]));
            $there += $e === $scale ? 0.0 : $slope * $moves[$e] + $curve * $bent ** 2;
            $slopes[] = $times * ($slope + 2 * $curve * $bent) * $steeper[$e];
        }
        if ($scale !== null) {
            $slopes[$scale] = $steeper[$scale] * ($this->slopes[$scale] + ($this->grams === null ? 0.0 : $there));
            $there = $times * $there + $this->slopes[$scale] * $moves[$scale];
        }

        return [($this->what instanceof SaidWord ? $this->what->thought : $this->what) + $there, $slopes];
    }
}
