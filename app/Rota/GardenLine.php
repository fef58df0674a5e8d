<?php

declare(strict_types=1);

namespace App\Rota;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropName;
use Marrow\Core\Rota\RotaLine;

/** A variety of the garden, as one line of the rota. */
final readonly class GardenLine
{
    /**
     * @param  list<HeldLot>  $lots  of which there is seed, the best first
     * @param  ?RotaLine  $line  null where it has no part in the rota
     * @param  string  $apart  why it has none; empty where it has
     * @param  ?string  $standing  code of the planting that stands for seed now
     * @param  ?int  $standingRipe  season in which that gives seed
     * @param  int  $plants  of a growing
     * @param  ?string  $cannot  why its seed would not come true in this garden
     */
    public function __construct(public string $variety, public string $name, public Crop $crop, public LineWish $wish, public array $lots, public ?RotaLine $line, public string $apart, public ?string $standing, public ?int $standingRipe, public int $plants, public ?string $cannot) {}

    public function title(): string
    {
        return "$this->name, {$this->cropName()}";
    }

    public function cropName(): string
    {
        return CropName::inSentence($this->crop->name);
    }

    public function isLast(): bool
    {
        return count($this->lots) === 1;
    }
}
