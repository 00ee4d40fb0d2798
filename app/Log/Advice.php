<?php

declare(strict_types=1);

namespace App\Log;

/** The two or three things worth changing, each with what it rests on; nothing that the data do not carry. */
final readonly class Advice
{
    private const MOST = 3;

    /** Cooks on which a word about a ring or a dish rests at least. */
    private const FEW = 4;

    /** A ring that is off by less is no matter. */
    private const OFF = 0.06;

    /** A ring that is known no better than this is worth weighing on: its band, as a share. */
    private const WIDE = 0.30;

    /** A dish that takes so much more or less than planned, as a share, in so many standard errors. */
    private const TAKES = 0.04;

    private const SURELY = 2.0;

    /** From one cook of a dish to the next (our estimate: a ladle, and a ring half off its mark). */
    private const A_COOK = 0.06;

    /**
     * @param  list<array<string, mixed>>  $numbers  of velko.learned/1
     * @param  list<array<string, mixed>>  $dishes  of velko.weeks/1
     */
    public function __construct(private array $numbers, private array $dishes) {}

    /** @return list<array<string, mixed>> of velko.weeks/1, what weighs most first */
    public function all(): array
    {
        $all = [...$this->rings(), ...$this->dishes(), ...$this->weighings()];
        usort($all, static fn (array $a, array $b): int => $b['weight'] <=> $a['weight']);

        return array_map(static fn (array $one): array => array_diff_key($one, ['weight' => true]), array_slice($all, 0, self::MOST));
    }

    /** @return list<array<string, mixed>> rings whose marks are wrong, surely */
    private function rings(): array
    {
        $all = [];
        foreach ($this->byRing() as $marks) {
            $sure = array_filter($marks, static fn (array $one): bool => $one['cooks'] >= self::FEW && ($one['low_90'] > $one['given'] || $one['high_90'] < $one['given']));
            if ($sure === []) {
                continue;
            }
            $most = self::mostTold($sure);
            $off = $most['value'] / $most['given'] - 1;
            if (abs($off) > self::OFF) {
                $all[] = ['weight' => abs($off) * sqrt($most['cooks']), 'kind' => 'correct-ring', 'ring' => $most['ring'], 'burner_id' => $most['burner_id'], 'dish' => null, 'dish_id' => null, 'percent' => round(100 * $off), 'cooks' => $most['cooks'],
                    'least_percent' => round(100 * ($most['low_90'] / $most['given'] - 1)), 'most_percent' => round(100 * ($most['high_90'] / $most['given'] - 1))];
            }
        }

        return $all;
    }

    /** @return list<array<string, mixed>> dishes that take more or less than planned, again and again */
    private function dishes(): array
    {
        $all = [];
        foreach ($this->dishes as $dish) {
            $good = $dish['wanted'];
            if ($good === null || $good['of_planned'] === null) {
                continue;
            }
            $off = $good['of_planned'] - 1;
            $error = self::A_COOK / sqrt($good['cooks']);
            if (abs($off) > max(self::TAKES, self::SURELY * $error)) {
                $all[] = ['weight' => abs($off) * sqrt($good['cooks']), 'kind' => 'dish-takes', 'ring' => $good['ring'], 'burner_id' => null, 'dish' => $dish['name'], 'dish_id' => $dish['id'], 'percent' => round(100 * $off), 'cooks' => $good['cooks'],
                    'least_percent' => round(100 * ($off - self::SURELY * $error)), 'most_percent' => round(100 * ($off + self::SURELY * $error))];
            }
        }

        return $all;
    }

    /** @return list<array<string, mixed>> rings that are cooked on and hardly known */
    private function weighings(): array
    {
        $all = [];
        foreach ($this->byRing() as $marks) {
            $told = array_filter($marks, static fn (array $one): bool => $one['cooks'] >= self::FEW && $one['source'] !== 'measured' && $one['source'] !== 'pinned');
            if ($told === []) {
                continue;
            }
            $most = self::mostTold($told);
            $wide = ($most['high_90'] - $most['low_90']) / $most['value'];
            if ($wide > self::WIDE) {
                $all[] = ['weight' => 0.1 * $wide * sqrt($most['cooks']), 'kind' => 'weigh-on-ring', 'ring' => $most['ring'], 'burner_id' => $most['burner_id'], 'dish' => null, 'dish_id' => null, 'percent' => round(100 * $wide / 2), 'cooks' => $most['cooks'], 'least_percent' => null, 'most_percent' => null];
            }
        }

        return $all;
    }

    /**
     * The mark on which most was cooked.
     *
     * @param  non-empty-array<array<string, mixed>>  $marks
     *
     * @return array<string, mixed>
     */
    private static function mostTold(array $marks): array
    {
        usort($marks, static fn (array $a, array $b): int => $b['cooks'] <=> $a['cooks']);

        return $marks[0];
    }

    /** @return array<int, non-empty-list<array<string, mixed>>> marks by ring */
    private function byRing(): array
    {
        $rings = [];
        foreach ($this->numbers as $one) {
            if ($one['of'] === 'ring-power' && isset($one['burner_id'])) {
                $rings[$one['burner_id']][] = $one;
            }
        }

        return $rings;
    }
}
