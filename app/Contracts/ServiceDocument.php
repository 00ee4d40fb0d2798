<?php

declare(strict_types=1);

namespace App\Contracts;

use Velko\Core\Night\Clash;
use Velko\Core\Night\Clashes;
use Velko\Core\Night\HandShare;
use Velko\Core\Night\LowerBound;
use Velko\Core\Night\Offer;
use Velko\Core\Night\Placement;
use Velko\Core\Night\Solver;

/** The document velko.service/1: a solved night. */
final class ServiceDocument
{
    /** @return array<string, mixed> */
    public static function of(ServiceRequestDocument $request): array
    {
        $schedule = (new Solver($request->night, $request->timetables))->solve();
        $name = static fn (int $firing): string => $request->firings[$firing];
        $firings = [];
        foreach (array_keys($request->night->firings) as $number) {
            $table = $schedule->tableOf($number);
            if ($table !== null) {
                $firings[] = ['id' => $name($number), 'table_min' => self::r($table), 'late_min' => self::r($schedule->lateOf($number))];
            }
        }

        return [
            'format' => 'velko.service/1',
            'late_cover_min' => self::r($schedule->lateCovers()),
            'late_cover_min_at_least' => self::r(LowerBound::of($schedule, $request->timetables)),
            'cooks' => array_map(static fn (Placement $placement): array => self::cook($placement, $request), $schedule->placements),
            'firings' => $firings,
            'not_cooked' => array_map($name, $schedule->notCooked),
            'clashes' => array_map(static fn (Clash $clash): array => [
                'code' => $clash->code,
                'at_min' => self::r($clash->at),
                'firings' => array_map($name, $clash->firings),
                'late_cover_min' => self::r($clash->lateCovers),
                'offers' => array_map(static fn (Offer $offer): array => self::offer($offer, $request), $clash->offers),
            ], (new Clashes($schedule, $request->timetables))->all()),
        ];
    }

    /** @return array<string, mixed> */
    private static function offer(Offer $offer, ServiceRequestDocument $request): array
    {
        $like = $offer->like === null ? null : ($offer->code === 'other-pan' ? $request->pans : $request->rings)[$offer->like];

        return [
            'code' => $offer->code, 'late_cover_min_after' => self::r($offer->lateAfter),
            ...array_filter(['from_min' => $offer->from, 'to_min' => $offer->to, 'later_min' => $offer->minutes, 'like' => $like], static fn (mixed $value): bool => $value !== null),
        ];
    }

    /** @return array<string, mixed> */
    private static function cook(Placement $placement, ServiceRequestDocument $request): array
    {
        return [
            'serves' => (object) array_combine(array_map(static fn (int $firing): string => $request->firings[$firing], array_keys($placement->serves)), array_values($placement->serves)),
            'pan' => $request->pans[$placement->pan],
            'ring' => $request->rings[$placement->ring],
            'on_min' => self::r($placement->on),
            'first_liquid_min' => self::r($placement->firstLiquid()),
            'off_min' => self::r($placement->off()),
            'table_min' => self::r($placement->table()),
            'pan_free_min' => self::r($placement->table() + $request->night->wash),
            'hands' => array_map(static fn (HandShare $share): array => ['from_min' => self::r($share->from), 'to_min' => self::r($share->to), 'share' => $share->share, 'doing' => $share->doing], $placement->hands()),
        ];
    }

    private static function r(float $number): float
    {
        return round($number, 3);
    }
}
