<?php

declare(strict_types=1);

namespace App\Works;

use Illuminate\Contracts\Queue\ShouldQueue;

/** What stands in the queue of a work. */
final readonly class DoWork implements ShouldQueue
{
    public function __construct(public string $work) {}

    public function handle(Works $works): void
    {
        $works->do($this->work);
    }
}
