<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Kitchen\Thing;

/** A thing of the kitchen; its address says by which contract it is entered. */
final class ThingRequest extends DocumentRequest
{
    protected function contract(): string
    {
        $thing = $this->route('thing');

        return $thing instanceof Thing ? $thing->contract() : abort(404);
    }
}
