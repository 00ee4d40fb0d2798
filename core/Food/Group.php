<?php

declare(strict_types=1);

namespace Velko\Core\Food;

/** What kind of thing it is: what is not known of a food is taken from its group. Starting values, our estimates from common kitchen yields. */
enum Group: string
{
    case Allium = 'allium';
    case Vegetable = 'vegetable';
    case Leaf = 'leaf';
    case Mushroom = 'mushroom';
    case Puree = 'puree';
    case Tomato = 'tomato';
    case Pulse = 'pulse';
    case Dried = 'dried';
    case Fish = 'fish';
    case Prawn = 'prawn';
    case Squid = 'squid';
    case InShell = 'in-shell';
    case Meat = 'meat';
    case Cured = 'cured';
    case Dairy = 'dairy';
    case Fat = 'fat';
    case Nut = 'nut';
    case Pickle = 'pickle';
    case Seasoning = 'seasoning';

    /** As it is usually cut, on a rice that nobody stirs; null for what melts into it. */
    public function piece(): ?Piece
    {
        return match ($this) {
            self::Vegetable => new Piece(6.0, 3.0, 2.0),
            self::Mushroom => new Piece(7.0, 3.5, 2.0),
            self::Pulse => new Piece(1.0, 1.2, 0.9),
            self::Dried => new Piece(0.6, 1.2, 0.8),
            self::Fish => new Piece(45.0, 5.0, 4.0),
            self::Prawn => new Piece(18.0, 5.0, 3.0),
            self::Squid => new Piece(6.0, 4.0, 1.5),
            self::InShell => new Piece(18.0, 5.5, 2.8),
            self::Meat => new Piece(35.0, 5.0, 3.5),
            self::Cured => new Piece(6.0, 3.0, 3.0),
            self::Nut => new Piece(1.2, 2.2, 1.1),
            self::Pickle => new Piece(4.0, 2.5, 1.5),
            self::Allium, self::Leaf, self::Puree, self::Tomato, self::Dairy, self::Fat, self::Seasoning => null,
        };
    }

    /** Whether it is flesh of an animal, not cured. */
    public function isFlesh(): bool
    {
        return in_array($this, [self::Fish, self::Prawn, self::Squid, self::InShell, self::Meat], true);
    }

    /** Whether one of them may weigh anything from a gram to a kilogram: of the others one is a leaf, a pod, a stick. */
    public function isHeavy(): bool
    {
        return ! in_array($this, [self::Leaf, self::Pulse, self::Dried, self::Fat, self::Nut, self::Pickle, self::Seasoning], true);
    }

    /** What is taken for a thing that nobody knows by name. */
    public static function usual(): self
    {
        return self::Vegetable;
    }

    /** A food of this kind of which nothing else is known. */
    public function food(): Food
    {
        return match ($this) {
            self::Allium => new Food($this, 0.89, frees: 0.10, tau: 6.0, loses: 0.30, losesSpread: 0.10),
            self::Vegetable => new Food($this, 0.90, frees: 0.10, tau: 6.0, loses: 0.15, losesSpread: 0.08),
            self::Leaf => new Food($this, 0.92, frees: 0.35, tau: 2.0, loses: 0.40, losesSpread: 0.10),
            self::Mushroom => new Food($this, 0.92, frees: 0.45, tau: 5.0, loses: 0.50, losesSpread: 0.10),
            self::Puree => new Food($this, 0.85, frees: 0.70, tau: 0.0),
            self::Tomato => new Food($this, 0.94, frees: 0.80, tau: 0.0, loses: 0.65, losesSpread: 0.08),
            self::Pulse => new Food($this, 0.65),
            self::Dried => new Food($this, 0.12, takes: 1.5, tau: 10.0, kept: Food::ROOM_C),
            self::Fish => new Food($this, 0.80, fat: 0.03, frees: 0.12, tau: 3.0, loses: 0.12, losesSpread: 0.05),
            self::Prawn => new Food($this, 0.78, fat: 0.01, salt: 0.6, frees: 0.15, tau: 2.0, loses: 0.15, losesSpread: 0.05),
            self::Squid => new Food($this, 0.79, fat: 0.01, salt: 0.4, frees: 0.30, tau: 5.0, loses: 0.35, losesSpread: 0.08),
            // What they set free when they open is 15 % of the whole, shell and all: 0.375 of the 80 % water of the half that is no shell.
            self::InShell => new Food($this, 0.80, fat: 0.01, salt: 0.7, frees: 0.375, tau: 1.0, shell: 0.5),
            self::Meat => new Food($this, 0.74, fat: 0.04, salt: 0.2, frees: 0.15, tau: 8.0, loses: 0.08, losesSpread: 0.04),
            self::Cured => new Food($this, 0.50, fat: 0.35, salt: 3.2, frees: 0.05, tau: 6.0, loses: 0.20, losesSpread: 0.08),
            self::Dairy => new Food($this, 0.80, fat: 0.12, salt: 0.1, frees: 1.0, tau: 0.0),
            self::Fat => new Food($this, 0.0, fat: 1.0, kept: Food::ROOM_C),
            self::Nut => new Food($this, 0.05, fat: 0.50, kept: Food::ROOM_C),
            self::Pickle => new Food($this, 0.75, fat: 0.10, salt: 2.8, frees: 0.05, tau: 4.0, kept: Food::ROOM_C),
            self::Seasoning => new Food($this, 0.10, kept: Food::ROOM_C),
        };
    }
}
