<?php

declare(strict_types=1);

namespace Marrow\Core\Intake;

use Marrow\Core\Botany\VarietyType;
use Marrow\Core\Steps\Origin\Received;
use Marrow\Core\Steps\Storing\ContainerKind;

/** One packet of a list, as it was understood. */
final readonly class Packet
{
    /**
     * @param  string  $crop  key
     * @param  ?string  $variety  id of a variety that stands already
     * @param  string  $name  of the variety; empty where nobody knows it
     * @param  ?VarietyType  $type  as it was told; null where nobody said
     * @param  string  $generation  F4, of one that is being made stable
     * @param  ?string  $cameOn  day (Y-m-d); null where nobody said
     * @param  ContainerKind  $container  what it is in
     * @param  string  $place  name of the place where it lies; empty and it is on the bench
     * @param  ?string  $placeId  of a place that stands already
     */
    public function __construct(
        public string $crop,
        public ?string $variety,
        public string $name,
        public ?VarietyType $type,
        public string $generation,
        public Received $received,
        public ?string $cameOn,
        public ContainerKind $container,
        public string $place,
        public ?string $placeId,
        public string $note,
    ) {}
}
