<?php

declare(strict_types=1);

namespace App\Models;

use App\Clock;
use App\Moment;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/** The book of what was done to plans, settings and figures, and by whom. */
final readonly class Deeds
{
    public function __construct(private Clock $clock) {}

    /**
     * @param  array{string, string}|null  $before  moment and id, as they are kept; null for the newest
     * @return list<object{id: string, done_at: string, kind: string, figures: string, recorded_by: string}> newest first
     */
    public function before(?array $before, int $most): array
    {
        /** @var list<object{id: string, done_at: string, kind: string, figures: string, recorded_by: string}> $rows */
        $rows = DB::table('deeds')->when($before !== null, static fn (Builder $query) => $query->whereRaw('(done_at, id) < (?, ?)', $before ?? []))
            ->orderByDesc('done_at')->orderByDesc('id')->limit($most)->get()->all();

        return $rows;
    }

    /** In the transaction of what is done. */
    public function done(Deed $deed, Acting $by): void
    {
        DB::table('deeds')->insert([
            'id' => Uuid::uuid7()->toString(),
            'done_at' => Moment::keep($this->clock->now()),
            'kind' => $deed::kind(),
            'figures' => json_encode($deed->keep(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
            'recorded_by' => $by->name,
            'keeper_id' => Keeper::named($by->name),
        ]);
    }
}
