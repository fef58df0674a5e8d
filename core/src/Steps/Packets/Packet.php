<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Packets;

/** What a container of a lot is meant for: the sowing of one year. */
final readonly class Packet
{
    /**
     * @param  int  $year  in which it is to be sown
     * @param  ?int  $plants  that it is to give
     * @param  int  $made  seeds that were put into it
     * @param  string  $code  by which it is called: the code of the lot and the year, and a letter where there are several of one year
     * @param  ?float  $confidence  how sure of the plants it was to be, and
     * @param  ?float  $field  the share of living seeds that make a plant; null where it was not reckoned
     */
    public function __construct(public int $year, public ?int $plants, public int $made, public string $code, public ?float $confidence = null, public ?float $field = null) {}
}
