<?php

declare(strict_types=1);

namespace Velko\Core\Cook;

/** What a touch at the stove says. */
enum TouchKind: string
{
    case Start = 'start';
    case Done = 'done';
    case Pour = 'pour';
    case Splash = 'splash';
    case Lift = 'lift';
    case Heat = 'heat';
    case Lid = 'lid';
    case Sign = 'sign';
    case NotYet = 'not-yet';
    case Taste = 'taste';
    case Weigh = 'weigh';
    case Beside = 'beside';
    case Trouble = 'trouble';
    case Undo = 'undo';
    case Verdict = 'verdict';
    case BackOn = 'back-on';
    case Abandon = 'abandon';
    case Note = 'note';

    /** Whether it says that a stage of the plan was done. */
    public function marksAStage(): bool
    {
        return $this === self::Done || $this === self::Pour;
    }

    /** Whether liquid went in. */
    public function poursIn(): bool
    {
        return $this === self::Pour || $this === self::Splash;
    }

    /** Whether the pan is on from then at the latest. */
    public function begins(): bool
    {
        return $this === self::Start || $this->marksAStage() || $this->poursIn();
    }

    /** Whether it moves the pan itself: what hands did, not what anybody thought, tasted or weighed. */
    public function isByHand(): bool
    {
        return $this->begins() || in_array($this, [self::Lift, self::Heat, self::Lid, self::BackOn, self::Undo], true);
    }
}
