<?php

declare(strict_types=1);

namespace Marrow\Core\Selection;

use Marrow\Core\Botany\LineWord;

/** What is on record of a lot that bears on how true it is. */
final readonly class LineRecord
{
    /**
     * @param  ?LineWord  $made  what its variety was made to be, where that alone decides
     * @param  float  $selfing  share of off-type seed with another variety right beside it, 0 … 1
     * @param  bool  $shown  whether off-types of what was grown from it, or from what it descends from, show it to be crossed
     * @param  bool  $elsewhere  it was not grown here
     * @param  list<LineStanding>  $mixed  of what it was poured together from
     * @param  ?LineStanding  $parents  of the lot that its planting was sown from; null where that is no lot
     * @param  int  $parentsOff  off-types among the plants of that planting that were looked over
     * @param  int  $parentsSeen  plants of it looked over
     * @param  float  $takenOut  share of its off-types that was pulled before anything bloomed, 0 … 1
     * @param  ?float  $crossed  share of its seed that strange pollen can have fathered, 0 … 1; null when not on record
     * @param  bool  $byHand  only of flowers that were shut and pollinated by hand
     * @param  bool  $onPurpose  pollinated with another variety
     * @param  int  $off  off-types among what was grown from it
     * @param  int  $seen  plants of that looked over
     * @param  ?float  $beside  share of its seed that plantings of the keeper's own may have fathered that bloomed meanwhile, were they right beside it; null of none
     * @param  string  $besides  which they are
     * @param  int  $strays  plants of what was grown from it that differed and that the keeper judged strays; not among those off
     * @param  string  $sister  code of another lot of the same bloom that turned out crossed; empty of none
     * @param  int  $sisterOff  off-types among what was grown from that
     * @param  int  $sisterSeen  plants of that looked over
     */
    public function __construct(
        public ?LineWord $made,
        public float $selfing,
        public bool $shown = false,
        public bool $elsewhere = false,
        public array $mixed = [],
        public ?LineStanding $parents = null,
        public int $parentsOff = 0,
        public int $parentsSeen = 0,
        public float $takenOut = 0.0,
        public ?float $crossed = null,
        public bool $byHand = false,
        public bool $onPurpose = false,
        public int $off = 0,
        public int $seen = 0,
        public ?float $beside = null,
        public string $besides = '',
        public int $strays = 0,
        public string $sister = '',
        public int $sisterOff = 0,
        public int $sisterSeen = 0,
    ) {}
}
