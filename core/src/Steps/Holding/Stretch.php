<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Holding;

use Marrow\Core\Steps\Storing\StoredAt;

/** A time in which something lay in one place, in one air. */
final readonly class Stretch
{
    /**
     * @param  ?\DateTimeImmutable  $from  null from ever
     * @param  bool  $isShut  whether one of the containers around it keeps the air out
     * @param  list<string>  $path  names from the place inwards
     * @param  float  $warming  minutes in which the containers around it make up 63 % of a difference in temperature
     */
    public function __construct(public ?\DateTimeImmutable $from, public StoredAt $air, public bool $isShut, public array $path, public ?string $placeId, public float $warming = 0.0) {}

    public function since(?\DateTimeImmutable $from): self
    {
        return new self($from, $this->air, $this->isShut, $this->path, $this->placeId, $this->warming);
    }
}
