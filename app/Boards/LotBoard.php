<?php

declare(strict_types=1);

namespace App\Boards;

use App\Documents\BarDocument;
use App\Documents\ListItemDocument;
use App\Documents\PlaceDocument;
use App\Documents\ScaleDocument;
use App\Documents\TableDocument;
use App\Documents\TaskDocument;
use App\Finding\Sought;
use App\Models\DueTask;
use App\Models\LotStanding;
use App\Moment;
use App\Presenting\Tags;
use App\Reading\Facts;
use App\Voice\Quantity;
use App\Voice\When;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Marrow\Core\Botany\CropTitle;
use Marrow\Core\Work\Place;

/** The board of a place where lots lie. */
abstract class LotBoard implements Board
{
    public function __construct(private readonly Tags $tags, private readonly Pages $pages, private readonly Facts $facts, private readonly LotTable $table) {}

    abstract public static function place(): Place;

    /** @return array{string, string} the figure that matters there, and what it is */
    abstract protected function figure(LotStanding $row, When $when): array;

    abstract protected function detail(LotStanding $row): string;

    protected function crop(LotStanding $row): CropTitle
    {
        return $this->facts->title($row->lot->variety);
    }

    /** How many seeds there are, by what is recorded; null when nothing is. */
    protected function seeds(LotStanding $row): ?string
    {
        return $row->seeds === null ? null : Quantity::seedsOf($row->seeds, $row->counted === 1, $this->crop($row)->counts->value);
    }

    /** As a line on the scale of the place. */
    protected function bar(LotStanding $row, ?DueTask $task, When $when): ?BarDocument
    {
        return null;
    }

    /**
     * The scale of the lines.
     *
     * @param  list<ListItemDocument>  $items
     */
    protected function axis(array $items, When $when): ?ScaleDocument
    {
        return null;
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

    public static function here(DateTimeImmutable $at): Builder
    {
        return LotStanding::query()->where('place', static::place()->value)->where('used_up', 0);
    }

    public function page(Narrowing $narrowing, When $when): PlaceDocument
    {
        return $this->pages->page(
            static::place(),
            $this->rows($narrowing, $when),
            $narrowing,
            $when,
            function (LotStanding $row, ?TaskDocument $task, ?DueTask $due) use ($when): ListItemDocument {
                [$figure, $label] = $this->figure($row, $when);

                return new ListItemDocument($this->tags->of($row->lot), $figure, $label, $this->detail($row), $task, $this->isAtRisk($row, $when), $this->bar($row, $due, $when), $row->stands === '' ? null : $row->stands);
            },
            fn (array $items): ?ScaleDocument => $this->axis($items, $when),
        );
    }

    public function table(Narrowing $narrowing, When $when): TableDocument
    {
        return $this->table->of(ucfirst(static::place()->value), $this->rows($narrowing, $when));
    }

    /** @return Builder<LotStanding> */
    private function rows(Narrowing $narrowing, When $when): Builder
    {
        $query = LotStanding::query()
            ->where('place', static::place()->value)
            ->where('used_up', 0);
        Sought::of($narrowing->find)->narrow($query, LotStanding::WORDS);
        self::narrow($query, $narrowing, $when);
        match ($narrowing->sort) {
            'name' => $query->orderBy('variety'),
            'code' => null,
            default => $this->inOrder($query),
        };

        return $query->orderBy('number');
    }

    /** @param  Builder<LotStanding>  $query */
    private static function narrow(Builder $query, Narrowing $narrowing, When $when): void
    {
        if ($narrowing->lies !== '') {
            $query->where('place_id', $narrowing->lies);
        }
        $narrowing->toCrop($query, 'lot_id');
        match ($narrowing->only) {
            'untested' => $query->whereNull('rate'),
            'past' => $query->where('good_until', '<=', Moment::keep($when->now)),
            'last' => LotStanding::onlyLast($query),
            default => null,
        };
    }
}
