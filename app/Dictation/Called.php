<?php

declare(strict_types=1);

namespace App\Dictation;

use App\Models\Variety;

/** Something that was called by its name, or by that of its variety. */
final readonly class Called
{
    /**
     * @param  list<string>  $codes  of all that go by that name and stand; of places and containers the name itself
     * @param  list<int>  $tokens  that name it
     * @param  list<Variety>  $varieties  of that name
     */
    public function __construct(public string $name, public array $codes, public array $tokens, public array $varieties = []) {}

    public function isHolder(): bool
    {
        return $this->varieties === [];
    }
}
