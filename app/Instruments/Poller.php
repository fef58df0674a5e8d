<?php

declare(strict_types=1);

namespace App\Instruments;

use App\Clock;
use App\Models\Instrument;
use App\Models\Marks;
use App\Moment;
use App\Works\Chores;

/** Asks every instrument that has an address of the web, each in its turn, and thins what has grown old. */
final readonly class Poller implements Chores
{
    /** min between two askings of one. */
    private const EVERY = 10;

    public function __construct(private Takes $takes, private Readings $readings, private Clock $clock) {}

    public function due(): void
    {
        $now = $this->clock->now();
        foreach (Instrument::inUse()->where('address', '!=', '')->where('kind', '!=', 'scale')->where(static fn ($query) => $query->whereNull('asked_at')->orWhere('asked_at', '<=', Moment::keep($now->modify(sprintf('-%d minutes', self::EVERY)))))->get() as $instrument) {
            $this->takes->ask($instrument, $now);
        }
        if (Marks::get(Marks::THINNED) !== $now->format('Y-m-d')) {
            $this->readings->thin($now);
            Marks::set(Marks::THINNED, $now->format('Y-m-d'));
        }
    }
}
