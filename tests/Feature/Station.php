<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Contracts\Contract;
use App\Models\Burner;
use App\Models\BurnerSetting;
use App\Models\Dish;
use App\Models\Firing;
use App\Models\Kitchen;
use App\Models\Ladle;
use App\Models\Night;
use App\Models\Pan;
use App\Models\Rice;
use App\Models\Stock;
use App\Models\User;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** A small kitchen of its own for a test: one cook, one pan, one ring, one dish. */
final class Station
{
    private function __construct(
        public readonly Kitchen $kitchen,
        public readonly User $cook,
        public readonly Pan $pan,
        public readonly Burner $burner,
        public readonly Dish $dish,
    ) {}

    public static function open(): self
    {
        $cook = User::factory()->create();
        $in = ['kitchen_id' => $cook->kitchen_id];
        $pan = Pan::query()->create([...$in, 'name' => '28 sautoir', 'base_cm' => 26, 'rim_cm' => 28, 'height_cm' => 7.5, 'metal_j_per_k' => 1150]);
        $burner = Burner::query()->create([...$in, 'name' => 'ring 2', 'ring_cm' => 15, 'fuel' => 'gas', 'rated_w' => 5000]);
        foreach (['low' => 0.12, 'medium' => 0.4, 'high' => 1.0] as $mark => $share) {
            BurnerSetting::query()->create([...$in, 'burner_id' => $burner->id, 'mark' => $mark, 'share' => $share, 'net_w' => $mark === 'medium' ? 820 : null, 'position' => strlen($mark)]);
        }
        Ladle::query()->create([...$in, 'ml' => 90]);
        $rice = Rice::query()->create([...$in, 'name' => 'carnaroli', 'variety' => 'carnaroli']);
        $stock = Stock::query()->create([...$in, 'name' => 'vegetable stock', 'salt_percent' => 0.5, 'held_at_c' => 92, 'allergens' => []]);
        $dish = Dish::query()->create([
            ...$in, 'name' => 'leek risotto', 'family' => 'risotto', 'rice_id' => $rice->id, 'stock_id' => $stock->id,
            'grams_main' => 80, 'grams_starter' => 45, 'wine_ml_per_80_g' => 25, 'doses' => 'ladle-by-ladle', 'stirring' => 'constant',
            'sealed' => true, 'finish_min' => 1, 'rest_min' => 0, 'rest_covered' => false, 'looseness' => 0.85, 'minutes_to_table' => 2, 'finish' => 'butter and cheese',
        ]);

        return new self($cook->kitchen, $cook, $pan, $burner, $dish);
    }

    /** @return array<string, mixed> velko.ask/1 */
    public function ask(mixed ...$with): array
    {
        return [
            'format' => 'velko.ask/1', 'dish_id' => $this->dish->id, 'covers' => 6, 'portion' => 'main',
            'pan_id' => $this->pan->id, 'burner_id' => $this->burner->id, 'table_at' => '19:40', 'heat' => null, ...$with,
        ];
    }

    /** Six of its dish, for a table of tonight at 19:40 in London. */
    public function firing(mixed ...$with): Firing
    {
        $night = Night::query()->firstOrCreate(['kitchen_id' => $this->kitchen->id, 'on' => '2026-05-04'], ['hands' => [['name' => '', 'from' => '17:00', 'to' => '23:00', 'count' => 2]], 'taken' => [], 'wash_min' => 4, 'merge' => true]);

        return $night->firings()->create(['kitchen_id' => $this->kitchen->id, 'dish_id' => $this->dish->id, 'covers' => 6, 'starters' => 0, 'label' => '', 'table_at' => '2026-05-04 18:40:00', 'early_min' => 3, 'late_min' => 2, 'parts' => 1, ...$with]);
    }

    /** @return array<string, mixed> velko.start-cook/1 */
    public function start(mixed ...$with): array
    {
        return ['format' => 'velko.start-cook/1', 'id' => (string) Str::uuid(), 'ask' => $this->ask(), ...$with];
    }

    /** @return array<string, mixed> cook-event */
    public static function event(string $kind, mixed ...$with): array
    {
        return ['id' => (string) Str::uuid(), 'kind' => $kind, 'at' => '2026-05-04T18:30:00.000Z', ...$with];
    }

    /** Holds an answer to its schema in contracts/. */
    public static function keeps(string $contract, string $json): void
    {
        $faults = array_map(static fn ($fault) => $fault->line(), Contract::named($contract)->faults(json_decode($json)));
        expect($faults)->toBe([]);
    }

    /** An archive as it goes out, in lines, as the one document that velko.archive/1 is: what was written before is still read. */
    public static function archive(TestResponse $answer): string
    {
        $lines = array_map(json_decode(...), explode("\n", trim((string) gzdecode($answer->streamedContent()))));

        return json_encode([...(array) $lines[0], 'format' => 'velko.archive/1', 'cooks' => array_slice($lines, 1)], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }
}
