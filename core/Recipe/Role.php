<?php

declare(strict_types=1);

namespace Velko\Core\Recipe;

/** What a line of a recipe is for the plan. */
enum Role: string
{
    case Rice = 'rice';
    case Stock = 'stock';
    case Wine = 'wine';
    case Fat = 'fat';
    case Base = 'base';
    case Add = 'add';
    case Finish = 'finish';
    case OnTop = 'on-top';
    case Salt = 'salt';
    case Unknown = 'unknown';
}
