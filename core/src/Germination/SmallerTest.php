<?php

declare(strict_types=1);

namespace Marrow\Core\Germination;

use Marrow\Core\Fields\Show;
use Stringable;

/** A test of fewer seeds, with what it would tell, for a lot of which there is not enough for the one that was meant. */
final readonly class SmallerTest implements Stringable
{
    /** Fewer tell next to nothing. */
    public const FEWEST = 5;

    /** More than so many are never needed to be told something. */
    private const MOST = 100;

    /** What is said of it is said of seed of which so many come up. */
    public const COMING_UP = 0.8;

    /** No more than one in so many of what there is goes into one. */
    private const SPARED = 4;

    private function __construct(public int $seeds) {}

    /** @param  float  $there  seeds there are; null comes back where too few can be spared to tell anything */
    public static function ofThere(float $there): ?self
    {
        return self::within(self::spared($there));
    }

    /** @return int seeds that may go into a test of so many */
    public static function spared(float $there): int
    {
        return (int) floor($there / self::SPARED);
    }

    /** @param  int  $spare  seeds that may be used; null comes back where that is too few to tell anything */
    public static function within(int $spare): ?self
    {
        $round = $spare >= 20 ? 10 * intdiv($spare, 10) : $spare;

        return $round < self::FEWEST ? null : new self(min(self::MOST, $round));
    }

    /** Half the width of what it leaves open, were four in five to come up; a share. */
    public function open(): float
    {
        $limits = GerminationShare::of((int) round(self::COMING_UP * $this->seeds), $this->seeds)->interval();

        return ($limits->high - $limits->low) / 2;
    }

    public function __toString(): string
    {
        $up = (int) round(self::COMING_UP * $this->seeds);
        $limits = GerminationShare::of($up, $this->seeds)->interval();

        return sprintf('A test of %s would do: were %d of them to come up, %d to %d %% of the lot are alive.', Show::count($this->seeds), $up, (int) round(100 * $limits->low), (int) round(100 * $limits->high));
    }
}
