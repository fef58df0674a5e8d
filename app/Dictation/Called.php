<?php

declare(strict_types=1);

namespace App\Dictation;

/** Something that was called by the name of its variety. */
final readonly class Called
{
    /**
     * @param  list<string>  $codes  of all that go by that name and stand
     * @param  list<int>  $tokens  that name it
     */
    public function __construct(public string $name, public array $codes, public array $tokens) {}
}
