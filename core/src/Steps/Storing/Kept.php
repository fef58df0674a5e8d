<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Storing;

/** Seed in a container, as it stands now. */
final readonly class Kept
{
    /** @param  string|null  $placeId  null where only the name was ever written */
    public function __construct(public ContainerKind $container, public StoredAt $at, public ?string $placeId) {}
}
