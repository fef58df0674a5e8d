<?php

declare(strict_types=1);

namespace Marrow\Core\Lot;

/** A packet that could be made. */
final readonly class Portion
{
    /**
     * @param  \DateTimeImmutable  $sowing  when seed of its kind is usually sown in that year
     * @param  int  $seeds  that it holds
     * @param  float  $share  alive by then, the likeliest
     * @param  ?float  $low  one in twenty lots has less; null where no forecast says so
     */
    public function __construct(public int $year, public \DateTimeImmutable $sowing, public int $seeds, public float $share, public ?float $low) {}
}
