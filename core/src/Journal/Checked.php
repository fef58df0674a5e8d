<?php

declare(strict_types=1);

namespace Marrow\Core\Journal;

use Marrow\Core\Fields\Refused;

/** A payload whose figures must also go together. Asked at the door only: what was kept once is read as it stands. */
interface Checked
{
    /** @throws Refused */
    public function check(): void;
}
