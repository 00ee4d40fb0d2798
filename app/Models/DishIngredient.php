<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Velko\Core\Food\Goes;
use Velko\Core\Mise\Scales;
use Velko\Core\Mise\Until;
use Velko\Core\Safety\Allergen;
use Velko\Core\Safety\Diet;
use Velko\Core\Safety\Part;

/**
 * @property int $position
 * @property string $name
 * @property float $amount
 * @property 'g'|'ml'|'pieces' $unit
 * @property Scales $per
 * @property Goes $goes
 * @property float|null $minute
 * @property float|null $before_min min in the pan before the next goes in; null: as its sign usually takes
 * @property Until|null $until
 * @property bool $comes_out
 * @property float|null $temperature_c null: as it is kept
 * @property array<string, mixed>|null $food food.json: where the kitchen's numbers differ from what it is known by; null: nowhere
 * @property Diet|null $suits null: nobody has said
 * @property list<Allergen>|null $allergens null: nobody has said
 */
final class DishIngredient extends Model
{
    use BelongsToKitchen;

    public $timestamps = false;

    protected $guarded = ['id'];

    public function part(): Part
    {
        return new Part($this->name, $this->suits, $this->allergens ?? [], complete: $this->allergens !== null);
    }

    protected function casts(): array
    {
        return ['amount' => 'float', 'minute' => 'float', 'before_min' => 'float', 'until' => Until::class, 'comes_out' => 'boolean', 'temperature_c' => 'float', 'food' => 'array', 'per' => Scales::class, 'goes' => Goes::class, 'suits' => Diet::class, 'allergens' => AllergenList::class];
    }
}
