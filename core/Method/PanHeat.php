<?php

declare(strict_types=1);

namespace Velko\Core\Method;

/** The two marks of a pan rice when they are settled and only the moment of turning down is to be found. */
final readonly class PanHeat
{
    /**
     * @param  string  $hot  until the grains show
     * @param  string  $gentle  until the pan is dry
     */
    public function __construct(public string $hot, public string $gentle) {}
}
