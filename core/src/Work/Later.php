<?php

declare(strict_types=1);

namespace Marrow\Core\Work;

/** Moments reckoned from others. */
final class Later
{
    /** A twelfth of a year of 365.25 days. */
    public const DAYS_A_MONTH = 30.4375;

    public static function days(\DateTimeImmutable $from, int $days): \DateTimeImmutable
    {
        return $from->modify(sprintf('%+d days', $days));
    }

    public static function hours(\DateTimeImmutable $from, float $hours): \DateTimeImmutable
    {
        return $from->modify(sprintf('%+d seconds', (int) round($hours * 3600)));
    }
}
