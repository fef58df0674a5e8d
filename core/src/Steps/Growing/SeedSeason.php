<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Growing;

/** When a planting blooms and its seed is ripe, or what is kept alive of it is lifted: as it was seen, else as it is to be expected. */
final readonly class SeedSeason
{
    /**
     * @param  \DateTimeImmutable  $firstBloom  its first flower
     * @param  \DateTimeImmutable  $lastBloom  its last
     * @param  \DateTimeImmutable  $ripeFrom  the earliest that seed can be ripe, or it is lifted
     * @param  \DateTimeImmutable  $ripeTo  the last seed
     * @param  bool  $isFirstSeen  whether somebody saw the first flower, and
     * @param  bool  $isLastSeen  the last; else they are reckoned
     */
    public function __construct(
        public \DateTimeImmutable $firstBloom,
        public \DateTimeImmutable $lastBloom,
        public \DateTimeImmutable $ripeFrom,
        public \DateTimeImmutable $ripeTo,
        public bool $isFirstSeen,
        public bool $isLastSeen,
    ) {}

    /**
     * Whether it is in bloom on a day. What nobody saw begin is only to be expected; what was seen to begin goes on until it is
     * seen to end, or should have ended long ago.
     */
    public function blooms(\DateTimeImmutable $on): bool
    {
        $day = $on->format('Y-m-d');

        return $this->firstBloom->format('Y-m-d') <= $day && $day <= $this->lastBloom->format('Y-m-d');
    }

    public function isOver(\DateTimeImmutable $on): bool
    {
        return $this->ripeTo < $on;
    }
}
