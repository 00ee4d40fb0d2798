<?php

declare(strict_types=1);

namespace Velko\Core\Planning\Around;

/** One thing about the method that cooks disagree about. */
final readonly class Choice
{
    /**
     * @param  'doses'|'stirring'|'toast'|'crust-school'|'crust'|'soak'  $choice
     * @param  list<Option>  $options
     */
    public function __construct(public string $choice, public array $options) {}
}
