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
     * @param  string  $by  name of who did it; empty for everybody
     * @param  string  $from  a day, and the last one; empty for no bound
     * @return list<object{id: string, done_at: string, kind: string, figures: string, recorded_by: string}> newest first
     */
    public function before(?array $before, int $most, string $by = '', string $from = '', string $to = ''): array
    {
        /** @var list<object{id: string, done_at: string, kind: string, figures: string, recorded_by: string}> $rows */
        $rows = DB::table('deeds')->when($before !== null, static fn (Builder $query) => $query->whereRaw('(done_at, id) < (?, ?)', $before ?? []))
            ->when($by !== '', static fn (Builder $query) => $query->whereRaw('recorded_by = ? COLLATE NOCASE', [$by]))
            ->when($from !== '', static fn (Builder $query) => $query->where('done_at', '>=', "$from 00:00:00"))
            ->when($to !== '', static fn (Builder $query) => $query->where('done_at', '<=', "$to 23:59:59"))
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
