<?php

declare(strict_types=1);

namespace Velko\Core\Safety;

use Velko\Core\Quantity\Fact;

/** The fourteen that must be named on a menu in the European Union (Regulation (EU) No 1169/2011, Annex II; from memory). */
enum Allergen: string
{
    case Celery = 'celery';
    case Crustaceans = 'crustaceans';
    case Egg = 'egg';
    case Fish = 'fish';
    case Gluten = 'gluten';
    case Lupin = 'lupin';
    case Milk = 'milk';
    case Molluscs = 'molluscs';
    case Mustard = 'mustard';
    case Nuts = 'nuts';
    case Peanuts = 'peanuts';
    case Sesame = 'sesame';
    case Soy = 'soy';
    case Sulphites = 'sulphites';

    public function fact(): Fact
    {
        return Fact::of("allergen.$this->value");
    }
}
