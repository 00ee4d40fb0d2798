<?php

declare(strict_types=1);

namespace App\Models;

/** What somebody may do in a kitchen. Everybody plans, cooks and reads the log. */
enum Role: string
{
    case Chef = 'chef';
    case Cook = 'cook';
    case Trainee = 'trainee';

    /** Its pans, rings, devices, rices, stocks, people, archive; all of it. */
    public function runsTheKitchen(): bool
    {
        return $this === self::Chef;
    }

    public function writesDishes(): bool
    {
        return $this !== self::Trainee;
    }

    /** No more than either may. */
    public function atMost(?self $other): self
    {
        $order = self::cases();

        return $other === null ? $this : $order[max(array_search($this, $order, true), array_search($other, $order, true))];
    }
}
