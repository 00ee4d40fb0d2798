<?php

declare(strict_types=1);

namespace Velko\Core\Planning\Around;

use Velko\Core\Method\School;

/** One thing about the method that cooks disagree about. */
final readonly class Choice
{
    /** @param  list<Option>  $options */
    public function __construct(public School $school, public array $options) {}
}
