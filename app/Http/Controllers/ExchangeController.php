<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\KitchenAsk;
use App\Bench\WorkOut;
use App\Contracts\BadDocument;
use App\Contracts\Contract;
use App\Contracts\Shape;
use App\Dish\DishBody;
use App\Exchange\ImportDish;
use App\Exchange\ImportKitchen;
use App\Exchange\IngredientCsv;
use App\Exchange\KitchenArchive;
use App\Exchange\PrepCalendar;
use App\Exchange\RecipeJsonLd;
use App\Http\Requests\ArchiveRequest;
use App\Http\Requests\AskRequest;
use App\Kitchen\KitchenDocument;
use App\Models\Dish;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The open formats, in and out. */
final class ExchangeController
{
    private const LONGEST = 262144;

    /** Of an archive that comes in parts. */
    private const LONGEST_PART = 8388608;

    public function dish(Request $request, Dish $dish): JsonResponse
    {
        Gate::authorize('view', $dish);
        $dish->loadMissing(['rice', 'stock', 'ingredients', 'sideWorks']);
        $recipe = $request->query('as') === 'json-ld';

        return self::file($recipe ? RecipeJsonLd::of($dish) : DishBody::whole($dish), Str::slug($dish->name).($recipe ? '.jsonld' : '.velko.json'), $recipe ? 'application/ld+json' : 'application/json');
    }

    /**
     * Reads velko.dish/1, alone or in a schema.org Recipe that Velko wrote.
     *
     * @throws BadDocument
     */
    public function bring(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('create', Dish::class);
        $body = $request->getContent();
        abort_if(strlen($body) > self::LONGEST, 413);
        $document = Shape::read($body);
        $dish = isset($document->{'@context'}) || isset($document->{'@type'}) || isset($document->{'@graph'})
            ? RecipeJsonLd::read($document)
            : Contract::named('dish')->read($body);
        $import = ImportDish::of($user, $dish);

        return new JsonResponse($import->document(), 201);
    }

    public function mise(AskRequest $request, #[CurrentUser] User $user): Response
    {
        return new Response(IngredientCsv::of(self::working($request, $user)), 200, ['Content-Type' => 'text/csv; charset=utf-8']);
    }

    public function prep(AskRequest $request, #[CurrentUser] User $user): Response
    {
        return new Response(PrepCalendar::of(self::working($request, $user), CarbonImmutable::now()), 200, ['Content-Type' => 'text/calendar; charset=utf-8']);
    }

    /** As lines, packed while they are written. */
    public function archive(#[CurrentUser] User $user): StreamedResponse
    {
        Gate::authorize('run', $user->kitchen);

        return new StreamedResponse(static function () use ($user): void {
            $packed = deflate_init(ZLIB_ENCODING_GZIP);
            assert($packed !== false);
            $limit = (int) ini_get('max_execution_time');
            foreach (KitchenArchive::lines($user->kitchen) as $line) {
                // However long all of it takes: what counts is that it goes on.
                set_time_limit($limit);
                echo deflate_add($packed, $line, ZLIB_NO_FLUSH);
            }
            echo deflate_add($packed, '', ZLIB_FINISH);
        }, 200, self::headers(Str::slug($user->kitchen->name).'.velko-kitchen.jsonl.gz', 'application/gzip'));
    }

    /** @throws BadDocument */
    public function restore(ArchiveRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('run', $user->kitchen);
        ImportKitchen::into($user, $request->document());

        return new JsonResponse(KitchenDocument::of($user->kitchen->withoutRelations(), CarbonImmutable::now()), 201);
    }

    /** @throws BadDocument */
    public function restoreMore(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('run', $user->kitchen);
        $lines = $request->getContent();
        abort_if(strlen($lines) > self::LONGEST_PART, 413);
        ImportKitchen::more($user, $lines);

        return new JsonResponse(['format' => 'velko.archive-came/1', 'cooks_to_come' => $user->kitchen->cooks_to_come]);
    }

    /** @throws BadDocument */
    public function restoreNot(#[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('run', $user->kitchen);
        ImportKitchen::stop($user->kitchen);

        return new JsonResponse(KitchenDocument::of($user->kitchen->withoutRelations(), CarbonImmutable::now()));
    }

    /** @return array<string, mixed> velko.working/1 */
    private static function working(AskRequest $request, User $user): array
    {
        $now = CarbonImmutable::now();

        return WorkOut::of(KitchenAsk::of($request->document(), $user->kitchen, $now, $user->words()), $now)->document();
    }

    /** @param  array<string, mixed>  $document */
    private static function file(array $document, string $name, string $type): JsonResponse
    {
        return new JsonResponse($document, 200, self::headers($name, $type), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** @return array<string, string> */
    private static function headers(string $name, string $type): array
    {
        return ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"$name\""];
    }
}
