<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Isolation\Bloom;

/** Something that may give or take pollen: a planting of the plan, or a source outside it. */
final readonly class Site
{
    /**
     * @param  ?string  $variety  id; null for what is not ours
     * @param  ?Bloom  $bloom  null when it is not known: then it is taken to bloom all the while
     * @param  bool  $gives  whether its pollen gets out
     */
    private function __construct(
        public string $id,
        public Crop $crop,
        public ?string $variety,
        public Rectangle $place,
        public int $plants,
        public ?Bloom $bloom,
        public Cover $cover,
        public bool $gives,
        public bool $isOurs,
    ) {}

    public static function ofPlanting(PlannedCourse $course): self
    {
        $planting = $course->planting;

        return new self(
            $planting->id,
            $planting->crop,
            $planting->variety,
            $planting->spot,
            $planting->plants,
            $course->bloom,
            $planting->cover,
            $course->bloom !== null && ! $planting->out && ! $planting->cover->keepsIn($planting->crop),
            true,
        );
    }

    public static function ofSource(PollenSource $source): self
    {
        return new self($source->id, $source->crop, null, $source->place, $source->plants, $source->bloom, Cover::Open, true, false);
    }
}
