<?php

declare(strict_types=1);

namespace Marrow\Core\Lot;

/**
 * What is known to have happened to seed before anybody tested it, and what that is taken to have cost: probits, the middle
 * and one standard deviation. Stated assumptions, wide on purpose; the first test replaces them.
 */
enum Harm: string
{
    /** Sprouted seed was seen when it was washed out. */
    case Sprouted = 'sprouted';

    /** It lay in its ferment, or in water, for longer than its limit at that warmth, and nobody saw sprouts. */
    case Overfermented = 'overfermented';

    /** It was dried hotter than its kind bears. */
    case Overheated = 'overheated';

    /** It was picked before it was ripe. */
    case PickedGreen = 'picked_green';

    /** Sick plants stood among those that gave it. */
    case Sick = 'sick';

    /** @return array{float, float} */
    public function cost(): array
    {
        return match ($this) {
            self::Sprouted, self::Overheated => [0.8, 0.6],
            self::PickedGreen => [0.8, 0.5],
            self::Overfermented => [0.4, 0.4],
            self::Sick => [0.2, 0.3],
        };
    }

    /**
     * Of several together.
     *
     * @param  list<self>  $harms
     * @return array{float, float}
     */
    public static function together(array $harms): array
    {
        $costs = array_map(static fn (self $harm): array => $harm->cost(), $harms);

        return [array_sum(array_column($costs, 0)), sqrt(array_sum(array_map(static fn (array $cost): float => $cost[1] ** 2, $costs)))];
    }
}
