<?php

declare(strict_types=1);

namespace Marrow\Core\Folding;

/** What a keeper is asked before an entry is kept that does not fit, or not quite. */
final readonly class Question
{
    /** @param  bool  $counts  whether the entry would be reckoned with all the same; else it would stand adrift */
    public function __construct(public string $field, public string $message, public bool $counts) {}
}
