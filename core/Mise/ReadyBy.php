<?php

declare(strict_types=1);

namespace Velko\Core\Mise;

/** By which moment of the cook side work must be ready. */
enum ReadyBy: string
{
    case Rice = 'rice';
    case Stock = 'stock';
    case LastDose = 'last-dose';
    case Table = 'table';
}
