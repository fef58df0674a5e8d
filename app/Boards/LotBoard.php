<?php

declare(strict_types=1);

namespace App\Boards;

use App\Documents\ListItemDocument;
use App\Documents\PlaceDocument;
use App\Documents\TaskDocument;
use App\Finding\Sought;
use App\Models\Lot;
use App\Models\LotStanding;
use App\Presenting\Tags;
use App\Reading\Facts;
use App\Voice\Quantity;
use App\Voice\When;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Work\Place;

/** The board of a place where lots lie. */
abstract class LotBoard implements Board
{
    public function __construct(private readonly Tags $tags, private readonly Pages $pages, private readonly Facts $facts) {}

    abstract public function place(): Place;

    /** @return array{string, string} the figure that matters there, and what it is */
    abstract protected function figure(LotStanding $row, When $when): array;

    abstract protected function detail(LotStanding $row): string;

    protected function crop(LotStanding $row): Crop
    {
        return $this->facts->crop($row->lot->variety);
    }

    /** How many seeds there are, by what is recorded; null when nothing is. */
    protected function seeds(LotStanding $row): ?string
    {
        return $row->seeds === null ? null : Quantity::roughSeeds($row->seeds, $this->crop($row)->counts()->value);
    }

    protected function isAtRisk(LotStanding $row, When $when): bool
    {
        return false;
    }

    /** @param  Builder<LotStanding>  $query */
    protected function inOrder(Builder $query): void
    {
        $query->orderBy('last_at');
    }

    public function count(DateTimeImmutable $at): int
    {
        return LotStanding::query()->where('place', $this->place()->value)->where('used_up', 0)->count();
    }

    public function page(Narrowing $narrowing, When $when): PlaceDocument
    {
        $query = LotStanding::query()
            ->where('place', $this->place()->value)
            ->where('used_up', 0)
            ->with(['lot.variety']);
        Sought::of($narrowing->find)->narrow($query, Subject::Lot);
        match ($narrowing->sort) {
            'name' => $query->orderBy('variety'),
            'code' => null,
            default => $this->inOrder($query),
        };
        $query->orderBy('number');

        return $this->pages->page(
            $this->place(),
            $query,
            $narrowing->page,
            $when,
            static fn (LotStanding $row): Lot => $row->lot->setRelation('standing', $row),
            function (LotStanding $row, ?TaskDocument $task) use ($when): ListItemDocument {
                [$figure, $label] = $this->figure($row, $when);

                return new ListItemDocument($this->tags->lot($row->lot), $figure, $label, $this->detail($row), $task, $this->isAtRisk($row, $when));
            },
        );
    }
}
