<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contracts\BadDocument;
use App\Contracts\Day;
use App\Exchange\NightFiles;
use App\Http\Requests\FiringEntryRequest;
use App\Http\Requests\FiringsEntryRequest;
use App\Http\Requests\FiringsSaidRequest;
use App\Http\Requests\NightCopyRequest;
use App\Http\Requests\NightEntryRequest;
use App\Models\Firing;
use App\Models\Night;
use App\Models\User;
use App\Night\Evening;
use App\Night\FiringLines;
use App\Night\NightDocument;
use App\Night\SaveNight;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

/** Nights and their firings; each answer is the night as it is then. */
final class NightController
{
    private const MOST_NIGHTS = 60;

    /** No night is further away, days. */
    private const FURTHEST = 366;

    public function index(#[CurrentUser] User $user): JsonResponse
    {
        $nights = $user->kitchen->nights()->with('firings');
        $nights->orderByDesc('on')->limit(self::MOST_NIGHTS);

        return new JsonResponse(['format' => 'velko.nights/1', 'nights' => array_values($nights->get()->map(static fn (Night $night): array => [
            'on' => $night->on->format('Y-m-d'), 'firings' => $night->firings->count(), 'covers' => $night->firings->sum(static fn (Firing $firing): int => $firing->plates()),
        ])->all())]);
    }

    /** @throws BadDocument */
    public function show(string $day, #[CurrentUser] User $user): JsonResponse
    {
        return self::page(self::night($day, $user), $user);
    }

    /** @throws BadDocument */
    public function offers(string $day, #[CurrentUser] User $user): JsonResponse
    {
        return new JsonResponse(self::of(self::night($day, $user), $user)->offers());
    }

    /** @throws BadDocument */
    public function lists(string $day, #[CurrentUser] User $user): JsonResponse
    {
        return new JsonResponse(self::of(self::night($day, $user), $user)->lists());
    }

    /** @throws BadDocument */
    public function file(string $day, string $kind, #[CurrentUser] User $user): Response
    {
        $lists = self::of(self::night($day, $user), $user)->lists();

        return $kind === 'csv'
            ? new Response(NightFiles::csv($lists), 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => "attachment; filename=\"night-$day.csv\""])
            : new Response(NightFiles::calendar($lists, CarbonImmutable::now()), 200, ['Content-Type' => 'text/calendar; charset=utf-8', 'Content-Disposition' => "attachment; filename=\"night-$day.ics\""]);
    }

    /** @throws BadDocument */
    public function update(NightEntryRequest $request, string $day, #[CurrentUser] User $user): JsonResponse
    {
        $night = self::night($day, $user);
        Gate::authorize('update', $night);
        SaveNight::manned($night, $user->kitchen, $request->document(), $request->headers->get('If-Match'));

        return self::page($night, $user);
    }

    /** @throws BadDocument */
    public function copy(NightCopyRequest $request, string $day, #[CurrentUser] User $user): JsonResponse
    {
        $night = self::night($day, $user);
        Gate::authorize('update', $night);
        $from = self::night($request->document()['from'], $user);
        if ($from->id === $night->id) {
            throw BadDocument::at('/from', 'must be another night');
        }
        SaveNight::copy($from, $night, $user->kitchen);

        return self::page($night, $user);
    }

    /**
     * What somebody typed, pasted or exported, as it would be kept.
     *
     * @throws BadDocument
     */
    public function read(FiringsSaidRequest $request, string $day, #[CurrentUser] User $user): JsonResponse
    {
        return new JsonResponse((new FiringLines($user->kitchen, self::night($day, $user), $user->words(), CarbonImmutable::now()))->read($request->document()['text']));
    }

    /** @throws BadDocument */
    public function put(FiringsEntryRequest $request, string $day, #[CurrentUser] User $user): JsonResponse
    {
        $night = self::night($day, $user);
        Gate::authorize('update', $night);
        SaveNight::put($night, $user->kitchen, $request->document()['firings'], CarbonImmutable::now());

        return self::page($night, $user, 201);
    }

    /** @throws BadDocument */
    public function change(FiringEntryRequest $request, Firing $firing, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('update', $firing);
        SaveNight::change($firing, $user->kitchen, $request->document(), CarbonImmutable::now(), $request->headers->get('If-Match'));

        return self::page($firing->night, $user);
    }

    public function destroy(Firing $firing, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('delete', $firing);
        $night = $firing->night;
        $firing->delete();

        return self::page($night, $user);
    }

    /** @throws BadDocument when there is no such day */
    private static function night(string $day, User $user): Night
    {
        $on = Day::of($day);
        if ($on === null || abs($on->diffInDays(CarbonImmutable::now())) > self::FURTHEST) {
            throw BadDocument::at('/on', 'must be a day within a year from today');
        }

        return SaveNight::on($user->kitchen, $day);
    }

    private static function of(Night $night, User $user): NightDocument
    {
        return new NightDocument(new Evening($night->unsetRelation('firings'), $user->kitchen, CarbonImmutable::now()), $user->words());
    }

    private static function page(Night $night, User $user, int $status = 200): JsonResponse
    {
        return new JsonResponse(self::of($night, $user)->document(Gate::allows('update', $night)), $status);
    }
}
