<?php

declare(strict_types=1);

namespace App\Instruments;

use App\Clock;
use App\Models\Backlog;
use App\Models\Bulk;
use App\Models\Instrument;
use App\Models\Marks;
use App\Models\WriteLock;
use App\Moment;
use App\Reading\YearsWarmth;
use App\Works\Chores;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;

/** Asks every instrument that has an address of the web, each in its turn, and thins what has grown old. */
final readonly class Poller implements Chores
{
    /** min between two askings of one. */
    private const EVERY = 10;

    public function __construct(private Takes $takes, private Readings $readings, private Clock $clock, private YearsWarmth $warmth) {}

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
        $this->warm($now);
    }

    /** Once a week what still grows is reckoned by the warmth that came meanwhile. */
    private function warm(DateTimeImmutable $now): void
    {
        if (Marks::get(Marks::WARMED) > $now->modify('-7 days')->format('Y-m-d') || ! $this->warmth->get()->isKnown()) {
            return;
        }
        WriteLock::hold(static function () use ($now): void {
            Backlog::add(Backlog::PLANTINGS, Bulk::ids(DB::table('planting_standings')->where('lots', 0)->where('season', '>=', (int) $now->format('Y') - 2)->pluck('planting_id')));
            Marks::set(Marks::WARMED, $now->format('Y-m-d'));
        });
    }
}
