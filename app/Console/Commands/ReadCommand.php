<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Contracts\BadDocument;
use App\Contracts\Contract;
use App\Exchange\RecipeDocument;
use App\Exchange\RecipeSource;
use App\Words\Locales;
use App\Words\Words;
use Velko\Core\Mise\AmountReading;
use Velko\Core\Quantity\DecimalMark;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\NotAMeasure;
use Velko\Core\Quantity\OutOfRange;
use Velko\Core\Recipe\Recipe;
use Velko\Core\Recipe\RecipeReader;
use Velko\Core\Ticket\TicketFiring;
use Velko\Core\Ticket\TicketReader;

/** Says how tickets, amounts and recipes are understood, by the rules of the screens. */
final class ReadCommand extends EngineCommand
{
    protected $signature = 'velko:read {request : a file, or - for standard input}';

    protected $description = 'How tickets, amounts and recipes are understood: velko.reading-request/1 in, velko.reading/1 out';

    protected function answer(string $json): array
    {
        /** @var array{locale?: string, dishes?: list<string>, tickets?: list<string>, amounts?: list<string>, recipes?: list<array{media_type?: string|null, text: string}>} $request */
        $request = Contract::named('reading-request')->read($json);
        $dishes = $request['dishes'] ?? [];
        $reader = new TicketReader($dishes);
        $mark = Locales::decimalMark($request['locale'] ?? 'en');

        return [
            'format' => 'velko.reading/1',
            'tickets' => array_map(
                static fn (string $line): array => self::ticket($line, $reader, $dishes),
                $request['tickets'] ?? [],
            ),
            'amounts' => array_map(
                static fn (string $text): array => self::amount($text, $mark),
                $request['amounts'] ?? [],
            ),
            'recipes' => array_merge(...array_map(
                self::recipes(...),
                $request['recipes'] ?? [],
                array_keys($request['recipes'] ?? []),
            )),
        ];
    }

    /**
     * @param  list<string>  $dishes
     *
     * @return array<string, mixed>
     */
    private static function ticket(string $line, TicketReader $reader, array $dishes): array
    {
        $ticket = $reader->read($line);
        $firings = static fn (array $of): array => array_map(
            static fn (TicketFiring $firing): array => self::firing($firing, $dishes[$firing->dish]),
            $of,
        );

        return [
            'said' => $line,
            'understood' => $ticket->understood === null ? null : $firings($ticket->understood),
            'asks' => $ticket->asks === null ? null : [
                ...self::words($ticket->asks),
                'candidates' => array_map($firings, $ticket->candidates),
            ],
            'refused' => $ticket->refused === null ? null : self::words($ticket->refused),
        ];
    }

    /**
     * @param  array{media_type?: string|null, text: string}  $source
     *
     * @return list<array<string, mixed>>
     *
     * @throws BadDocument if there is no recipe in it
     */
    private static function recipes(array $source, int $at): array
    {
        try {
            $recipes = RecipeSource::recipes($source['text'], $source['media_type'] ?? null);
        } catch (BadDocument $fault) {
            throw $fault->under("/recipes/$at");
        }

        return array_map(static fn (Recipe $recipe): array => RecipeDocument::plain(RecipeReader::read($recipe)), $recipes);
    }

    /** @return array<string, mixed> */
    private static function firing(TicketFiring $firing, string $dish): array
    {
        return [
            'dish' => $dish,
            'mains' => $firing->mains,
            'starters' => $firing->starters,
            'clock' => $firing->clock,
            'table' => $firing->table === '' ? null : $firing->table,
            'note' => $firing->note === '' ? null : $firing->note,
            'early_min' => $firing->early,
            'late_min' => $firing->late,
        ];
    }

    /** @return array{code: string, detail: string} */
    private static function words(Fact $fact): array
    {
        return ['code' => $fact->code, 'detail' => (new Words)->say($fact)];
    }

    /** @return array<string, mixed> */
    private static function amount(string $text, DecimalMark $mark): array
    {
        $answer = ['said' => $text, 'quantity' => null, 'value' => null, 'unit' => null, 'asks' => null, 'refused' => null];
        try {
            $read = AmountReading::of($text, $mark);
        } catch (NotAMeasure|OutOfRange $fault) {
            $code = $fault instanceof OutOfRange ? 'amount.out-of-range' : 'amount.none';

            return [...$answer, 'refused' => ['code' => $code, 'detail' => $fault->getMessage()]];
        }

        return [...$answer, 'quantity' => $read->quantity, 'value' => round($read->value, 2), 'unit' => $read->unit];
    }
}
