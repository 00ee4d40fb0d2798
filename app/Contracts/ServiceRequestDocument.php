<?php

declare(strict_types=1);

namespace App\Contracts;

use Velko\Core\Planning\Ask;
use Velko\Core\Service\Firing;
use Velko\Core\Service\HandsThere;
use Velko\Core\Service\Night;
use Velko\Core\Service\Planned;

/** velko.service-request/1 as a {@see Night} with its pans, rings and dishes by number; the names stay here. */
final readonly class ServiceRequestDocument
{
    private const WASH_MIN = 4.0;

    private const EARLY_MIN = 3.0;

    /**
     * @param  list<string>  $pans  what each number is called
     * @param  list<string>  $rings
     * @param  list<string>  $firings
     */
    private function __construct(public Night $night, public Planned $lengths, public array $pans, public array $rings, public array $firings) {}

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
        [$panNames, $ringNames, $dishNames] = array_map(static fn (array $one): array => array_map(strval(...), array_keys($one)), [$document['pans'], $document['rings'], $document['dishes']]);
        $firings = [];
        foreach ($document['firings'] as $at => $one) {
            foreach (['dish' => $dishNames, 'pan' => $panNames, 'ring' => $ringNames] as $field => $names) {
                if (isset($one[$field]) && ! in_array($one[$field], $names, true)) {
                    $faults[] = new Fault("/firings/$at/$field", 'must be one of '.($names === [] ? 'none: there is no such thing' : implode(', ', $names)));
                }
            }
            if (in_array($one['id'], array_column(array_slice($document['firings'], 0, $at), 'id'), true)) {
                $faults[] = new Fault("/firings/$at/id", 'stands twice');
            }
            $number = static fn (string $field, array $names): ?int => isset($one[$field]) ? (int) array_search($one[$field], $names, true) : null;
            $firings[] = new Firing(
                (int) array_search($one['dish'], $dishNames, true), (int) $one['covers'], (float) $one['table_min'], (float) ($one['early_min'] ?? self::EARLY_MIN), (float) ($one['late_min'] ?? 0.0),
                $number('pan', $panNames), $number('ring', $ringNames), isset($one['on_min']) ? (float) $one['on_min'] : null,
                isset($dishes[(int) array_search($one['dish'], $dishNames, true)]) ? $dishes[(int) array_search($one['dish'], $dishNames, true)]->gramsPerCover : Firing::GRAMS,
            );
        }
        $hands = [];
        foreach ($document['hands'] as $at => $one) {
            if ($one['to_min'] < $one['from_min']) {
                $faults[] = new Fault("/hands/$at/to_min", "must be a number from {$one['from_min']} to 2880 (min, not before it begins)");
            }
            $hands[] = new HandsThere($one['from_min'], $one['to_min'], $one['count']);
        }
        if ($faults !== []) {
            throw new BadDocument($faults);
        }
        [$pans, $rings, $dishes] = [array_filter($pans), array_filter($rings), array_filter($dishes)];

        return new self(
            new Night($firings, array_keys($pans), array_keys($rings), $hands, $document['wash_min'] ?? self::WASH_MIN, $document['merge'] ?? true),
            new Planned($dishes, $pans, $rings), $panNames, $ringNames, array_map(strval(...), array_column($document['firings'], 'id')),
        );
    }
}
