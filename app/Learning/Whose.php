<?php

declare(strict_types=1);

namespace App\Learning;

use App\Contracts\BadDocument;
use App\Models\Burner;
use App\Models\Dish;
use App\Models\Kitchen;
use App\Models\Rice;

/** What a number of the kitchen's own belongs to, by the field that names it in own_numbers and in velko.own-number/1. */
enum Whose: string
{
    case Ring = 'burner_id';
    case Rice = 'rice_id';
    case Dish = 'dish_id';

    /** @param  'ring-power'|'drinking'|'doneness'|'crust'|'base-yield'  $of */
    public static function of(string $of): self
    {
        return match ($of) {
            'ring-power' => self::Ring,
            'drinking', 'doneness', 'crust' => self::Rice,
            'base-yield' => self::Dish,
        };
    }

    /** As an archive has it, by name. */
    public function word(): string
    {
        return match ($this) {
            self::Ring => 'burner',
            self::Rice => 'rice',
            self::Dish => 'dish',
        };
    }

    /** null for one that is gone, or another kitchen's */
    public function find(Kitchen $kitchen, mixed $id): Burner|Rice|Dish|null
    {
        return is_numeric($id) ? match ($this) {
            self::Ring => $kitchen->withStation()->burners->find((int) $id),
            self::Rice => $kitchen->loadMissing('rices')->rices->find((int) $id),
            self::Dish => $kitchen->dish((int) $id),
        } : null;
    }

    /**
     * @param  array<string, mixed>  $entry  velko.own-number/1, held to its schema
     *
     * @throws BadDocument
     */
    public function named(Kitchen $kitchen, array $entry): Burner|Rice|Dish
    {
        return $this->find($kitchen, $entry[$this->value] ?? null) ?? throw BadDocument::at("/$this->value", "there is no such {$this->word()} in this kitchen");
    }
}
