<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contracts\BadDocument;
use App\Http\Requests\AmountRequest;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Velko\Core\Mise\Spoken;
use Velko\Core\Quantity\NotAMeasure;
use Velko\Core\Quantity\OutOfRange;

/** What an amount comes to that is typed as a cook says it; nothing is kept. */
final class AmountController
{
    private const MOST = 100_000;

    /** @throws BadDocument when it is no amount, or more than a dish may have */
    public function __invoke(AmountRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        /** @var array{text: string, name: string, others: list<array{name: string, amount: int|float, unit: 'g'|'ml'|'pieces'}>, rice_cup_g?: int|float|null} $said */
        $said = $request->document();
        $others = array_map(static fn (array $one): array => [(float) $one['amount'], $one['unit']], array_column($said['others'], null, 'name'));
        try {
            [$amount, $unit] = array_key_exists('rice_cup_g', $said)
                ? [round((new Spoken)->rice($said['text'], $said['rice_cup_g'] === null ? null : (float) $said['rice_cup_g'])), 'g']
                : (new Spoken($user->kitchen->glug_ml))->read($said['text'], $said['name'], $others);
        } catch (NotAMeasure|OutOfRange $fault) {
            throw BadDocument::at('/text', $fault->getMessage());
        }
        if ($amount < 0 || $amount > self::MOST) {
            throw BadDocument::at('/text', 'must come to a number from 0 to '.self::MOST);
        }

        return new JsonResponse(['format' => 'velko.amount-read/1', 'amount' => $amount, 'unit' => $unit]);
    }
}
