<?php

declare(strict_types=1);

namespace Velko\Core\Mise;

use Velko\Core\Quantity\Fact;

/** What an ingredient scales with: as little as stock does everything go by the covers. Common practice, no single source. */
enum Scales: string
{
    /** With the rice: a starter takes its share by weight. */
    case Main = 'main';

    /** One for each plate, whatever its size. */
    case Plate = 'plate';

    /** With the floor of the pan, as oil does: for each 100 cm². */
    case Floor = 'floor';

    /** Not at all: a bay leaf. */
    case Pan = 'pan';

    public function fact(): Fact
    {
        return Fact::of("scales.$this->value");
    }
}
