<?php

declare(strict_types=1);

namespace App\Learning;

use Velko\Core\Learning\Finding;
use Velko\Core\Learning\Hidden;
use Velko\Core\Learning\Lesson;
use Velko\Core\Learning\Word;

/** A lesson as it is kept beside the events it was made from. */
final class LessonDocument
{
    /** @return array<string, mixed> */
    public static function of(Lesson $lesson): array
    {
        return [
            'id' => $lesson->id, 'at' => $lesson->at, 'weighed' => $lesson->weighed, 'near' => $lesson->near, 'given' => $lesson->given,
            'found' => array_map(static fn (Finding $one): array => $one->what instanceof Word ? ['word' => self::word($one->what), 'slopes' => $one->slopes] : ['off' => $one->what, 'slopes' => $one->slopes], $lesson->found),
            'hidden' => array_map(static fn (Hidden $one): array => ['of' => $one->of, 'whose' => $one->whose, 'mark' => $one->mark], $lesson->hidden),
        ];
    }

    /** @return array{thought: float, from: float|null, to: float|null, spread: float} null for no end */
    private static function word(Word $word): array
    {
        return ['thought' => $word->thought, 'from' => is_finite($word->from) ? $word->from : null, 'to' => is_finite($word->to) ? $word->to : null, 'spread' => $word->spread];
    }

    /** @param  array<string, mixed>  $document */
    public static function read(array $document): Lesson
    {
        /** @return list<float> */
        $floats = static fn (array $values): array => array_values(array_map(floatval(...), $values));

        return new Lesson(
            $document['id'], $document['at'], array_values(array_map(static fn (array $one): Hidden => Hidden::of($one['of'], $one['whose'], $one['mark']), $document['hidden'])), $floats($document['near']), $floats($document['given']),
            array_values(array_map(static fn (array $one): Finding => new Finding(isset($one['word']) ? new Word((float) $one['word']['thought'], (float) ($one['word']['from'] ?? -INF), (float) ($one['word']['to'] ?? INF), (float) $one['word']['spread']) : (float) $one['off'], $floats($one['slopes'])), $document['found'])), $document['weighed'],
        );
    }
}
