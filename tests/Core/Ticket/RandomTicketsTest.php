<?php

declare(strict_types=1);

use Tests\Core\Ticket\TicketWriter;
use Velko\Core\Ticket\TicketFiring;
use Velko\Core\Ticket\TicketReader;

/*
 * Two thousand tickets as people in a hurry write them. Each is read right, asked about or refused; none is read wrong in silence. A ticket that
 * is asked about offers the right answer.
 */

const CALLED = [
    1 => ['pea lovage', 'lovage risotto', 'pea, lovage and lemon risotto'], 2 => ['radicchio', 'radicchio walnut', 'walnut'], 3 => ['trout', 'smoked trout', 'trout risotto'], 4 => ['pea broth', 'broth'],
    5 => ['duck', 'duck and chestnut', 'chestnut'], 6 => ['hake', 'hake stew'], 7 => ['arborio', 'pudding'],
];

const CALLED_IN_FULL = [
    1 => 'pea, lovage and lemon risotto', 2 => 'radicchio and walnut risotto with red wine', 3 => 'smoked trout and fennel risotto', 4 => 'pea broth', 5 => 'duck and chestnut pan rice', 6 => 'hake and fennel stew', 7 => 'arborio pudding',
];

it('reads no ticket wrong in silence', function (int $seed): void {
    $writer = new TicketWriter($seed, CALLED);
    $reader = new TicketReader(CALLED_IN_FULL);
    $plain = static function (array $firings): array {
        $plain = array_map(static fn (array $firing): array => array_map(static fn (mixed $value): mixed => is_string($value) ? mb_strtolower($value) : $value, $firing), $firings);
        sort($plain);

        return $plain;
    };
    $said = static fn (array $firings): array => $plain(array_map(static fn (TicketFiring $ticketFiring): array => [$ticketFiring->dish, $ticketFiring->mains, $ticketFiring->starters, $ticketFiring->clock, $ticketFiring->table, $ticketFiring->note], $firings));
    $count = ['right' => 0, 'asked' => 0, 'refused' => 0];
    $wrong = $notOffered = [];
    for ($i = 0; $i < 500; $i++) {
        [$line, $means] = $writer->ticket();
        $ticket = $reader->read($line);
        if ($ticket->understood !== null) {
            $said($ticket->understood) === $plain($means) ? $count['right']++ : $wrong[] = [$line, $means, $said($ticket->understood)];
        } elseif ($ticket->asks !== null) {
            $count['asked']++;
            if (! in_array($plain($means), array_map($said, $ticket->candidates), true)) {
                $notOffered[] = [$line, $means, $ticket->asks->code];
            }
        } else {
            $count['refused']++;
        }
    }
    expect($wrong)->toBe([])
        ->and(count($notOffered))->toBeLessThan(25, json_encode($notOffered, JSON_THROW_ON_ERROR))
        // Most are plain enough: whoever asks about everything is of no use.
        ->and($count['right'])->toBeGreaterThan(350, json_encode($count, JSON_THROW_ON_ERROR));
})->with([[1], [2], [3], [4]]);
