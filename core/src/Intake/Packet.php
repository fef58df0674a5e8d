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
     * @param  list<string>  $path  names of the place and the containers in which it lies, from the place inwards; none and it is on the bench
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
        public array $path,
        public string $note,
    ) {}
}
