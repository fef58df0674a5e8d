<?php

declare(strict_types=1);

namespace Marrow\Core\Lot;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Steps\Holding\Holdings;
use Marrow\Core\Steps\Origin\Source;
use Marrow\Core\Steps\Pollinating\PollenPlanting;
use Marrow\Core\Steps\Storing\StoredAt;
use Marrow\Core\Storage\StorePace;

/** What is known of a lot from outside its own entries. */
final readonly class LotFacts
{
    /**
     * @param  \DateTimeImmutable|null  $sownAt  when the planting it comes from was sown, where that is known
     * @param  array<string, StoredAt>  $places  where seed can be kept, by id
     * @param  bool  $crossed  whether off-types of what was grown from it, or from what it descends from, show it to be crossed
     * @param  ?Holdings  $holdings  places and containers over time; null where places were never anything else
     * @param  ?StorePace  $store  how seed ages in this keeper's store, by the tests of its other lots; null to go by the model alone
     * @param  ?\DateTimeImmutable  $crossedAt  when that came to light
     * @param  array<string, Source>  $sources  lots it was poured together from or set apart from, by their ids
     * @param  ?\DateTimeImmutable  $sisterCrossedAt  when it came to light that another lot of its bloom is crossed; null of none
     * @param  bool  $sickAmong  whether sick plants stood among those it was picked from
     * @param  list<array{sown: \DateTimeImmutable, picked: ?\DateTimeImmutable}>  $grownOut  plantings sown from it, and when seed of them was first picked
     * @param  array<string, PollenPlanting>  $pollen  plantings that may have fathered it, by their ids
     * @param  bool  $splits  whether its plants are to be expected to differ, being of a cross or a hybrid
     */
    public function __construct(
        public string $code,
        public Crop $crop,
        public ?\DateTimeImmutable $sownAt,
        public array $places = [],
        public bool $crossed = false,
        public ?StorePace $store = null,
        private ?Holdings $holdings = null,
        public ?\DateTimeImmutable $crossedAt = null,
        public array $sources = [],
        public ?\DateTimeImmutable $sisterCrossedAt = null,
        public bool $sickAmong = false,
        public array $grownOut = [],
        public array $pollen = [],
        public bool $splits = false,
    ) {}

    /** Places and containers over time. */
    public function holdings(): Holdings
    {
        return $this->holdings ?? Holdings::ofPlaces($this->places);
    }
}
