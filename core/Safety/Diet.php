<?php

declare(strict_types=1);

namespace Velko\Core\Safety;

use Velko\Core\Quantity\Fact;

/** Who a dish is for, from the strictest to anybody. */
enum Diet: string
{
    case Vegan = 'vegan';
    case Vegetarian = 'vegetarian';
    case Pescatarian = 'pescatarian';
    case Any = 'any';

    /** Whether something that suits this diet may go to a guest on another. */
    public function servesAlso(self $guest): bool
    {
        return $this->rank() <= $guest->rank();
    }

    /** The less strict of the two: what suits a plate with both on it. */
    public function with(self $other): self
    {
        return $this->rank() >= $other->rank() ? $this : $other;
    }

    private function rank(): int
    {
        return match ($this) {
            self::Vegan => 0,
            self::Vegetarian => 1,
            self::Pescatarian => 2,
            self::Any => 3,
        };
    }

    public function fact(): Fact
    {
        return Fact::of("diet.$this->value");
    }
}
