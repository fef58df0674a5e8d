<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Journal\Subject;

/**
 * What the lists are behind with: what is written into it stands in the same transaction as what made it so. It is worked
 * off phase by phase, since what lots say rests on their plantings, and how true a line is on both.
 */
final class Backlog
{
    public const PLANTINGS = 1;

    public const LOTS = 2;

    /** How true lots are; each rests on the lots before it. */
    public const LINES = 3;

    public const LINES_OF_PLANTINGS = 4;

    /** How many lots a planting gave. */
    public const COUNTS = 5;

    /** The work that plans ask for; by their years. */
    public const PLANS = 6;

    /** All others that entries are about; by what they are and their ids. */
    public const THINGS = 7;

    private const TABLES = [self::PLANTINGS => 'plantings', self::LOTS => 'lots', self::LINES => 'lots', self::LINES_OF_PLANTINGS => 'plantings', self::COUNTS => 'plantings'];

    /** @param  list<string>  $ids  of lots or of plantings, as the phase has it */
    public static function add(int $phase, array $ids): void
    {
        foreach (array_chunk($ids, 500) as $some) {
            DB::insert('INSERT OR IGNORE INTO backlog (phase, number, id) SELECT ?, number, id FROM '.self::TABLES[$phase].' WHERE id IN ('.Bulk::marks($some).')', [$phase, ...$some]);
        }
    }

    /** Every lot and every planting, in each phase that is their own. */
    public static function addAll(bool $plantings = true): void
    {
        foreach (self::TABLES as $phase => $table) {
            if ($plantings || $table === 'lots') {
                DB::insert("INSERT OR IGNORE INTO backlog (phase, number, id) SELECT ?, number, id FROM $table", [$phase]);
            }
        }
    }

    /** @param  Builder  $ids  of things of one sort, whatever they are but lots and plantings */
    public static function addThings(Subject $subject, Builder $ids): void
    {
        DB::table('backlog')->insertOrIgnoreUsing(['phase', 'number', 'id'], DB::query()->fromSub($ids, 'things')->selectRaw("?, 0, ? || ' ' || id", [self::THINGS, $subject->value]));
    }

    /** @param  list<int>  $years */
    public static function addPlans(array $years): void
    {
        foreach ($years as $year) {
            DB::table('backlog')->insertOrIgnore(['phase' => self::PLANS, 'number' => $year, 'id' => (string) $year]);
        }
    }

    public static function size(): int
    {
        return DB::table('backlog')->count();
    }

    public static function isEmpty(): bool
    {
        return DB::table('backlog')->doesntExist();
    }

    /** @return array{int, list<string>} the phase that is next, and some of it; of nothing, 0 and none */
    public static function next(int $most): array
    {
        $rows = DB::select('SELECT phase, id FROM backlog WHERE phase = (SELECT min(phase) FROM backlog) ORDER BY number, id LIMIT ?', [$most]);
        $ids = [];
        $phase = 0;
        foreach ($rows as $row) {
            /** @var object{phase: int, id: string} $row */
            $phase = $row->phase;
            $ids[] = $row->id;
        }

        return [$phase, $ids];
    }

    /** @param  list<string>  $ids */
    public static function done(int $phase, array $ids): void
    {
        DB::table('backlog')->where('phase', $phase)->whereIn('id', $ids)->delete();
    }
}
