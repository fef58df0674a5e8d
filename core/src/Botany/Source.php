<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** Where a figure comes from, and how sure it is. */
final readonly class Source
{
    public function __construct(public string $from, public Sureness $sure) {}
}
