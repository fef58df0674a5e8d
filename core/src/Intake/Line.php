<?php

declare(strict_types=1);

namespace Marrow\Core\Intake;

/** One line of a list, as it was understood. */
final readonly class Line
{
    /**
     * @param  ?Packet  $packet  null where it cannot be kept as it is, or stands already
     * @param  list<CellDoubt>  $doubts
     * @param  ?string  $stands  code of the lot that it is, where that stands already
     */
    public function __construct(public ?Packet $packet, public array $doubts, public ?string $stands = null) {}
}
