<?php

declare(strict_types=1);

namespace Marrow\Core\Year;

/**
 * The frosts of a garden's year, and what they decide: when what bears none may stand outside, and until when its seed ripens. Where they come in few
 * winters they end nothing, and are only warned of.
 */
final readonly class Frosts
{
    /**
     * @param  string  $last  month-day (m-d) of the last frost in spring
     * @param  string  $first  month-day of the first in autumn
     */
    public function __construct(public string $last, public string $first, public FrostComes $comes = FrostComes::Yearly) {}

    /** The last spring frost that bears on what stands outside from a day on: the one that is past, or the next once autumn's frosts have begun. */
    public function lastFrom(\DateTimeImmutable $outside): \DateTimeImmutable
    {
        $last = self::in($outside, (int) $outside->format('Y'), $this->last);
        if ($last > $outside) {
            $last = self::in($outside, (int) $outside->format('Y') - 1, $this->last);
        }

        return $outside < $this->nextFirst($last) ? $last : self::in($outside, (int) $last->format('Y') + 1, $this->last);
    }

    /** The first autumn frost on or after a day, at its hour; null where none is to be looked for. */
    public function firstAfter(\DateTimeImmutable $day): ?\DateTimeImmutable
    {
        return $this->comes === FrostComes::Yearly ? $this->nextFirst($day) : null;
    }

    private function nextFirst(\DateTimeImmutable $day): \DateTimeImmutable
    {
        $frost = self::in($day, (int) $day->format('Y'), $this->first);

        return $frost < $day ? self::in($day, (int) $day->format('Y') + 1, $this->first) : $frost;
    }

    /** Whether what bears no frost and stands outside from a day on may stand in one. */
    public function catches(\DateTimeImmutable $outside): bool
    {
        return $this->comes !== FrostComes::Never && $outside < $this->lastFrom($outside);
    }

    private static function in(\DateTimeImmutable $as, int $year, string $day): \DateTimeImmutable
    {
        [$month, $of] = array_map(intval(...), explode('-', $day));

        return $as->setDate($year, $month, $of);
    }
}
