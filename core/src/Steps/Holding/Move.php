<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Holding;

/** A container was put somewhere. */
final readonly class Move
{
    /** @param  string  $order  decides between moves of one moment */
    public function __construct(public \DateTimeImmutable $at, public string $order, public Placed $placed) {}

    /** @param  ?string  $order  null for everything up to and with that moment */
    public function isBefore(\DateTimeImmutable $at, ?string $order): bool
    {
        return $this->at < $at || $this->at == $at && ($order === null || $this->order < $order);
    }
}
