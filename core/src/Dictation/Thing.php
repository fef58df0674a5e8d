<?php

declare(strict_types=1);

namespace Marrow\Core\Dictation;

use Marrow\Core\Journal\Subject;
use Marrow\Core\Work\Offer;

/** What a line speaks of, with what fitted it at the moment that the line tells of. */
final readonly class Thing
{
    /** @param  list<Offer>  $offers  the likeliest first */
    public function __construct(public Subject $subject, public string $id, public string $code, public array $offers) {}
}
