<?php

declare(strict_types=1);

namespace App\Work;

use Closure;

/** How one kind of task is spoken of. */
final readonly class Speech
{
    /**
     * @param  string  $label  two or three words, for the belt
     * @param  Closure(SeenTask): Saying  $say
     */
    public function __construct(public string $label, public Closure $say) {}
}
