<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contracts\BadDocument;
use App\Contracts\Fault;
use App\Models\Burner;
use App\Models\Dish;
use App\Models\Kitchen;
use App\Models\Pan;
use Carbon\CarbonImmutable;

/** velko.ask/1 with its ids turned into the kitchen's own rows and its clock time into a moment. */
final readonly class Asked
{
    /** @param  array<string, mixed>  $document  velko.ask/1 */
    private function __construct(
        public array $document,
        public Kitchen $kitchen,
        public Dish $dish,
        public Pan $pan,
        public Burner $burner,
        public int $covers,
        public string $portion,
        public ?string $heat,
        public CarbonImmutable $tableAt,
    ) {}

    /**
     * @param  array<string, mixed>  $document  velko.ask/1, held to its schema
     *
     * @throws BadDocument when an id or a mark is not of this kitchen
     */
    public static function of(array $document, Kitchen $kitchen, CarbonImmutable $now): self
    {
        $kitchen->withStation();
        $dish = $kitchen->dishes->firstWhere('id', $document['dish_id']);
        $pan = $kitchen->pans->firstWhere('id', $document['pan_id']);
        $burner = $kitchen->burners->firstWhere('id', $document['burner_id']);
        $faults = [];
        foreach (['dish' => $dish, 'pan' => $pan, 'burner' => $burner] as $what => $row) {
            if ($row === null) {
                $faults[] = new Fault("/{$what}_id", "there is no such $what in this kitchen");
            }
        }
        if ($dish === null || $pan === null || $burner === null) {
            throw new BadDocument($faults === [] ? [new Fault('', 'is incomplete')] : $faults);
        }
        $heat = $document['heat'] ?? null;
        $marks = array_map(strval(...), array_keys(Station::netPower($burner)));
        if (is_string($heat) && ! in_array($heat, $marks, true)) {
            throw BadDocument::at('/heat', "must be one of the marks of {$burner->name}: ".implode(', ', $marks).', or null');
        }

        return new self(
            $document, $kitchen, $dish, $pan, $burner,
            self::whole($document['covers']), self::words($document['portion']), is_string($heat) ? $heat : null,
            self::moment(self::words($document['table_at']), $kitchen, $now),
        );
    }

    /** The moment nearest to now at which the kitchen's clock shows this time. */
    private static function moment(string $clock, Kitchen $kitchen, CarbonImmutable $now): CarbonImmutable
    {
        $here = $now->setTimezone($kitchen->timezone);
        $today = $here->setTimeFromTimeString($clock);
        $hours = $today->diffInHours($here);

        return match (true) {
            $hours > 12 => $today->addDay(),
            $hours < -12 => $today->subDay(),
            default => $today,
        };
    }

    private static function whole(mixed $value): int
    {
        return is_numeric($value) ? (int) $value : 0;
    }

    private static function words(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}
