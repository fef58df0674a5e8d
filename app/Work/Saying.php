<?php

declare(strict_types=1);

namespace App\Work;

/** A task in words. */
final readonly class Saying
{
    /**
     * @param  string  $do  what to do, and until when
     * @param  string  $why  the reason, a sentence
     */
    public function __construct(public string $do, public string $why) {}
}
