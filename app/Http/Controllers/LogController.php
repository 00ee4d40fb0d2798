<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\TimeBudget;
use App\Contracts\BadDocument;
use App\Http\Requests\PaperEntryRequest;
use App\Http\Requests\PaperSaidRequest;
use App\Log\ImportPaperLog;
use App\Log\LogFiles;
use App\Log\LogFilter;
use App\Log\LogLineStore;
use App\Log\Weeks;
use App\Models\Cook;
use App\Models\LogLine;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Pagination\Cursor;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The log as it is read, searched, summed up, carried out and brought from paper; of its lines, never of replays. */
final class LogController
{
    private const PER_PAGE = 24;

    /** @throws BadDocument when the page asked for is none of ours */
    public function index(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $filter = LogFilter::of($request->query->all(), $user->kitchen);
        $left = LogLineStore::bringUpToDate($user->kitchen, CarbonImmutable::now(), new TimeBudget);
        $page = $filter->on(LogLine::query())->select(['id', 'table_at', 'line'])
            ->orderByDesc('table_at')->orderByDesc('id')
            ->cursorPaginate(self::PER_PAGE, cursor: self::cursor($request->query('cursor')));

        return new JsonResponse([
            'format' => 'velko.log/1',
            'cooks' => array_map(static fn (LogLine $line): array => $line->line, $page->items()),
            'next' => $page->appends($filter->said())->nextPageUrl(),
            'left_out' => $left,
        ]);
    }

    public function weeks(#[CurrentUser] User $user): JsonResponse
    {
        LogLineStore::bringUpToDate($user->kitchen, CarbonImmutable::now(), new TimeBudget);

        return new JsonResponse((new Weeks($user->kitchen, CarbonImmutable::now()))->document());
    }

    /** @throws BadDocument */
    public function file(string $kind, Request $request, #[CurrentUser] User $user): StreamedResponse
    {
        $filter = LogFilter::of($request->query->all(), $user->kitchen);
        LogLineStore::bringUpToDate($user->kitchen, CarbonImmutable::now(), new TimeBudget);
        $lines = static fn (): iterable => $filter->on(LogLine::query())->lazyByIdDesc(500);

        return $kind === 'csv'
            ? new StreamedResponse(static fn () => LogFiles::csv($lines(), $user->kitchen), 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="log.csv"'])
            : new StreamedResponse(static fn () => LogFiles::json($lines()), 200, ['Content-Type' => 'application/json', 'Content-Disposition' => 'attachment; filename="log.json"']);
    }

    /** @throws BadDocument when it is no table, or lacks a column without which there is no line */
    public function read(PaperSaidRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $said = $request->document();

        return new JsonResponse((new ImportPaperLog($user->kitchen, CarbonImmutable::now()))->read($said['text'], $said['columns'] ?? null));
    }

    /** @throws BadDocument when any of it cannot be kept: then none of it is */
    public function paper(PaperEntryRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('create', Cook::class);
        $kept = (new ImportPaperLog($user->kitchen, CarbonImmutable::now()))->keep($request->document()['lines'], $user->name);

        return new JsonResponse(['format' => 'velko.paper-kept/1', 'kept' => $kept], 201);
    }

    /** A line from paper that was typed wrongly; a cook that was at the stove stays. */
    public function strike(string $line, #[CurrentUser] User $user): Response
    {
        Gate::authorize('run', $user->kitchen);
        abort_if(ImportPaperLog::strike($user->kitchen, $line) === 0, 404);

        return new Response(status: 204);
    }

    /** @throws BadDocument */
    private static function cursor(mixed $encoded): ?Cursor
    {
        if ($encoded === null || $encoded === '') {
            return null;
        }
        // Read by hand: the framework's own reader trusts what is in it.
        $fields = is_string($encoded) ? json_decode((string) base64_decode(strtr($encoded, '-_', '+/'), true), true) : null;
        $tableAt = is_array($fields) ? $fields['table_at'] ?? null : null;
        $id = is_array($fields) ? $fields['id'] ?? null : null;
        if (! is_string($tableAt) || strtotime($tableAt) === false || ! is_int($id)) {
            throw BadDocument::at('/cursor', 'is not a page of this log; take it from "next"');
        }

        return new Cursor(['table_at' => $tableAt, 'id' => $id], ($fields['_pointsToNextItems'] ?? true) === true);
    }
}
