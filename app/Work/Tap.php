<?php

declare(strict_types=1);

namespace App\Work;

use Marrow\Core\Journal\Payload;

/** What finishes a task in a tap: an entry of which nothing need be asked. */
final readonly class Tap
{
    /**
     * @param  class-string<Payload>  $payload  all of whose other fields have a value of their own
     * @param  string  $about  the field that names what the task concerns; empty where it has none
     * @param  ?string  $act  what its button says, where that is more than the kind's own
     */
    public function __construct(public string $payload, public string $about = '', public ?string $act = null) {}
}
