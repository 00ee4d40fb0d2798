<?php

declare(strict_types=1);

namespace Velko\Core\Quantity;

/** A length, read as a depth in mm, a width in cm or a height in m; not negative. */
final readonly class Length implements Quantity
{
    private const MM_PER = ['mm' => 1.0, 'cm' => 10.0, 'm' => 1000.0];

    private const MM_PER_INCH = 25.4;

    private const MM_PER_FOOT = 304.8;

    /** @param  'mm'|'cm'|'m'  $in  what it is read in */
    private function __construct(public float $mm, public string $in)
    {
        if (! ($mm >= 0.0 && is_finite($mm))) {
            throw OutOfRange::of('a length', $mm, 0, INF, 'mm');
        }
    }

    /**
     * @param  'mm'|'cm'|'m'  $in  what it is read in
     *
     * @throws OutOfRange
     */
    public static function of(float $mm, string $in): self
    {
        return new self($mm, $in);
    }

    /** @throws OutOfRange */
    public static function ofMm(float $mm): self
    {
        return new self($mm, 'mm');
    }

    /** @throws OutOfRange */
    public static function ofCm(float $cm): self
    {
        return new self($cm * self::MM_PER['cm'], 'cm');
    }

    /** @throws OutOfRange */
    public static function ofM(float $m): self
    {
        return new self($m * self::MM_PER['m'], 'm');
    }

    /** "15 mm", "28 cm", "1,600 m". */
    public function metric(): string
    {
        return $this->in === 'm' ? number_format(round($this->mm / self::MM_PER['m'])).' m' : Rounding::plain($this->mm / self::MM_PER[$this->in], 1).' '.$this->in;
    }

    /** "0.6 in", "11 in", "5,249 ft". */
    public function us(): string
    {
        return $this->in === 'm' ? number_format(round($this->mm / self::MM_PER_FOOT)).' ft' : Rounding::plain($this->mm / self::MM_PER_INCH, 1).' in';
    }
}
