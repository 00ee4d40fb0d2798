<?php

declare(strict_types=1);

namespace App\Learning;

use App\Bench\TimeBudget;
use App\Dish\DishContents;
use App\Kitchen\Source;
use App\Kitchen\Station;
use App\Models\Burner;
use App\Models\Kitchen;
use App\Models\OwnNumber;
use App\Models\Pan;
use App\Models\Rice;
use App\Night\EngineVersion;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;
use Velko\Core\Learning\Learned;
use Velko\Core\Learning\LearnedNumber;
use Velko\Core\Learning\Parameter;

/** The document velko.learned/1 of a kitchen: what its log teaches beside what its plans go by now, and where each of those numbers comes from. */
final class KitchenLearned
{
    private const KEPT_DAYS = 7;

    /** What is the whole kitchen's, as it is called. */
    private const OF_THE_KITCHEN = ['ladle' => 'ladle', 'scale' => 'scale', 'stock-temperature' => 'stock', 'altitude' => 'altitude'];

    private readonly int $leftOut;

    public readonly Learned $learned;

    private readonly int $told;

    public function __construct(private readonly Kitchen $kitchen)
    {
        $kitchen->withStation()->loadMissing('rices');
        $given = self::given($kitchen);
        $address = 'learned:'.hash('xxh128', serialize([EngineVersion::stamp(), $kitchen->id, $kitchen->created_at?->getTimestamp(), LessonStore::stamp($kitchen), $given]));
        $known = self::cache()->get($address);
        if (is_array($known)) {
            [$this->learned, $this->told, $this->leftOut] = $known;

            return;
        }
        $budget = new TimeBudget(2.0);
        $lessons = LessonStore::of($kitchen, $budget);
        $this->told = count($lessons);
        $this->learned = Learned::from($lessons, $given);
        $this->leftOut = $budget->leftOut;
        if ($this->leftOut === 0) {
            self::cache()->put($address, [$this->learned, $this->told, 0], CarbonImmutable::now()->addDays(self::KEPT_DAYS));
        }
    }

    /** In files: whatever else the house keeps where. */
    private static function cache(): Repository
    {
        return Cache::store('file');
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        $own = OwnNumber::query()->where('kitchen_id', $this->kitchen->id)->get()->sortByDesc('id');

        return [
            'format' => 'velko.learned/1', 'cooks' => $this->kitchen->cooks()->count(), 'told' => $this->told,
            'numbers' => array_values(array_filter(array_map(fn (LearnedNumber $number): ?array => $this->number($number, $own), LearnedDocument::shown($this->learned)), static fn (?array $number): bool => $number !== null)),
            'words_that_tell_nothing' => $this->learned->silent, 'left_out' => $this->leftOut,
        ];
    }

    /**
     * @param  Collection<int, OwnNumber>  $own  all there ever were
     *
     * @return array<string, mixed>|null null for a ring, a mark, a rice or a dish that is gone
     */
    private function number(LearnedNumber $number, Collection $own): ?array
    {
        $parameter = $number->parameter;
        $whose = OwnNumberSubject::of($parameter->of);
        $owner = $whose->find($this->kitchen, $parameter->whose);
        $setting = $owner instanceof Burner ? $owner->settings->firstWhere('mark', $parameter->mark) : null;
        if (($owner === null && $whose !== OwnNumberSubject::Kitchen) || ($owner instanceof Burner && $setting === null)) {
            return null;
        }
        $document = LearnedDocument::number($number, fn (Parameter $other): string => OwnNumberSubject::of($other->of)->find($this->kitchen, $other->whose)->name ?? self::OF_THE_KITCHEN[$other->of] ?? '');
        if ($owner === null || $owner instanceof Pan) {
            return $document + ['without' => $document['given'], 'source' => Source::Guessed->value];
        }
        $now = $owner->own->first(static fn (OwnNumber $row): bool => $row->of === $parameter->of && $row->mark === $parameter->mark && $row->standsFor($number->given));
        $isMeasured = $setting !== null ? $setting->net_w !== null : $owner instanceof Rice && $parameter->of === 'drinking' && $owner->boiled() !== null;
        $source = Source::of($now, $isMeasured);
        $history = $own->filter(static fn (OwnNumber $row): bool => $row->of === $parameter->of && $row->getAttribute($whose->value) === $owner->id && $row->mark === $parameter->mark);

        return [
            ...$document,
            'given' => LearnedDocument::said($parameter->of, $now->value ?? $number->given),
            'without' => LearnedDocument::said($parameter->of, $number->given),
            'pinned' => $source === Source::Pinned,
            'source' => $source->value,
            'burner_id' => $whose === OwnNumberSubject::Ring ? $owner->id : null,
            'rice_id' => $whose === OwnNumberSubject::Rice ? $owner->id : null,
            'dish_id' => $whose === OwnNumberSubject::Dish ? $owner->id : null,
            'history' => array_values($history->map(static fn (OwnNumber $row): array => [
                'value' => LearnedDocument::said($parameter->of, $row->value), 'cooks' => $row->cooks, 'by' => $row->said_by,
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
                $given[Parameter::mark((string) $burner->id, $setting->mark)->key()] = Station::givenNet($burner, $setting);
            }
        }
        foreach ($kitchen->rices as $rice) {
            foreach (Station::givenOfRice($rice) as $of => $value) {
                $given[Parameter::of($of, (string) $rice->id, null)->key()] = $value;
            }
        }
        foreach (LessonStore::dishes($kitchen) as $dish) {
            $left = DishContents::baseLeft($dish);
            $given += $left === null ? [] : [Parameter::base((string) $dish->id)->key() => $left];
        }

        return $given;
    }
}
