<?php

declare(strict_types=1);

namespace Velko\Core\Ticket;

/** One firing as a ticket says it. */
final readonly class TicketFiring
{
    /**
     * @param  int  $dish  Its number.
     * @param  int  $mains  0 to {@see TicketReader::MOST}.
     * @param  int  $starters  0 to {@see TicketReader::MOST}; with the mains at least 1.
     * @param  string|null  $clock  HH:MM at the table; null: as soon as it can be.
     * @param  string  $table  Which table; empty if none was said.
     * @param  int|null  $early  Minutes before the clock at which it may already be at the table.
     * @param  int|null  $late  Minutes after the clock at which it may still come.
     * @param  string  $note  What else the ticket says; empty if nothing.
     */
    public function __construct(
        public int $dish,
        public int $mains,
        public int $starters,
        public ?string $clock,
        public string $table = '',
        public ?int $early = null,
        public ?int $late = null,
        public string $note = '',
    ) {}

    public function asSoonAsCanBe(): self
    {
        return new self($this->dish, $this->mains, $this->starters, null, $this->table, $this->early, $this->late, $this->note);
    }
}
