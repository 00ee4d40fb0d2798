<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contracts\BadDocument;
use App\Http\Requests\AmountRequest;
use App\Models\User;
use App\Words\Locales;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Velko\Core\Mise\SpokenAmount;
use Velko\Core\Quantity\DecimalMark;
use Velko\Core\Quantity\Length;
use Velko\Core\Quantity\Mass;
use Velko\Core\Quantity\Measure;
use Velko\Core\Quantity\NotAMeasure;
use Velko\Core\Quantity\OutOfRange;
use Velko\Core\Quantity\Power;
use Velko\Core\Quantity\Temperature;
use Velko\Core\Quantity\Volume;
use Velko\Core\Water\Atmosphere;
use Velko\Core\Water\Steam;

/** What an amount comes to that is typed as a cook says it; nothing is kept. */
final class AmountController
{
    private const MOST = 100_000;

    /** @throws BadDocument when it is no amount, or more than a dish may have */
    public function __invoke(AmountRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        /** @var array{text: string, name: string, others: list<array{name: string, amount: int|float, unit: 'g'|'ml'|'pieces'}>, rice_cup_g?: int|float|null, of?: string, locale?: string} $said */
        $said = $request->document();
        $others = array_map(static fn (array $ingredient): array => [(float) $ingredient['amount'], $ingredient['unit']], array_column($said['others'], null, 'name'));
        $mark = Locales::decimalMark($said['locale'] ?? 'en');
        try {
            if (isset($said['of'])) {
                [$amount, $unit] = self::ofField($said['text'], $said['of'], $mark);

                return self::read($amount, $unit, $said['of'] === 'altitude' ? ['boils_c' => round(Steam::boilingPoint(Atmosphere::pressure($amount)), 1)] : []);
            }
            [$amount, $unit] = array_key_exists('rice_cup_g', $said)
                ? [round((new SpokenAmount(mark: $mark))->rice($said['text'], $said['rice_cup_g'] === null ? null : (float) $said['rice_cup_g'])), 'g']
                : (new SpokenAmount($user->kitchen->glug_ml, $mark))->read($said['text'], $said['name'], $others);
        } catch (NotAMeasure|OutOfRange $fault) {
            throw BadDocument::at('/text', $fault->getMessage());
        }
        if ($amount < 0 || $amount > self::MOST) {
            throw BadDocument::at('/text', 'must come to a number from 0 to '.self::MOST);
        }

        return self::read($amount, $unit);
    }

    /** @param  array<string, float>  $more */
    private static function read(float $amount, string $unit, array $more = []): JsonResponse
    {
        return new JsonResponse(['format' => 'velko.amount-read/1', 'amount' => $amount, 'unit' => $unit, ...$more]);
    }

    /**
     * What a field asks for, in the engine's unit.
     *
     * @return array{float, string}
     *
     * @throws NotAMeasure if it is no amount, or one of something else
     * @throws OutOfRange
     */
    private static function ofField(string $text, string $of, DecimalMark $mark): array
    {
        $measure = Measure::read($text, mark: $mark);

        return match (true) {
            $of === 'length' && $measure instanceof Length => [round($measure->mm / 10, 4), 'cm'],
            $of === 'altitude' && $measure instanceof Length => [round($measure->mm / 1000, 4), 'm'],
            $of === 'heat' && $measure instanceof Temperature => [round($measure->celsius, 4), '°C'],
            $of === 'volume' && $measure instanceof Volume => [round($measure->ml, 4), 'ml'],
            $of === 'weight' && $measure instanceof Mass => [round($measure->g, 4), 'g'],
            $of === 'burner' && $measure instanceof Power => [round($measure->watts, 4), 'W'],
            default => throw NotAMeasure::text($text),
        };
    }
}
