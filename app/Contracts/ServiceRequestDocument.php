<?php

declare(strict_types=1);

namespace App\Contracts;

use Velko\Core\Night\Firing;
use Velko\Core\Night\Night;
use Velko\Core\Night\PlannedTimetables;
use Velko\Core\Night\Shift;
use Velko\Core\Planning\Ask;

/** Reads velko.service-request/1 as a {@see Night} with its pans, rings and dishes by number; the names stay here. */
final readonly class ServiceRequestDocument
{
    private const WASH_MIN = 4.0;

    private const EARLY_MIN = 3.0;

    /**
     * @param  list<string>  $pans  what each number is called
     * @param  list<string>  $rings
     * @param  list<string>  $firings
     */
    private function __construct(public Night $night, public PlannedTimetables $timetables, public array $pans, public array $rings, public array $firings) {}

    /** @throws BadDocument */
    public static function read(string $json): self
    {
        /** @var array{kitchen?: array<string, mixed>, wash_min?: int|float, merge?: bool, hands: list<array{from_min: int|float, to_min: int|float, count: int}>, pans: array<string, array<string, mixed>>, rings: array<string, array<string, mixed>>, dishes: array<string, array<string, mixed>>, firings: list<array<string, mixed>>} $document */
        $document = Contract::named('service-request')->read($json);
        $faults = [];
        $ask = static function (array $part, string $path, string $as) use ($document, &$faults): ?Ask {
            try {
                return PlanRequestDocument::of(['format' => 'velko.plan-request/1', 'covers' => 1, 'rice' => ['variety' => 'carnaroli'], ...isset($document['kitchen']) ? ['kitchen' => $document['kitchen']] : [], ...$part])->ask();
            } catch (BadDocument $bad) {
                foreach ($bad->faults as $fault) {
                    $faults[] = new Fault($path.($fault->path === '/wine_ml' ? '/wine_ml_per_cover' : substr($fault->path, strlen($as))), $fault->detail);
                }

                return null;
            }
        };
        $pans = $rings = $dishes = [];
        foreach ($document['pans'] as $name => $pan) {
            $pans[] = $ask(['pan' => $pan], "/pans/$name", '/pan')?->pan;
        }
        foreach ($document['rings'] as $name => $ring) {
            $rings[] = $ask(['burner' => $ring], "/rings/$name", '/burner')?->burner;
        }
        foreach ($document['dishes'] as $name => $dish) {
            $wine = $dish['wine_ml_per_cover'] ?? null;
            unset($dish['wine_ml_per_cover']);
            $dishes[] = $ask([...$dish, ...$wine === null ? [] : ['wine_ml' => $wine]], "/dishes/$name", '');
        }
        [$panNames, $ringNames, $dishNames] = array_map(static fn (array $pan): array => array_map(strval(...), array_keys($pan)), [$document['pans'], $document['rings'], $document['dishes']]);
        $firings = [];
        foreach ($document['firings'] as $at => $firing) {
            foreach (['dish' => $dishNames, 'pan' => $panNames, 'ring' => $ringNames] as $field => $names) {
                if (isset($firing[$field]) && ! in_array($firing[$field], $names, true)) {
                    $faults[] = new Fault("/firings/$at/$field", 'must be one of '.($names === [] ? 'none: there is no such thing' : implode(', ', $names)));
                }
            }
            if (in_array($firing['id'], array_column(array_slice($document['firings'], 0, $at), 'id'), true)) {
                $faults[] = new Fault("/firings/$at/id", 'stands twice');
            }
            $number = static fn (string $field, array $names): ?int => isset($firing[$field]) ? (int) array_search($firing[$field], $names, true) : null;
            $firings[] = new Firing(
                (int) array_search($firing['dish'], $dishNames, true), (int) $firing['covers'], (float) $firing['table_min'], (float) ($firing['early_min'] ?? self::EARLY_MIN), (float) ($firing['late_min'] ?? 0.0),
                $number('pan', $panNames), $number('ring', $ringNames), isset($firing['on_min']) ? (float) $firing['on_min'] : null,
                isset($dishes[(int) array_search($firing['dish'], $dishNames, true)]) ? $dishes[(int) array_search($firing['dish'], $dishNames, true)]->gramsPerCover : Firing::GRAMS,
            );
        }
        $hands = [];
        foreach ($document['hands'] as $at => $hand) {
            if ($hand['to_min'] < $hand['from_min']) {
                $faults[] = new Fault("/hands/$at/to_min", "must be a number from {$hand['from_min']} to 2880 (min, not before it begins)");
            }
            $hands[] = new Shift($hand['from_min'], $hand['to_min'], $hand['count']);
        }
        if ($faults !== []) {
            throw new BadDocument($faults);
        }
        [$pans, $rings, $dishes] = [array_filter($pans), array_filter($rings), array_filter($dishes)];

        return new self(
            new Night($firings, array_keys($pans), array_keys($rings), $hands, $document['wash_min'] ?? self::WASH_MIN, $document['merge'] ?? true),
            new PlannedTimetables($dishes, $pans, $rings), $panNames, $ringNames, array_map(strval(...), array_column($document['firings'], 'id')),
        );
    }
}
