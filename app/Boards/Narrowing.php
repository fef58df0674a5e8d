<?php

declare(strict_types=1);

namespace App\Boards;

use App\Models\Record;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/** How the list of a place is narrowed, ordered and leafed through. */
final readonly class Narrowing
{
    /** Things on a page. */
    public const PAGE = 40;

    /** Things on a page of an overview, where each is one line. */
    public const LINES = 100;

    /**
     * @param  'due'|'name'|'code'|string  $sort
     * @param  string  $lies  id of the place where seed is kept; empty of all
     * @param  string  $crop  key; empty of all
     * @param  'last'|'untested'|'past'|string  $only  the last of their variety, never tested, past their near edge
     */
    public function __construct(
        public string $find = '',
        public string $sort = 'due',
        public int $page = 1,
        public string $lies = '',
        public string $crop = '',
        public string $only = '',
        public int $size = self::PAGE,
    ) {}

    /**
     * Leaves the rows whose lot is of the crop asked for.
     *
     * @param  Builder<covariant Record>  $query
     * @param  string  $lot  column of the lot's id
     */
    public function toCrop(Builder $query, string $lot): void
    {
        if ($this->crop !== '') {
            $query->whereIn($lot, DB::table('lots')->join('varieties', 'varieties.id', '=', 'lots.variety_id')->where('varieties.crop', $this->crop)->select('lots.id'));
        }
    }
}
