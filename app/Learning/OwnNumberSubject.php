<?php

declare(strict_types=1);

namespace App\Learning;

use App\Contracts\BadDocument;
use App\Models\Burner;
use App\Models\Dish;
use App\Models\Kitchen;
use App\Models\Pan;
use App\Models\Rice;

/** What a number of the kitchen's own belongs to, by the field that names it in own_numbers and in velko.own-number/1. */
enum OwnNumberSubject: string
{
    case Ring = 'burner_id';
    case Rice = 'rice_id';
    case Dish = 'dish_id';
    case Pan = 'pan_id';
    case Kitchen = 'kitchen_id';

    /** @param  'ring-power'|'pan-power'|'drinking'|'doneness'|'crust'|'base-yield'|'ladle'|'scale'|'altitude'|'stock-temperature'  $of */
    public static function of(string $of): self
    {
        return match ($of) {
            'ring-power' => self::Ring,
            'drinking', 'doneness', 'crust' => self::Rice,
            'base-yield' => self::Dish,
            'pan-power' => self::Pan,
            'ladle', 'scale', 'altitude', 'stock-temperature' => self::Kitchen,
        };
    }

    /** As an archive has it, by name. */
    public function word(): string
    {
        return match ($this) {
            self::Ring => 'burner',
            self::Rice => 'rice',
            self::Dish => 'dish',
            self::Pan => 'pan',
            self::Kitchen => 'kitchen',
        };
    }

    /** The row with this id; null if it is gone, or belongs to another kitchen. */
    public function find(Kitchen $kitchen, mixed $id): Burner|Rice|Dish|Pan|null
    {
        return is_numeric($id) ? match ($this) {
            self::Ring => $kitchen->withStation()->burners->find((int) $id),
            self::Rice => $kitchen->loadMissing('rices')->rices->find((int) $id),
            self::Dish => $kitchen->dish((int) $id),
            self::Pan => $kitchen->withStation()->pans->find((int) $id),
            self::Kitchen => null,
        } : null;
    }

    /**
     * @param  array<string, mixed>  $entry  velko.own-number/1, held to its schema
     *
     * @throws BadDocument
     */
    public function named(Kitchen $kitchen, array $entry): Burner|Rice|Dish
    {
        $owner = $this->find($kitchen, $entry[$this->value] ?? null);

        return $owner instanceof Burner || $owner instanceof Rice || $owner instanceof Dish ? $owner : throw BadDocument::at("/$this->value", "there is no such {$this->word()} in this kitchen");
    }
}
