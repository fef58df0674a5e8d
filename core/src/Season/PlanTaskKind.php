<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

/** What a plan asks to be done. */
enum PlanTaskKind: string
{
    case Sow = 'sow';
    /** Its time to be sown has gone by. */
    case Unsown = 'unsown';
    case PlantOut = 'plant_out';
    case Lift = 'lift';
    case Sort = 'sort';
    case Replant = 'replant';
    case LookOver = 'look_over';
    case WatchBloom = 'watch_bloom';
    case CoverUp = 'cover_up';
    case Pollinate = 'pollinate';
    case ChangeCages = 'change_cages';
    /** What stands under pollen-tight cloth has no wind: its stems are shaken. */
    case Shake = 'shake';
    case LookForRipe = 'look_for_ripe';

    /** What is kept alive of it is lifted, or taken from the plant. */
    case LiftKept = 'lift_kept';
    case ClearBed = 'clear_bed';

    /** Whether it is done every morning or evening of its time, rather than once in it. */
    public function isDaily(): bool
    {
        return $this === self::Pollinate || $this === self::ChangeCages || $this === self::Shake;
    }

    /** Whether it waits until it is done or the season is over; the others are past when their day is. */
    public function stays(): bool
    {
        return in_array($this, [self::Sow, self::Unsown, self::PlantOut, self::CoverUp, self::LookOver, self::Lift, self::Sort, self::Replant, self::WatchBloom, self::LookForRipe, self::LiftKept], true);
    }

    /** Whether it can be done at all before the planting stands. */
    public function wantsAPlanting(): bool
    {
        return $this !== self::Sow && $this !== self::Unsown;
    }
}
