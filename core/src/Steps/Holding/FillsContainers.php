<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Holding;

use Marrow\Core\Journal\Payload;
use Marrow\Core\Steps\Storing\ContainerKind;

/** An entry by which seed goes into several containers of one kind, all new with it. */
interface FillsContainers extends Payload
{
    public function containerKind(): ContainerKind;

    /** How many. */
    public function fills(): int;

    /** @return list<string> their ids; none where nobody named them */
    public function into(): array;

    /** @param  list<string>  $ids  one for each */
    public function withInto(array $ids): static;

    /** @return array{?string, ?string} the place where they are, or the container that they are in */
    public function lies(): array;
}
