<?php

declare(strict_types=1);

namespace App\Stove;

use App\Contracts\BadDocument;
use App\Contracts\PlanRequestDocument;
use App\Models\Cook;
use App\Models\CookEvent;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\UniqueConstraintViolationException;

/** Keeps one touch at the stove. Posting it again changes nothing; posting another under its id is refused. */
final class SaveEvent
{
    /** As an archive takes them; a cook has some forty. */
    private const MOST = 2000;

    /**
     * @param  array<string, mixed>  $document  cook-event, held to its schema
     *
     * @return bool whether it was new
     *
     * @throws BadDocument when it names a stage that this cook does not have; an undo may come before what it takes back
     */
    public static function save(Cook $cook, User $user, array $document, DeviceClock $clock): bool
    {
        try {
            CookEvent::query()->create(self::heard($cook, $user, $document, $clock));
        } catch (UniqueConstraintViolationException) {
            $known = self::known($cook, self::words($document['id']));

            return $known === null ? abort(409) : self::sameOrRefused($known, $document);
        }

        return true;
    }

    /**
     * A row of cook_events, as it comes from a device now.
     *
     * @param  array<string, mixed>  $document  cook-event, held to its schema
     *
     * @return array<string, mixed>
     *
     * @throws BadDocument when it names a stage that this cook does not have
     */
    public static function heard(Cook $cook, User $user, array $document, DeviceClock $clock): array
    {
        // One that is there already is no more of them.
        if (CookEvent::query()->where('cook_id', $cook->id)->count() >= self::MOST && self::known($cook, self::words($document['id'])) === null) {
            throw BadDocument::at('', 'is one too many: a pan has at most '.self::MOST.' touches');
        }
        if ($document['kind'] === 'weigh') {
            self::canBeWeighed($cook, $document);
        }
        $at = $clock->moment(self::at($document));

        return self::row($cook, $user, $document, ['device_at' => $at, 'server_at' => CarbonImmutable::now()->getTimestampMs(), 'out_of_time' => $clock->isImpossible($at, $cook->created_at->getTimestampMs())]);
    }

    /**
     * One that is known to be new.
     *
     * @param  array<string, mixed>  $document  cook-event, held to its schema
     * @param  string|null  $by  who said it, where that was no user of this kitchen
     * @param  int  $received  ms since 1970, by the server's clock
     *
     * @throws BadDocument when it names a stage or an event that this cook does not have
     * @throws UniqueConstraintViolationException
     */
    public static function from(Cook $cook, User $user, array $document, ?string $by, int $received): void
    {
        CookEvent::query()->create(self::row($cook, $user, $document, ['said_by' => $by, 'server_at' => $received]));
    }

    /**
     * A row of cook_events.
     *
     * @param  array<string, mixed>  $document  cook-event, held to its schema
     * @param  array<string, mixed>  $how  further columns, before what the event says itself
     *
     * @return array<string, mixed>
     *
     * @throws BadDocument when it names a stage that this cook does not have
     */
    public static function row(Cook $cook, User $user, array $document, array $how): array
    {
        self::check($cook, $document);

        return [
            'kitchen_id' => $cook->kitchen_id,
            'cook_id' => $cook->id,
            'user_id' => $user->id,
            'said_by' => null,
            'uuid' => $document['id'],
            'kind' => $document['kind'],
            'payload' => $document,
            'device_at' => self::at($document),
            'out_of_time' => false,
            ...$how,
        ];
    }

    /**
     * Only what is weighed now is held to this: an archive comes in as it went out.
     *
     * @param  array<string, mixed>  $document  cook-event, held to its schema
     *
     * @throws BadDocument if no pan of this size can weigh so much
     */
    private static function canBeWeighed(Cook $cook, array $document): void
    {
        $holds = PlanRequestDocument::of($cook->plan->request)->ask()->mostInThePan();
        $most = self::number($document['tare_g']) + self::number($document['extras_g']) + $holds;
        if (self::number($document['gross_g']) > $most) {
            throw BadDocument::at('/gross_g', 'must be at most '.round($most).' g: the empty pan, what else is in it, its rice, and the pan full of water to the rim');
        }
    }

    /** @param  array<string, mixed>  $document */
    private static function at(array $document): int
    {
        return self::milliseconds(self::words($document['at']));
    }

    /** @param  array<string, mixed>  $document */
    private static function check(Cook $cook, array $document): void
    {
        $stages = $cook->plan->working['plan']['stages'];
        $stage = $document['stage'] ?? null;
        if (is_int($stage) && ! isset($stages[$stage])) {
            throw BadDocument::at('/stage', 'must be a whole number from 0 to '.(count($stages) - 1).' (index of the stage in the plan)');
        }
        if (is_int($stage) && $document['kind'] === 'pour' && ! in_array($stages[$stage]['kind'], ['wine', 'pour'], true)) {
            throw BadDocument::at('/stage', "nothing is poured at this stage ({$stages[$stage]['kind']})");
        }
        $field = $document['kind'] === 'heat' ? 'mark' : 'setting';
        if (isset($document[$field]) && ! isset($cook->plan->request['burner']['net_w'][self::words($document[$field])])) {
            throw BadDocument::at("/$field", 'must be one of the marks of this ring: '.implode(', ', array_keys($cook->plan->request['burner']['net_w'])));
        }
        if ($document['kind'] === 'weigh' && self::number($document['gross_g']) <= self::number($document['tare_g']) + self::number($document['extras_g'])) {
            throw BadDocument::at('/gross_g', 'must be more than the empty pan and what else is in it, '.round(self::number($document['tare_g']) + self::number($document['extras_g'])).' g');
        }
        if ($document['kind'] === 'taste' && ! isset($document['taste']) && ! isset($document['salt'])) {
            throw BadDocument::at('/taste', 'is missing: what the tooth says, or /salt, what the tongue does');
        }
        $works = count($cook->plan->working['prep']);
        if ($document['kind'] === 'beside' && $document['work'] >= $works) {
            throw BadDocument::at('/work', $works === 0 ? 'this plan has no work beside the pan' : 'must be a whole number from 0 to '.($works - 1).' (place in the list of works beside the pan)');
        }
        if (self::at($document) <= 0) {
            throw BadDocument::at('/at', 'is not a moment on the clock');
        }
    }

    /** @param  array<string, mixed>  $document */
    private static function sameOrRefused(CookEvent $known, array $document): bool
    {
        ksort($document);
        $payload = $known->payload;
        ksort($payload);
        abort_if($payload != $document, 409);

        return false;
    }

    private static function known(Cook $cook, string $id): ?CookEvent
    {
        return CookEvent::query()->where('cook_id', $cook->id)->where('uuid', $id)->first();
    }

    /** @return int ms since 1970, or 0 when the text is no moment */
    private static function milliseconds(string $at): int
    {
        $moment = CarbonImmutable::canBeCreatedFromFormat($at, 'Y-m-d\TH:i:s.v\Z') ? CarbonImmutable::createFromFormat('Y-m-d\TH:i:s.v\Z', $at, 'UTC') : null;

        return $moment === null ? 0 : $moment->getTimestampMs();
    }

    private static function number(mixed $value): float
    {
        return is_numeric($value) ? (float) $value : 0.0;
    }

    private static function words(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}
