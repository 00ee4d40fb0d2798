<?php

declare(strict_types=1);

use Velko\Core\Service\NotAnOrder;
use Velko\Core\Service\Orders;

/* A firing on one line, as it is called across a kitchen. */

function orders(): Orders
{
    return new Orders([1 => 'pea, lovage and lemon risotto', 2 => 'radicchio and walnut risotto with red wine', 3 => 'smoked trout and fennel risotto', 4 => 'pea broth']);
}

it('reads a firing in whatever order its parts come', function (string $line, array $said): void {
    $order = orders()->read($line);
    expect([$order->dish, $order->covers, $order->starters, $order->clock, $order->label, $order->early, $order->late])->toBe($said);
})->with([
    'as it is called' => ['19:40 6 pea lovage + 2 starters table 4', [1, 6, 2, '19:40', '4', null, null]],
    'the time last' => ['4 radicchio 20.05', [2, 4, 0, '20:05', '', null, null]],
    'four digits' => ['1940 12x radicchio #12 late 3', [2, 12, 0, '19:40', '12', null, 3]],
    'half days' => ['8 starters trout 7.40pm', [3, 0, 8, '19:40', '', null, null]],
    'noon and midnight' => ['2 trout 12:15 am', [3, 2, 0, '00:15', '', null, null]],
    'in words, as soon as it can be' => ['six trouts as soon as they can be', [3, 6, 0, null, '', null, null]],
    'asap whatever the hour' => ['asap 19:40 6 trout', [3, 6, 0, null, '', null, null]],
    'no time is soon' => ['4 mains of trout', [3, 4, 0, null, '', null, null]],
    'its whole name, though another begins so' => ['2 pea broth 19:00', [4, 2, 0, '19:00', '', null, null]],
    'its whole name with what stands between' => ['2 pea, lovage and lemon risotto 19:00', [1, 2, 0, '19:00', '', null, null]],
    'mains twice' => ['19:00 4 mains 2 starters 1 main trout', [3, 5, 2, '19:00', '', null, null]],
    'a window' => ['19:00 4 trout early 10 late 5 table A7', [3, 4, 0, '19:00', 'a7', 10, 5]],
]);

it('says of what is no firing what it lacks', function (string $line, string $code): void {
    try {
        orders()->read($line);
        $said = null;
    } catch (NotAnOrder $not) {
        $said = $not->fact->code;
    }
    expect($said)->toBe($code);
})->with([
    'nothing' => ['', 'order.no-covers'], 'no number' => ['trout 19:00', 'order.no-covers'], 'none of it' => ['0 trout 19:00', 'order.no-covers'],
    'no dish' => ['19:00 4', 'order.no-dish'], 'a dish that is not here' => ['19:00 4 moon', 'order.unknown-dish'], 'two dishes' => ['19:00 4 pea', 'order.which-dish'], 'three' => ['19:00 4 risotto', 'order.which-dish'],
    'no such hour' => ['25:10 4 trout', 'order.no-time'], 'no such minute' => ['19:75 4 trout', 'order.no-time'], 'a crowd' => ['19:00 401 trout', 'order.too-many'], 'a long number' => ['19:00 99999 trout', 'order.too-many'],
]);

it('takes anything that is typed', function (): void {
    foreach (['日本 4 trout', "4\ttrout\t19:00", str_repeat('4 trout ', 200), '::::', '+++', '4 trout 19:00 table', "4 trout \u{0}", '🍚 6'] as $line) {
        try {
            $covers = orders()->read($line)->covers;
        } catch (NotAnOrder $not) {
            $covers = $not->fact->code;
        }
        expect($covers)->not->toBeNull();
    }
});
