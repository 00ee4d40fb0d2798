<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contracts\BadDocument;
use App\Contracts\FoodDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What is known of a food by its name, while a dish is being written. */
final class FoodController
{
    private const LONGEST_NAME = 80;

    /** @throws BadDocument when there is no name, or none that can be looked up */
    public function __invoke(Request $request): JsonResponse
    {
        $name = $request->query('name');
        if (! is_string($name) || mb_strlen($name) > self::LONGEST_NAME) {
            throw BadDocument::at('/name', 'must be a text of at most '.self::LONGEST_NAME.' letters');
        }

        return new JsonResponse(FoodDocument::byName($name));
    }
}
