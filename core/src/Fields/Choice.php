<?php

declare(strict_types=1);

namespace Marrow\Core\Fields;

/** One of a few named things that says itself what it is called; implemented by string enums. */
interface Choice extends \BackedEnum
{
    /** As it stands in a form and in a sentence. */
    public function label(): string;
}
