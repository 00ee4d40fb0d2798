<?php

declare(strict_types=1);

namespace App\Learning;

use Velko\Core\Learning\Hidden;
use Velko\Core\Learning\Lesson;

/** A lesson as it is kept beside the events it was made from. */
final class LessonDocument
{
    /** @return array<string, mixed> */
    public static function of(Lesson $lesson): array
    {
        return [
            'id' => $lesson->id, 'at' => $lesson->at, 'weighed' => $lesson->weighed, 'near' => $lesson->near, 'given' => $lesson->given, 'rows' => $lesson->rows,
            'hidden' => array_map(static fn (Hidden $one): array => ['of' => $one->of, 'whose' => $one->whose, 'mark' => $one->mark], $lesson->hidden),
        ];
    }

    /** @param  array<string, mixed>  $document */
    public static function read(array $document): Lesson
    {
        /** @return list<float> */
        $floats = static fn (array $values): array => array_values(array_map(floatval(...), $values));

        return new Lesson(
            $document['id'], $document['at'], array_values(array_map(static fn (array $one): Hidden => Hidden::of($one['of'], $one['whose'], $one['mark']), $document['hidden'])), $floats($document['near']), $floats($document['given']),
            array_values(array_map(static fn (array $row): array => [(float) $row[0], $floats($row[1]), $row[2]], $document['rows'])), $document['weighed'],
        );
    }
}
