<?php

declare(strict_types=1);

namespace App\Contracts;

use Illuminate\Database\Eloquent\Model;
use Symfony\Component\HttpKernel\Exception\PreconditionFailedHttpException;
use Symfony\Component\HttpKernel\Exception\PreconditionRequiredHttpException;

/**
 * What a thing was when somebody looked at it: an entity tag, which a change must bring along as If-Match (RFC 9110), so that of two who
 * change the same the later is told.
 */
final class EntityTag
{
    /** Columns that are not what a thing says. */
    private const BESIDE = ['id', 'kitchen_id', 'created_at', 'updated_at', 'deleted_at', 'asked_at'];

    /** @param  array<int|string, mixed>  $what */
    public static function of(array $what): string
    {
        return substr(hash('sha256', json_encode($what, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)), 0, 20);
    }

    /** @param  array<int|string, mixed>  $with  What else it says than its columns. */
    public static function ofRow(Model $row, array $with = []): string
    {
        return self::of([array_diff_key($row->withoutRelations()->attributesToArray(), array_flip(self::BESIDE)), $with]);
    }

    /**
     * @param  string|null  $known  If-Match as it came; * is whatever it is now.
     * @param  string  $is  Of the thing now.
     *
     * @throws PreconditionRequiredHttpException when nothing is said (428)
     * @throws PreconditionFailedHttpException when somebody changed it meanwhile (412)
     */
    public static function mustBe(?string $known, string $is): void
    {
        if ($known === null || trim($known) === '') {
            throw new PreconditionRequiredHttpException('If-Match must say which one was changed: its tag in quotes, or * for whatever it is now.');
        }
        if (trim($known) !== '*' && ! in_array("\"$is\"", array_map(trim(...), explode(',', $known)), true)) {
            throw new PreconditionFailedHttpException;
        }
    }
}
