<?php

declare(strict_types=1);

namespace Velko\Core\Ticket;

use Velko\Core\Quantity\Fact;

/** How a ticket was understood: read, asked about, or refused. Exactly one of the three. */
final readonly class Ticket
{
    /**
     * @param  list<TicketFiring>|null  $understood  Its firings, if it can mean only these.
     * @param  Fact|null  $asks  What is asked, if it can mean several things.
     * @param  list<list<TicketFiring>>  $candidates  What it can mean; the firings of each.
     * @param  Fact|null  $refused  Why nothing can be made of it.
     */
    private function __construct(public ?array $understood, public ?Fact $asks = null, public array $candidates = [], public ?Fact $refused = null) {}

    /** @param  list<TicketFiring>  $firings */
    public static function understood(array $firings): self
    {
        return new self($firings);
    }

    /** @param  list<list<TicketFiring>>  $candidates */
    public static function asks(Fact $question, array $candidates): self
    {
        return new self(null, $question, $candidates);
    }

    public static function refused(Fact $why): self
    {
        return new self(null, refused: $why);
    }
}
