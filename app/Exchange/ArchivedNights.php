<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Contracts\BadDocument;
use App\Models\Cook;
use App\Models\Firing;
use App\Models\Kitchen;
use App\Models\Night;
use App\Night\SaveNight;

/** The nights of an archive, by names: what was ordered, who was there, and which cook served which firing, by its place on its night. */
final class ArchivedNights
{
    /** @return list<array<string, mixed>> the oldest first */
    public static function of(Kitchen $kitchen): array
    {
        $names = [];
        foreach (['dishes', 'pans', 'burners'] as $shelf) {
            $names[$shelf] = $kitchen->getRelationValue($shelf)->pluck('name', 'id');
        }

        return array_values($kitchen->nights()->with('firings')->get()->sortBy('on')->map(static fn (Night $night): array => [
            'on' => $night->on->format('Y-m-d'),
            'hands' => $night->hands,
            'taken' => array_values(array_map(static fn (array $booking): array => ['burner' => $names['burners'][$booking['burner_id']], ...array_diff_key($booking, ['burner_id' => true])], array_filter($night->taken, static fn (array $booking): bool => isset($names['burners'][$booking['burner_id']])))),
            'wash_min' => $night->wash_min,
            'merge' => $night->merge,
            'firings' => array_map(static fn (Firing $firing): array => [
                'dish' => $names['dishes'][$firing->dish_id],
                ...$firing->only(['covers', 'starters', 'label', 'note', 'early_min', 'late_min', 'parts', 'to_order']),
                'table_at' => $firing->table_at->utc()->toIso8601String(),
                'pan' => $names['pans'][$firing->pan_id] ?? null,
                'burner' => $names['burners'][$firing->burner_id] ?? null,
                'on_at' => $firing->on_at?->utc()->toIso8601String(),
            ], self::placed($night, $kitchen)),
        ])->all());
    }

    /** @return list<array{on: string, firing: int, covers: int}> what a cook served */
    public static function served(Cook $cook, Kitchen $kitchen): array
    {
        $served = [];
        foreach ($cook->firings as $firing) {
            $at = array_search($firing->id, array_column(self::placed($firing->night, $kitchen), 'id'), true);
            if (is_int($at)) {
                $served[] = ['on' => $firing->night->on->format('Y-m-d'), 'firing' => $at, 'covers' => (int) $firing->getRelationValue('pivot')->getAttribute('covers')];
            }
        }

        return $served;
    }

    /**
     * @param  list<array<string, mixed>>  $nights  held to their schema
     * @param  array{dish: array<int|string, int>, pan: array<int|string, int>, burner: array<int|string, int>}  $ids  by name
     *
     * @throws BadDocument
     */
    public static function into(Kitchen $kitchen, array $nights, array $ids): void
    {
        foreach ($nights as $i => $row) {
            $named = static fn (string $what, mixed $name, string $path): ?int => $name === null ? null : $ids[$what][(string) $name] ?? throw BadDocument::at("/nights/$i$path/$what", "is not among the {$what}s");
            if (array_filter(array_slice($nights, 0, $i), static fn (array $night): bool => $night['on'] === $row['on']) !== []) {
                throw BadDocument::at("/nights/$i/on", 'stands twice');
            }
            $night = SaveNight::on($kitchen, Moment::day($row['on'], "/nights/$i/on"));
            $taken = [];
            foreach ($row['taken'] as $at => $booking) {
                $taken[] = ['burner_id' => $named('burner', $booking['burner'], "/taken/$at"), ...array_diff_key($booking, ['burner' => true])];
            }
            try {
                SaveNight::manned($night, $kitchen, [...$row, 'taken' => $taken], '*');
            } catch (BadDocument $bad) {
                throw $bad->under("/nights/$i");
            }
            foreach ($row['firings'] as $at => $firing) {
                $path = "/nights/$i/firings/$at";
                if ($firing['covers'] + $firing['starters'] < 1 || $firing['covers'] + $firing['starters'] > 400) {
                    throw BadDocument::at("$path/covers", 'must be a whole number from 1 to 400, mains and starters together');
                }
                $night->firings()->create([
                    'kitchen_id' => $kitchen->id, 'dish_id' => $named('dish', $firing['dish'], "/firings/$at"), 'pan_id' => $named('pan', $firing['pan'], "/firings/$at"), 'burner_id' => $named('burner', $firing['burner'], "/firings/$at"),
                    ...array_intersect_key($firing, array_flip(['covers', 'starters', 'label', 'note', 'early_min', 'late_min', 'parts', 'to_order'])),
                    'table_at' => Moment::of($firing['table_at'], "$path/table_at"), 'on_at' => $firing['on_at'] === null ? null : Moment::of($firing['on_at'], "$path/on_at"),
                ]);
            }
        }
    }

    /**
     * @param  list<array{on: string, firing: int, covers: int}>  $served
     *
     * @throws BadDocument when there is no such firing
     */
    public static function serve(Cook $cook, Kitchen $kitchen, array $served): void
    {
        foreach ($served as $at => $serving) {
            $night = $kitchen->nights()->firstWhere('on', $serving['on']);
            $firing = $night === null ? null : self::placed($night, $kitchen)[$serving['firing']] ?? null;
            if ($firing === null || $cook->firings()->where('firings.id', $firing->id)->exists()) {
                throw BadDocument::at("/serves/$at/firing", $firing === null ? 'is not among the firings of its night' : 'stands twice');
            }
            $cook->firings()->attach($firing->id, ['covers' => $serving['covers']]);
        }
    }

    /** @return list<Firing> of the dishes that are still there, in the order in which they were put on */
    private static function placed(Night $night, Kitchen $kitchen): array
    {
        return array_values($night->firings->sortBy('id')->filter(static fn (Firing $firing): bool => $kitchen->dishes->contains('id', $firing->dish_id))->all());
    }
}
