<?php

declare(strict_types=1);

namespace Velko\Core\Rice;

/**
 * How the starch in the sauce feels. A relative index shown in words only, and indicative wherever it is shown: our
 * estimate, from variety, stirring, rinsing and how thinly the sauce is spread; no measurement stands behind it.
 */
enum Body: string
{
    case Thin = 'thin';
    case Creamy = 'creamy';
    case Heavy = 'heavy';
    case Gluey = 'gluey';

    /** Share of the starch still bound that a fully stirred grain sets free per minute at 100 °C. */
    private const FREED_PER_MINUTE = 0.05;

    /** What rinsing leaves on the grain. */
    private const LEFT_BY_RINSING = 0.40;

    /** What a grain that is never stirred gives off, against one that is stirred all the time. */
    private const FREED_UNSTIRRED = 0.25;

    /** Index below which a sauce is thin, creamy, heavy. */
    private const THIN_TO = 0.20;

    private const CREAMY_TO = 0.48;

    private const HEAVY_TO = 0.75;

    /** Liquid that clings to the grain and counts as sauce, g per g raw. */
    private const CLINGING = 0.5;

    /**
     * @param  float  $stirring  1 stirred all the time, 0 never
     * @param  float  $doneness  minutes at 100 °C
     * @param  float  $looseness  free liquid per raw rice, g/g, ≥ 0
     */
    public static function of(Variety $variety, float $stirring, bool $rinsed, float $doneness, float $looseness): self
    {
        $rubbed = self::FREED_UNSTIRRED + (1 - self::FREED_UNSTIRRED) * $stirring;
        $freed = 1 - exp(-self::FREED_PER_MINUTE * $rubbed * $doneness);
        $index = $variety->starch() * ($rinsed ? self::LEFT_BY_RINSING : 1.0) * $freed / ($looseness + self::CLINGING);

        return match (true) {
            $index < self::THIN_TO => self::Thin,
            $index < self::CREAMY_TO => self::Creamy,
            $index < self::HEAVY_TO => self::Heavy,
            default => self::Gluey,
        };
    }
}
