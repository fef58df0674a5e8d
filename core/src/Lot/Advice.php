<?php

declare(strict_types=1);

namespace Marrow\Core\Lot;

use Marrow\Core\Steps\Testing\TestCourse;
use Marrow\Core\Storage\Forecast;
use Marrow\Core\Storage\ViabilityConstants;

/**
 * What to do with the seed of a lot, as seen from a day: the one place that weighs all that is known of it. Whatever else
 * is said of a lot gives figures, not orders.
 */
final readonly class Advice
{
    /** @param  ?TestCourse  $test  the test it rests on */
    private function __construct(public Counsel $counsel, public ?TestCourse $test, public ?Forecast $forecast) {}

    /** @return ?self null while there is no clean seed to sow, or none left */
    public static function of(LotCourse $lot, \DateTimeImmutable $now): ?self
    {
        if (! $lot->origin->hasBegun() || ! $lot->cleaning->isOut() || $lot->isUsedUp()) {
            return null;
        }
        $forecast = $lot->forecast();
        $test = $lot->testing->lastEnded();
        $counsel = self::counsel($lot, $test, $forecast, $now);

        return $counsel === null ? null : new self($counsel, $counsel === Counsel::MaySleep ? $lot->testing->asleep() : $test, $forecast);
    }

    private static function counsel(LotCourse $lot, ?TestCourse $test, ?Forecast $forecast, \DateTimeImmutable $now): ?Counsel
    {
        $minimum = $lot->facts->crop->test->minimum;
        $rate = $test?->share()?->rate();

        return match (true) {
            $lot->facts->crossed => Counsel::NotForSeed,
            $lot->facts->crop->isKeptAlive() => Counsel::PlantAlive,
            ! $lot->facts->crop->bearsDrying() => Counsel::SowFresh,
            $lot->treating->isWet(), $lot->storing->isShutInDamp() => Counsel::DryFirst,
            $lot->storing->now !== null && $lot->storing->moisture > ViabilityConstants::MAX_MOISTURE => Counsel::DryFirst,
            $lot->storing->now !== null && $rate === null && $lot->origin->firstAt() === null && $lot->testing->running() === [] => Counsel::PastUnknown,
            $rate !== null && $rate < $lot->practice->poor => Counsel::DoNotRely,
            $lot->testing->running() !== [] => Counsel::AwaitTest,
            $lot->testing->asleep() !== null => Counsel::MaySleep,
            $forecast !== null && $forecast->reachesEarliest($minimum) <= $now && ! $lot->testing->cameOutBelow($minimum) => Counsel::TestFirst,
            $lot->storing->now?->isTooHotToTell() === true && ($test === null || $test->startedAt <= $lot->storing->since) => Counsel::KeptTooHot,
            $rate !== null => $rate >= $lot->practice->good ? Counsel::SowAsUsual : Counsel::SowThicker,
            $lot->storing->now !== null => Counsel::Untested,
            default => null,
        };
    }
}
