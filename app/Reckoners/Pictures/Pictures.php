<?php

declare(strict_types=1);

namespace App\Reckoners\Pictures;

use App\Reckoners\Asked;
use Marrow\Core\Botany\CropReference;

/** The picture that goes with a reckoning, where a picture says more than the figures. */
final readonly class Pictures
{
    public function __construct(private CropReference $crops) {}

    public function of(Asked $asked): Picture|Range|null
    {
        return match (explode('.', $asked->name)[0]) {
            'germination', 'sowing' => GerminationPictures::of($asked),
            'moisture', 'air', 'drying', 'desiccant' => (new WaterPictures($this->crops))->of($asked),
            'storage', 'packets' => (new StoragePictures($this->crops))->of($asked),
            'population', 'line', 'selection', 'roguing' => PopulationPictures::of($asked),
            'harvest', 'sun' => FieldPictures::of($asked),
            'isolation' => (new IsolationPictures($this->crops))->of($asked),
            default => null,
        };
    }
}
