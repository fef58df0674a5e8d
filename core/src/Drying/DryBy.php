<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

use DateTimeImmutable;

/** When seed will be dry enough, by its course. */
final readonly class DryBy
{
    /** @param  ?DateTimeImmutable  $late  null where at worst it never will be */
    private function __construct(public DateTimeImmutable $early, public DateTimeImmutable $middle, public ?DateTimeImmutable $late) {}

    /**
     * @param  DateTimeImmutable  $from  when its course begins
     * @param  float  $target  per cent of wet mass at which it is dry enough
     * @return ?self null where it is so already, or as is likeliest never will be
     */
    public static function of(DryingCourse $course, DateTimeImmutable $from, float $target): ?self
    {
        [$early, $middle, $late] = $course->until($target);
        if ($early === null || $middle === null || $middle <= 0.0) {
            return null;
        }
        $then = static fn (float $in): DateTimeImmutable => $from->modify(sprintf('+%d minutes', (int) round(60 * $in)));

        return new self($then(min($early, $middle)), $then($middle), $late === null ? null : $then(max($late, $middle)));
    }
}
