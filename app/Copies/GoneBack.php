<?php

declare(strict_types=1);

namespace App\Copies;

/** The garden is as it was in a copy, and nobody else has seen it yet: whoever has something to put right in it does so, and says it. */
final class GoneBack
{
    /** @var list<string> sentences */
    public array $said = [];

    /** @param  bool  $mayForget  whether those who were forgotten since are forgotten again */
    public function __construct(public readonly bool $mayForget) {}
}
