<?php

declare(strict_types=1);

use Velko\Core\Ticket\ServiceHours;
use Velko\Core\Ticket\Ticket;
use Velko\Core\Ticket\TicketFiring;
use Velko\Core\Ticket\TicketReader;

/* A ticket on one line, as it is called across a kitchen or typed in a hurry. */

const TICKET_DISHES = [
    1 => 'pea, lovage and lemon risotto', 2 => 'radicchio and walnut risotto with red wine', 3 => 'smoked trout and fennel risotto', 4 => 'pea broth',
    5 => 'duck and chestnut pan rice', 6 => 'hake and fennel stew', 7 => 'house rice', 8 => 'arborio pudding',
];

function ticket(string $line): Ticket
{
    return (new TicketReader(TICKET_DISHES))->read($line);
}

/** @return array<mixed> dish, mains, starters, clock, table, note */
function firing(TicketFiring $firing): array
{
    return [$firing->dish, $firing->mains, $firing->starters, $firing->clock, $firing->table, $firing->note];
}

it('reads a ticket in whatever order its parts come', function (string $line, array ...$firings): void {
    expect(array_map(firing(...), ticket($line)->understood ?? []))->toBe($firings);
})->with([
    'as it is called' => ['19:40 6 pea lovage + 2 starters table 4', [1, 6, 2, '19:40', '4', '']],
    'the time last' => ['4 radicchio 20.05', [2, 4, 0, '20:05', '', '']],
    'the dish first' => ['19:40 lovage 6 table 4', [1, 6, 0, '19:40', '4', '']],
    'four digits' => ['1940 12x radicchio #12', [2, 12, 0, '19:40', '12', '']],
    'half days' => ['8 starters trout 7.40pm', [3, 0, 8, '19:40', '', '']],
    'noon and midnight' => ['2 trout 12:15 am', [3, 2, 0, '00:15', '', '']],
    'a time without am or pm is the one in service' => ['4 duck 8.15', [5, 4, 0, '20:15', '', '']],
    'am and pm leave the dish its first letter' => ['8:15 4 arborio', [8, 4, 0, '20:15', '', '']],
    'half past' => ['half past eight 4 duck T4', [5, 4, 0, '20:30', '4', '']],
    'a quarter to' => ['4 ducks at quarter to nine', [5, 4, 0, '20:45', '', '']],
    'at a full hour' => ['8 lovage at 8 table 2', [1, 8, 0, '20:00', '2', '']],
    'in words, as soon as it can be' => ['six trouts as soon as they can be', [3, 6, 0, null, '', '']],
    'asap whatever the hour' => ['asap 19:40 6 trout', [3, 6, 0, null, '', '']],
    'no time is soon' => ['4 mains of trout', [3, 4, 0, null, '', '']],
    'its whole name, though another begins so' => ['2 pea broth 19:00', [4, 2, 0, '19:00', '', '']],
    'its whole name with what stands between' => ['2 pea, lovage and lemon risotto 19:00', [1, 2, 0, '19:00', '', '']],
    'mains twice with a plus between' => ['19:00 4 mains + 1 main trout', [3, 5, 0, '19:00', '', '']],
    'thirteen is no table' => ['13 duck t 7', [5, 13, 0, null, '7', '']],
    'tens in words' => ['twenty-five duck 8pm', [5, 25, 0, '20:00', '', '']],
    'several tables' => ['4 radicchio tables 7 and 8', [2, 4, 0, null, '7, 8', '']],
    'a place that is no table' => ['4 duck bar 2', [5, 4, 0, null, 'bar 2', '']],
    'table for six' => ['table for six duck 8pm', [5, 6, 0, '20:00', '', '']],
    'two dishes of one table' => ['4 duck 2 hake table 7 20:10', [5, 4, 0, '20:10', '7', ''], [6, 2, 0, '20:10', '7', '']],
    'two dishes, each before its number' => ['duck 4 hake 2', [5, 4, 0, null, '', ''], [6, 2, 0, null, '', '']],
    'two dishes, one with commas in its name' => ['4 pea, lovage and lemon risotto, 2 trout 20:00', [1, 4, 0, '20:00', '', ''], [3, 2, 0, '20:00', '', '']],
    'a note' => ['4 duck no skin table 2', [5, 4, 0, null, '2', 'no skin']],
    'a note of some of them' => ['6 duck 2 without skin t3', [5, 6, 0, null, '3', '2 without skin']],
    'a note before the dish' => ['4 vegan radicchio', [2, 4, 0, null, '', 'vegan']],
    'a note in brackets' => ['four ducks (nut allergy) t1', [5, 4, 0, null, '1', 'nut allergy']],
    'a note of something on the side' => ['19:45 6 hake bar 2 fennel on the side', [6, 6, 0, '19:45', 'bar 2', 'fennel on the side']],
    'the same beside the dish' => ['6 hake fennel on the side t3', [6, 6, 0, null, '3', 'fennel on the side']],
    'the only word of a dish is no note' => ['4 duck on the side', [5, 4, 0, null, '', 'on the side']],
    'two notes, the first of what stands before it' => ['6 hake, fennel apart, no skin', [6, 6, 0, null, '', 'fennel apart, no skin']],
    'an allergy to what stands before it' => ['4 duck fish allergy t2', [5, 4, 0, null, '2', 'fish allergy']],
    'one thing in place of another' => ['4 duck t3, mint instead of chestnut', [5, 4, 0, null, '3', 'mint instead of chestnut']],
    'a note set apart keeps its small words' => ['4 duck, a seat by the door, t2', [5, 4, 0, null, '2', 'seat by the door']],
    'a note set apart' => ['4 duck, Anna, t2', [5, 4, 0, null, '2', 'Anna']],
    'a typing error beside a word that is right' => ['4 radichio walnut', [2, 4, 0, null, '', '']],
]);

it('keeps a window', function (): void {
    $firing = ticket('19:00 4 trout early 10 late 5 table A7')->understood[0] ?? null;
    expect([$firing?->early, $firing?->late, $firing?->table])->toBe([10, 5, 'A7']);
});

it('asks about a ticket that can mean several things', function (string $line, string $code, array ...$candidates): void {
    $ticket = ticket($line);
    expect($ticket->understood)->toBeNull()
        ->and($ticket->asks?->code)->toBe($code)
        ->and(array_map(static fn (array $firings): array => array_map(firing(...), $firings)[0], $ticket->candidates))->toBe($candidates);
})->with([
    'numbers between commas' => ['19:40,6,lovage,4', 'order.which-number', [1, 6, 0, '19:40', '4', ''], [1, 4, 0, '19:40', '6', ''], [1, 10, 0, '19:40', '', '']],
    'two numbers' => ['1940 6 lovage 4', 'order.which-number', [1, 6, 0, '19:40', '4', ''], [1, 4, 0, '19:40', '6', ''], [1, 10, 0, '19:40', '', '']],
    'a line of a sheet' => ["20:30\t4\thake\t18", 'order.which-number', [6, 4, 0, '20:30', '18', ''], [6, 18, 0, '20:30', '4', ''], [6, 22, 0, '20:30', '', '']],
    'a number before a note' => ['1940 6 lovage 2 no cheese', 'order.which-number', [1, 6, 0, '19:40', '', '2 no cheese'], [1, 6, 0, '19:40', '2', 'no cheese'], [1, 2, 0, '19:40', '6', 'no cheese'], [1, 8, 0, '19:40', '', 'no cheese']],
    'four, or two and two starters' => ['2+2 duck', 'order.which-number', [5, 4, 0, null, '', ''], [5, 2, 2, null, '', '']],
    'mains twice without a plus' => ['4 mains 2 starters 1 main trout', 'order.which-number', [3, 4, 2, null, '', ''], [3, 1, 2, null, '', ''], [3, 5, 2, null, '', '']],
    'half eight' => ['half eight 4 duck', 'order.which-time', [5, 4, 0, '19:30', '', ''], [5, 4, 0, '20:30', '', '']],
    'eleven in the morning or at night' => ['4 duck 11:00', 'order.which-time', [5, 4, 0, '11:00', '', ''], [5, 4, 0, '23:00', '', '']],
    'two dishes have the word' => ['19:00 4 pea', 'order.which-dish', [1, 4, 0, '19:00', '', ''], [4, 4, 0, '19:00', '', '']],
    'a typing error' => ['4 duk t4', 'order.did-you-mean', [5, 4, 0, null, '4', '']],
    'a word that may be a note or another dish' => ['4 mushroom duck', 'order.note-or-dish', [5, 4, 0, null, '', 'mushroom']],
]);

it('says why a ticket is none', function (string $line, string $code): void {
    $ticket = ticket($line);
    expect([$ticket->understood, $ticket->asks, $ticket->refused?->code])->toBe([null, null, $code]);
})->with([
    'nothing' => ['', 'order.no-covers'], 'no number' => ['trout 19:00', 'order.no-covers'], 'none of it' => ['0 trout 19:00', 'order.no-covers'],
    'no dish' => ['19:00 4', 'order.no-dish'], 'a dish that is not here' => ['19:00 4 moon', 'order.unknown-dish'],
    'no such hour' => ['25:10 4 trout', 'order.no-time'], 'no such minute' => ['19:75 4 trout', 'order.no-time'], 'in so many minutes' => ['4 trout in 20 minutes', 'order.no-time'],
    'two times' => ['4 duck 19:00 20:00', 'order.two-times'], 'two tables' => ['4 duck t4 t5', 'order.two-tables'],
    'a crowd' => ['19:00 401 trout', 'order.too-many'], 'a long number' => ['19:00 99999999999999999999 trout', 'order.too-many'],
    'less than nobody' => ['-2 duck', 'order.no-number'], 'half of one' => ['2.5 duck', 'order.no-number'], 'a half' => ['½ duck', 'order.no-number'],
]);

it('takes the hours that a kitchen has', function (): void {
    $breakfast = new TicketReader(TICKET_DISHES, new ServiceHours([[420, 660]]));
    expect($breakfast->read('4 duck 8:15')->understood[0]->clock ?? null)->toBe('08:15');
    $late = new TicketReader(TICKET_DISHES, new ServiceHours([[1140, 1560]]));
    expect($late->read('4 duck 1:30')->understood[0]->clock ?? null)->toBe('01:30');
});

it('takes anything that is typed', function (string $line): void {
    $ticket = ticket($line);
    expect(array_filter([$ticket->understood, $ticket->asks, $ticket->refused], static fn (mixed $answer): bool => $answer !== null))->toHaveCount(1);
})->with(['日本 4 trout', "4\ttrout\t19:00", str_repeat('4 trout ', 50), '::::', '+++', '4 trout 19:00 table', 'a byte of zero' => "4 trout \u{0}", '🍚 6', 'bytes that are no letters' => "\xff\xfe 4 trout", 'x x x', '+ 4', '4 no', 'no', '(', '(a) 4 duck', '& 4 duck &', '999999999999999999999 mains + 999999999999999999999 mains duck', str_repeat('4 pea 2 risotto ', 25), str_repeat('4 duk 2 hke ', 30)]);
