<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contracts\BadDocument;
use App\Contracts\BlendDocument;
use App\Contracts\EntityTag;
use App\Models\Burner;
use App\Models\BurnerSetting;
use App\Models\Device;
use App\Models\Ladle;
use App\Models\Pan;
use App\Models\Rice;
use App\Models\Stock;
use Illuminate\Database\Eloquent\Model;
use Velko\Core\Rice\Grain;
use Velko\Core\Safety\Allergen;
use Velko\Core\Safety\Base;

/** What a kitchen enters one by one, each by a contract of its own; the names are those of the addresses. */
enum Thing: string
{
    case Pans = 'pans';
    case Burners = 'burners';
    case Ladles = 'ladles';
    case Rices = 'rices';
    case Stocks = 'stocks';
    case Devices = 'devices';

    /** Of a stock, percent. */
    private const MOST_SALT = 5.0;

    /** Name of the schema in contracts/. */
    public function contract(): string
    {
        return match ($this) {
            self::Pans => 'pan',
            self::Burners => 'burner',
            self::Ladles => 'ladle',
            self::Rices => 'rice',
            self::Stocks => 'stock',
            self::Devices => 'device',
        };
    }

    /** As many as a kitchen may have. */
    public function most(): int
    {
        return match ($this) {
            self::Pans => 40,
            self::Burners, self::Devices => 24,
            self::Ladles => 12,
            self::Rices, self::Stocks => 60,
        };
    }

    /** @return class-string<Pan|Burner|Ladle|Rice|Stock|Device> */
    public function model(): string
    {
        return match ($this) {
            self::Pans => Pan::class,
            self::Burners => Burner::class,
            self::Ladles => Ladle::class,
            self::Rices => Rice::class,
            self::Stocks => Stock::class,
            self::Devices => Device::class,
        };
    }

    /** Of what somebody enters: of a device not what it reads. */
    public function tag(Model $row): string
    {
        return match (true) {
            $row instanceof Device => EntityTag::of($row->only(['name', 'kind', 'burner_id'])),
            $row instanceof Burner => EntityTag::ofRow($row, $row->settings->map(static fn (BurnerSetting $setting): array => $setting->only(['mark', 'share', 'net_w']))->sortBy('mark')->values()->all()),
            default => EntityTag::ofRow($row),
        };
    }

    /** The column by which a kitchen knows one from another. */
    public function name(): string
    {
        return $this === self::Ladles ? 'ml' : 'name';
    }

    /**
     * @param  array<string, mixed>  $document  held to its schema
     *
     * @return array<string, mixed> columns
     *
     * @throws BadDocument when fields contradict each other
     */
    public function columns(array $document): array
    {
        unset($document['format']);

        return match ($this) {
            self::Pans => self::pan($document),
            self::Burners => array_diff_key($document, ['marks' => true]),
            self::Ladles => $document,
            self::Rices => self::rice($document),
            self::Stocks => self::stock($document),
            self::Devices => self::device($document),
        };
    }

    /** Rows that cannot be retired because others stand on them: what is cooked with it, in words; null when it may go. */
    public function keeps(Model $row): ?string
    {
        $dishes = match (true) {
            $row instanceof Rice, $row instanceof Stock => $row->dishes()->pluck('name')->all(),
            default => [],
        };

        return $dishes === [] ? null : 'is needed for '.implode(', ', array_map(strval(...), $dishes));
    }

    /**
     * @param  array<string, mixed>  $document
     *
     * @return array<string, mixed>
     */
    private static function pan(array $document): array
    {
        if ($document['rim_cm'] < $document['base_cm']) {
            throw BadDocument::at('/rim_cm', "must be a number from {$document['base_cm']} to 150 (cm, not less than the base)");
        }

        return $document;
    }

    /**
     * @param  array<string, mixed>  $document
     *
     * @return array<string, mixed>
     */
    private static function rice(array $document): array
    {
        $window = $document['window_min'];
        if (is_array($window) && $window[1] < $window[0]) {
            throw BadDocument::at('/window_min/1', "must be a number from {$window[0]} to 60 (min, not less than the low end)");
        }

        $boiled = is_array($document['boiled'] ?? null) ? $document['boiled'] : null;
        if ($boiled !== null) {
            $drunk = Grain::drunkWhenBoiled((float) $boiled['raw_g'], (float) $boiled['drained_g']);
            if ($drunk < Grain::LEAST_DRUNK || $drunk > Grain::MOST_DRUNK) {
                $can = static fn (float $drunk): float => round($boiled['raw_g'] * ($drunk - Grain::drunkWhenBoiled(1.0, 0.0)));
                throw BadDocument::at('/boiled/drained_g', "must be a number from {$can(Grain::LEAST_DRUNK)} to {$can(Grain::MOST_DRUNK)} (g, of so much raw rice)");
            }
        }

        return [
            'boiled_raw_g' => $boiled['raw_g'] ?? null, 'boiled_drained_g' => $boiled['drained_g'] ?? null,
            'name' => $document['name'], 'variety' => $document['variety'], 'grams_per_cup' => $document['grams_per_cup'],
            'window_low' => $window[0] ?? null, 'window_high' => $window[1] ?? null,
        ];
    }

    /**
     * Another ring or another kind has other readings: those before count no more.
     *
     * @param  array<string, mixed>  $document
     *
     * @return array<string, mixed>
     */
    private static function device(array $document): array
    {
        if (Burner::query()->where('id', $document['burner_id'])->doesntExist()) {
            throw BadDocument::at('/burner_id', 'is not a ring of this kitchen');
        }

        return [...$document, 'value' => null, 'mark' => null, 'read_at' => null];
    }

    /**
     * @param  array<string, mixed>  $document
     *
     * @return array<string, mixed>
     */
    private static function stock(array $document): array
    {
        $document = [...$document, 'from_water' => $document['from_water'] ?? null, 'parts' => $document['parts'] ?? null];
        if (is_array($document['parts'])) {
            return self::blend($document);
        }
        $base = is_string($document['base']) ? Base::from($document['base']) : Base::Vegetable;
        if ($document['allergens'] === null) {
            return [...$document, 'base' => $base, 'allergens' => null];
        }
        $named = is_array($document['allergens']) ? array_map(static fn (mixed $name): Allergen => Allergen::from(is_string($name) ? $name : ''), $document['allergens']) : [];
        $own = array_values(array_filter($named, static fn (Allergen $allergen): bool => ! in_array($allergen, $base->brings(), true)));

        return [...$document, 'base' => $base, 'allergens' => $own];
    }

    /**
     * What is said of a blend as a whole follows from its parts.
     *
     * @param  array<string, mixed>  $document
     *
     * @return array<string, mixed>
     *
     * @throws BadDocument when its parts are not a whole
     */
    private static function blend(array $document): array
    {
        /** @var non-empty-list<array{name: string, percent: float, salt_percent: float, base: string|null, allergens: list<string>|null}> $parts */
        $parts = $document['parts'];
        $blend = BlendDocument::read($parts);
        if (! $blend->isWhole()) {
            throw BadDocument::at('/parts', 'must make 100 percent together, not '.round(100 * $blend->shares(), 1));
        }
        $salt = round($blend->saltPercent(), 2);
        if ($salt > self::MOST_SALT) {
            throw BadDocument::at('/parts', "must come to no more than 5 percent of salt together, not $salt");
        }

        return [...$document, 'base' => $blend->base(), 'salt_percent' => $salt, 'allergens' => $blend->allergens()];
    }
}
