<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** Whether a cross can be seen in the seed of the plant that was pollinated. */
final readonly class CrossShows
{
    public function __construct(public bool $shows, public string $note) {}
}
