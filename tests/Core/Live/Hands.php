<?php

declare(strict_types=1);

namespace Tests\Core\Live;

/** How a cook's hands are: how late, how exact, what they forget. */
final readonly class Hands
{
    /**
     * @param  array{float, float}  $late  s after a call, at least and at most; below nothing they are early
     * @param  float  $pours  off by at most this share of a pour, either way
     * @param  'never'|'once'|'wrongly'  $weighs
     * @param  'never'|'rightly'|'late'|'wrongly'  $signs  what is said of the pan
     * @param  float  $skipsTaste  chance that a taste is passed over
     * @param  float  $forgetsKnob  chance that the knob is not turned where it is said to be
     * @param  bool  $calledAway  for five minutes, once, somewhere in the middle
     * @param  bool  $tares  weighs pan, base and rice before the first liquid
     */
    public function __construct(
        public string $kind,
        public array $late = [0.0, 30.0],
        public float $pours = 0.10,
        public string $weighs = 'once',
        public string $signs = 'rightly',
        public float $skipsTaste = 0.0,
        public float $forgetsKnob = 0.0,
        public bool $calledAway = false,
        public bool $tares = false,
    ) {}

    /** @return non-empty-list<self> */
    public static function kinds(): array
    {
        return [
            new self('steady, weighs once'),
            new self('steady, never weighs', weighs: 'never'),
            new self('40 s late at every call', late: [40.0, 40.0], weighs: 'never', signs: 'never'),
            new self('70 s late at every call', late: [70.0, 70.0], weighs: 'never', signs: 'never'),
            new self('late by up to 90 s, 15 % off', late: [0.0, 90.0], pours: 0.15),
            new self('early, weighs once', late: [-20.0, 0.0]),
            new self('says signs late or wrongly', signs: 'wrongly', weighs: 'never'),
            new self('weighs wrongly', weighs: 'wrongly'),
            new self('forgets the knob, skips the taste', weighs: 'once', skipsTaste: 0.7, forgetsKnob: 0.5),
            new self('called away for five minutes', calledAway: true),
            new self('70 s late, weighs once', late: [70.0, 70.0]),
        ];
    }
}
