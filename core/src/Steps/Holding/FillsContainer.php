<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Holding;

use Marrow\Core\Journal\Payload;
use Marrow\Core\Steps\Storing\ContainerKind;

/** An entry by which seed goes into a container, which may be new with it. */
interface FillsContainer extends Payload
{
    public function containerKind(): ContainerKind;

    /** @return ?string id of the container; null where nobody named one */
    public function into(): ?string;

    public function withInto(string $id): static;

    /** @return array{?string, ?string} the place where the container is, or the container that it is in */
    public function lies(): array;

    /** Whether it is the lot's only container where nobody named one; else it is a new one. */
    public function isOnly(): bool;
}
