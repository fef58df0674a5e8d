<?php

declare(strict_types=1);

namespace App\Work;

use Closure;

/** How one kind of task is spoken of. */
final readonly class Speech
{
    /** One of it is enough, however much it is needed for. */
    public const ONE = 'one';

    /**
     * @param  string  $label  two or three words, for the belt
     * @param  Closure(SeenTask): Saying  $say
     * @param  array<string, int|string>  $needs  what to have ready for it, in the singular: how many, or the figure that says so, or ONE
     * @param  ?Tap  $tap  what finishes it in a tap
     */
    public function __construct(public string $label, public Closure $say, public array $needs = [], public ?Tap $tap = null) {}
}
