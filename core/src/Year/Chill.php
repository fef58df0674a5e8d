<?php

declare(strict_types=1);

namespace Marrow\Core\Year;

/** Whether the winter of a garden is cold enough for what blooms only after one. */
enum Chill
{
    case Enough;
    /** In its coolest years, or in part of the plants. */
    case Perhaps;
    case TooWarm;
    /** Frost hardly comes, and nobody has said how cool the coolest weeks are. */
    case NotKnown;

    /** °C, mean of the coolest weeks: below about this cold counts, whatever the crop (the figure of the handbook's weeks). */
    public const COLD = 10.0;

    /** Cabbages, beet and celery are still brought to bloom by longer weeks up to about this; a stated assumption. */
    public const COOL = 13.0;

    /** @param  ?float  $coolest  °C, mean of the four coolest weeks; null where nobody knows */
    public static function of(?float $coolest, FrostComes $frost): self
    {
        return match (true) {
            $coolest === null => $frost === FrostComes::Yearly ? self::Enough : self::NotKnown,
            $coolest <= self::COLD => self::Enough,
            $coolest <= self::COOL => self::Perhaps,
            default => self::TooWarm,
        };
    }
}
