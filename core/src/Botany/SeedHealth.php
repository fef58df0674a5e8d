<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** What lives on or in the seed of a crop. */
final readonly class SeedHealth
{
    /**
     * @param  list<SeedPest>  $pests
     * @param  list<SeedDisease>  $diseases
     */
    public function __construct(public array $pests, public array $diseases) {}

    /** @throws UnsoundCrop */
    public static function read(CropFigures $f): self
    {
        $pests = [];
        foreach (array_keys($f->list('health.pests')) as $i) {
            $pests[] = SeedPest::read($f, "health.pests.$i");
        }
        $diseases = [];
        foreach (array_keys($f->list('health.diseases')) as $i) {
            $diseases[] = SeedDisease::read($f, "health.diseases.$i");
        }

        return new self($pests, $diseases);
    }

    /** The bath that is usual for it: that of the first disease that has one; null where none has. */
    public function hotWater(): ?HotWater
    {
        foreach ($this->diseases as $disease) {
            if ($disease->hotWater !== null) {
                return $disease->hotWater;
            }
        }

        return null;
    }
}
