<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Pollinating;

/** One flower or several that were pollinated alike. */
final readonly class Pollination
{
    public function __construct(public HandPollinated $of, public \DateTimeImmutable $at) {}
}
