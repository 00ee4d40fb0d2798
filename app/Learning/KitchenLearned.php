<?php

declare(strict_types=1);

namespace App\Learning;

use App\Kitchen\Patience;
use App\Kitchen\Source;
use App\Kitchen\Station;
use App\Models\Burner;
use App\Models\Kitchen;
use App\Models\OwnNumber;
use App\Models\Rice;
use App\Service\Engine;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;
use Velko\Core\Learning\Hidden;
use Velko\Core\Learning\Learned;
use Velko\Core\Learning\LearnedNumber;

/** velko.learned/1 of a kitchen: what its log teaches beside what its plans go by now, and where each of those numbers comes from. */
final class KitchenLearned
{
    private const KEPT_DAYS = 7;

    private readonly int $leftOut;

    public readonly Learned $learned;

    private readonly int $told;

    public function __construct(private readonly Kitchen $kitchen)
    {
        $kitchen->withStation()->loadMissing('rices');
        $given = self::given($kitchen);
        $address = 'learned:'.hash('xxh128', serialize([Engine::stamp(), $kitchen->id, $kitchen->created_at?->getTimestamp(), KeepLessons::stamp($kitchen), $given]));
        $known = self::kept()->get($address);
        if (is_array($known)) {
            [$this->learned, $this->told, $this->leftOut] = $known;

            return;
        }
        $patience = new Patience(2.0);
        $lessons = KeepLessons::of($kitchen, $patience);
        $this->told = count($lessons);
        $this->learned = Learned::from($lessons, $given);
        $this->leftOut = $patience->leftOut;
        if ($this->leftOut === 0) {
            self::kept()->put($address, [$this->learned, $this->told, 0], CarbonImmutable::now()->addDays(self::KEPT_DAYS));
        }
    }

    /** In files: whatever else the house keeps where. */
    private static function kept(): Repository
    {
        return Cache::store('file');
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        $own = OwnNumber::query()->where('kitchen_id', $this->kitchen->id)->get()->sortByDesc('id');

        return [
            'format' => 'velko.learned/1', 'cooks' => $this->kitchen->cooks()->count(), 'told' => $this->told,
            'numbers' => array_values(array_filter(array_map(fn (LearnedNumber $one): ?array => $this->number($one, $own), LearnedDocument::shown($this->learned)), static fn (?array $one): bool => $one !== null)),
            'left_out' => $this->leftOut,
        ];
    }

    /**
     * @param  Collection<int, OwnNumber>  $own  all there ever were
     *
     * @return array<string, mixed>|null null for a ring, a mark, a rice or a dish that is gone
     */
    private function number(LearnedNumber $one, Collection $own): ?array
    {
        $hidden = $one->hidden;
        $whose = Whose::of($hidden->of);
        $owner = $whose->find($this->kitchen, $hidden->whose);
        $setting = $owner instanceof Burner ? $owner->settings->firstWhere('mark', $hidden->mark) : null;
        if ($owner === null || ($owner instanceof Burner && $setting === null)) {
            return null;
        }
        $now = $owner->own->first(static fn (OwnNumber $row): bool => $row->of === $hidden->of && $row->mark === $hidden->mark && $row->standsFor($one->given));
        $isMeasured = $setting !== null ? $setting->net_w !== null : $owner instanceof Rice && $hidden->of === 'drinking' && $owner->boiled() !== null;
        $source = Source::of($now, $isMeasured);
        $history = $own->filter(static fn (OwnNumber $row): bool => $row->of === $hidden->of && $row->getAttribute($whose->value) === $owner->id && $row->mark === $hidden->mark);

        return [
            ...LearnedDocument::number($one, $owner->name),
            'given' => LearnedDocument::said($hidden->of, $now->value ?? $one->given),
            'without' => LearnedDocument::said($hidden->of, $one->given),
            'pinned' => $source === Source::Pinned,
            'source' => $source->value,
            'burner_id' => $whose === Whose::Ring ? $owner->id : null,
            'rice_id' => $whose === Whose::Rice ? $owner->id : null,
            'dish_id' => $whose === Whose::Dish ? $owner->id : null,
            'history' => array_values($history->map(static fn (OwnNumber $row): array => [
                'value' => LearnedDocument::said($hidden->of, $row->value), 'cooks' => $row->cooks, 'by' => $row->said_by,
                'at' => $row->at->toIso8601String(), 'until' => $row->until?->toIso8601String(),
            ])->all()),
        ];
    }

    /** @return array<string, float> what is guessed or measured of each number, by its key */
    private static function given(Kitchen $kitchen): array
    {
        $given = [];
        foreach ($kitchen->burners as $burner) {
            foreach ($burner->settings as $setting) {
                $given[Hidden::mark((string) $burner->id, $setting->mark)->key()] = Station::givenNet($burner, $setting);
            }
        }
        foreach ($kitchen->rices as $rice) {
            foreach (Station::givenOfRice($rice) as $of => $value) {
                $given[Hidden::of($of, (string) $rice->id, null)->key()] = $value;
            }
        }
        foreach (KeepLessons::dishes($kitchen) as $dish) {
            $left = Station::givenOfDish($dish);
            $given += $left === null ? [] : [Hidden::base((string) $dish->id)->key() => $left];
        }

        return $given;
    }
}
