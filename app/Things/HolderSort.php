<?php

declare(strict_types=1);

namespace App\Things;

use App\Documents\FoundDocument;
use App\Documents\OfferDocument;
use App\Finding\Sought;
use App\Journal\Begins;
use App\Journal\Draft;
use App\Models\Container;
use App\Models\Place;
use App\Models\Recorded;
use App\Presenting\Shown;
use App\Reading\Facts;
use App\Reading\Stores;
use App\Voice\Quantity;
use App\Voice\When;
use DateTimeImmutable;
use Illuminate\Database\Query\Builder as Query;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Work\Offer;

/** What seed is kept in: it goes by a name, is added by itself, and may be kept no more. */
abstract readonly class HolderSort implements ThingSort
{
    private const FOUND = 5;

    public function __construct(protected Facts $facts, protected Stores $stores) {}

    /** @return Collection<int, Place>|Collection<int, Container> those in use */
    abstract protected function inUse(): Collection;

    /** What is said of one that was found, with how many lots there are. */
    abstract protected function said(string $lots): string;

    final public function listed(): string
    {
        return '/store/where';
    }

    final public function goneBy(string $id): ?string
    {
        $name = $this->every()->where('id', $id)->where('gone', 1)->value('name');

        return is_string($name) ? $name : null;
    }

    final public function comeBack(string $id): void
    {
        DB::table($this->table())->where('id', $id)->where('gone', 1)->update(['gone' => 0]);
    }

    final public function mustBe(Recorded $thing, Draft $draft): void {}

    final public function begin(Draft $draft, Begins $begins, Kind $kind): Recorded
    {
        throw Refused::at('kind', "There is no such {$this->subject()->value}. Add it first.");
    }

    final public function leftAdrift(Recorded $thing, array $entries, string $without): array
    {
        return [];
    }

    final public function names(array $ids): array
    {
        return array_filter($this->every()->whereIn('id', $ids)->pluck('name', 'id')->all(), is_string(...));
    }

    final public function shown(array $ids): array
    {
        $shown = [];
        foreach ($this->names($ids) as $id => $name) {
            $shown[$id] = new Shown($this->subject(), (string) $id, $name);
        }

        return $shown;
    }

    final public function offered(array $ids, When $when): array
    {
        $offered = [];
        foreach ($ids as $id) {
            $offered[$id] = array_map(static fn (Offer $offer): OfferDocument => OfferDocument::of($offer, []), $this->folded($id)?->offers() ?? []);
        }

        return $offered;
    }

    final public function offersAt(string $id, ?DateTimeImmutable $before, DateTimeImmutable $now): array
    {
        return $this->folded($id)?->offers() ?? [];
    }

    public function every(): Query
    {
        return DB::table($this->table());
    }

    final public function seek(Sought $sought): array
    {
        $found = array_slice(Stores::byName($this->inUse()->filter(static fn (Place|Container $holder): bool => $sought->isIn($holder->name))), 0, self::FOUND);
        $counts = $this->stores->counts(array_map(static fn (Place|Container $holder): string => $holder->id, $found));

        return array_map(fn (Place|Container $holder): FoundDocument => FoundDocument::page('place', $holder->id, $holder->name, $this->said(Quantity::number($counts[$holder->id], 'lot'))), $found);
    }

    final public function paper(array $numbers, string $place, When $when): array
    {
        return [];
    }

    final public function byNumber(int $number): ?Recorded
    {
        return null;
    }
}
