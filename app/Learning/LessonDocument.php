<?php

declare(strict_types=1);

namespace App\Learning;

use Velko\Core\Learning\Effect;
use Velko\Core\Learning\Lesson;
use Velko\Core\Learning\Observation;
use Velko\Core\Learning\Parameter;
use Velko\Core\Learning\SaidWord;

/** A lesson as it is kept beside the events it was made from. */
final class LessonDocument
{
    /** @return array<string, mixed> */
    public static function of(Lesson $lesson): array
    {
        return [
            'id' => $lesson->id, 'at' => $lesson->at, 'weighed' => $lesson->weighed, 'given' => $lesson->given,
            'observations' => array_map(static fn (Observation $observation): array => [
                'kind' => $observation->kind, 'slopes' => $observation->slopes, 'grams' => $observation->grams, 'curves' => $observation->curves,
                ...$observation->what instanceof SaidWord ? ['word' => self::word($observation->what)] : ['off' => $observation->what],
            ], $lesson->observations),
            'effects' => array_map(static fn (Effect $effect): array => ['of' => $effect->of, 'mark' => $effect->mark, 'parameters' => array_map(static fn (Parameter $parameter): array => ['of' => $parameter->of, 'whose' => $parameter->whose, 'mark' => $parameter->mark], $effect->parameters)], $lesson->effects),
        ];
    }

    /** @return array{thought: float, from: float|null, to: float|null, spread: float, said: string|null} null for no end */
    private static function word(SaidWord $word): array
    {
        return ['thought' => $word->thought, 'from' => is_finite($word->from) ? $word->from : null, 'to' => is_finite($word->to) ? $word->to : null, 'spread' => $word->spread, 'said' => $word->said];
    }

    /** @param  array<string, mixed>  $document */
    public static function read(array $document): Lesson
    {
        return new Lesson($document['id'], $document['at'], array_values(array_map(self::effect(...), $document['effects'])), self::floats($document['given']), array_values(array_map(self::observation(...), $document['observations'])), $document['weighed']);
    }

    /** @param  array<string, mixed>  $stored */
    private static function effect(array $stored): Effect
    {
        return new Effect($stored['of'], $stored['mark'], array_values(array_map(static fn (array $parameter): Parameter => Parameter::of($parameter['of'], $parameter['whose'], $parameter['mark']), $stored['parameters'])));
    }

    /** @param  array<string, mixed>  $stored */
    private static function observation(array $stored): Observation
    {
        $word = $stored['word'] ?? null;
        $what = $word === null ? (float) $stored['off'] : new SaidWord((float) $word['thought'], (float) ($word['from'] ?? -INF), (float) ($word['to'] ?? INF), (float) $word['spread'], $word['said']);

        return new Observation($stored['kind'], $what, self::floats($stored['slopes']), $stored['grams'] === null ? null : (float) $stored['grams'], array_map(floatval(...), $stored['curves']));
    }

    /**
     * @param  array<mixed>  $values
     *
     * @return list<float>
     */
    private static function floats(array $values): array
    {
        return array_values(array_map(floatval(...), $values));
    }
}
