<?php

declare(strict_types=1);

namespace Marrow\Core\Journal;

/**
 * Something that can happen, with the figures of one time that it did. The class is the whole of its definition: its
 * properties bear the names of its fields (mass_g as $massG), and what is read and kept is made from those.
 */
interface Payload
{
    public static function kind(): Kind;
}
