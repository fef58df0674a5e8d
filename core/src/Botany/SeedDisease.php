<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** A disease that travels with the seed. */
final readonly class SeedDisease
{
    /** @param  ?HotWater  $hotWater  the bath that is usual against it; null where there is none */
    private function __construct(public string $name, public ?HotWater $hotWater, public string $note) {}

    /** @throws UnsoundCrop */
    public static function read(CropFigures $f, string $at): self
    {
        return new self(
            $f->text("$at.name"),
            $f->has("$at.hot_water") ? new HotWater($f->number("$at.hot_water.temperature", 40, 60), $f->whole("$at.hot_water.minutes", 1, 120)) : null,
            $f->text("$at.note"),
        );
    }
}
