<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\HeldLotDocument;
use App\Documents\HolderDocument;
use App\Documents\HoldingDocument;
use App\Documents\OfferDocument;
use App\Models\Container;
use App\Models\DueTask;
use App\Models\Place;
use App\Moment;
use App\Reading\Facts;
use App\Reading\Stores;
use App\Reading\Tagged;
use App\Voice\Quantity;
use App\Voice\Speaking;
use App\Voice\When;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Steps\Holding\Stretch;
use Marrow\Core\Steps\Storing\ContainerKind;
use Marrow\Core\Things\GardenFields;
use Marrow\Core\Work\Offer;

/** Places and containers: where each is, and what lies in it. */
final readonly class HoldingSheet
{
    public function __construct(private Stores $stores, private Facts $facts, private Tags $tags, private Tasks $tasks, private Entries $entries) {}

    /** @return list<HolderDocument> the places by name, and behind each what lies in it, however deep */
    public function tree(When $when): array
    {
        $this->stores->readAll();
        $holders = [...Stores::byName(Place::query()->get()), ...Stores::byName(Container::query()->where('name', '!=', '')->get())];
        $counts = $this->stores->counts(array_map(static fn (Place|Container $holder): string => $holder->id, $holders));
        // What is no more is shown all the same while something lies there: a struck entry may have brought it back.
        $holders = array_filter($holders, static fn (Place|Container $holder): bool => $holder->gone === 0 || $counts[$holder->id] > 0);

        return self::inOrder(array_map(fn (Place|Container $holder): HolderDocument => $this->holder($holder, $counts[$holder->id], $when), $holders));
    }

    public function of(Place|Container $holder, When $when): HoldingDocument
    {
        $isPlace = $holder instanceof Place;
        [$subject, $course] = $isPlace ? [Subject::Place, $this->stores->place($holder)] : [Subject::Container, $this->stores->container($holder)];
        $boxes = Stores::byName(Container::query()->where($isPlace ? 'place_id' : 'inside', $holder->id)->where('name', '!=', '')->where('gone', 0)->get());
        $counts = $this->stores->counts(array_map(static fn (Container $box): string => $box->id, $boxes));
        $lots = $isPlace ? $this->stores->idsAt($holder->id) : $this->stores->idsIn($holder->id);
        $due = DueTask::standing($when->now)->where('subject', $subject->value)->where('subject_id', $holder->id)->orderBy('best_at')->get();

        return new HoldingDocument(
            $this->holder($holder, count($lots), $when),
            (object) self::typed($holder),
            array_map(fn (Container $box): HolderDocument => $this->holder($box, $counts[$box->id], $when), $boxes),
            $this->lots($lots, $holder, $when),
            array_map(static fn (Offer $offer): OfferDocument => OfferDocument::of($offer, []), $course->offers()),
            $this->tasks->documents($due, $when),
            $this->entries->of($subject, $holder->id, $course->adrift(), $course->agrees()),
        );
    }

    /** @return array<string, mixed> its own fields, as they would be typed again */
    private static function typed(Place|Container $holder): array
    {
        $fields = $holder instanceof Place ? GardenFields::place() : GardenFields::container();
        $typed = $holder instanceof Place
            ? ['name' => $holder->name, ...$holder->air()]
            : ['name' => $holder->name, 'kind' => $holder->kind, 'note' => $holder->note];
        foreach ($typed as $key => $value) {
            $now = Speaking::forms()->units->typed($fields->field($key), $value);
            $typed[$key] = is_float($now) ? Field::show($now) : $now;
        }

        return $typed;
    }

    private function holder(Place|Container $holder, int $lots, When $when): HolderDocument
    {
        return $holder instanceof Place ? $this->place($holder, $lots, $when) : $this->container($holder, $lots, $when);
    }

    private function place(Place $place, int $lots, When $when): HolderDocument
    {
        $around = $this->stores->holdings()->around($place->id, null)?->at($when->now);

        return new HolderDocument($place->id, 'place', $place->name, '', $around === null ? '' : self::air($around), $place->name, $lots);
    }

    private function container(Container $container, int $lots, When $when): HolderDocument
    {
        $around = $this->stores->holdings()->around(null, $container->id)?->at($when->now);
        $kind = ContainerKind::from($container->kind);

        return new HolderDocument(
            $container->id,
            'container',
            $container->name,
            $container->inside ?? $container->place_id ?? '',
            $kind->label().($container->note === '' ? '' : ', '.$container->note),
            $around === null || $around->placeId === null ? $container->name : implode(' › ', $around->path),
            $lots,
            in_array($kind, ContainerKind::VESSELS, true),
        );
    }

    private static function air(Stretch $around): string
    {
        return match (true) {
            ! $around->air->isAirKnown => 'air not measured',
            ! $around->air->isRhKnown => Quantity::temperature($around->air->temperatureC),
            default => sprintf("%s, %s\u{00A0}%% RH", Quantity::temperature($around->air->temperatureC), round($around->air->rh)),
        };
    }

    /**
     * @param  list<string>  $ids
     * @return list<HeldLotDocument> in the order of a walk: what lies by itself, then box by box
     */
    private function lots(array $ids, Place|Container $holder, When $when): array
    {
        $lots = Tagged::lots($ids);
        $within = $this->stores->within($holder->id);
        $rows = DB::table('lot_containers as c')->leftJoin('lot_standings as s', 's.lot_id', '=', 'c.lot_id')->whereIn('c.lot_id', $ids)
            ->where(static fn ($query) => $query->where('c.place_id', $holder->id)->orWhereIn('c.inside', $within)->orWhere('c.container_id', $holder->id))
            ->orderBy('s.number')->get(['c.lot_id', 'c.container_id', 'c.kind', 'c.path', 'c.seeds', 'c.cold_until', 's.counted'])
            ->sortBy('path', SORT_NATURAL | SORT_FLAG_CASE);
        $held = [];
        foreach ($rows as $row) {
            /** @var object{lot_id: string, container_id: string, kind: string, path: string, seeds: ?float, cold_until: ?string, counted: ?int} $row */
            $lot = $lots[$row->lot_id] ?? null;
            if ($lot !== null) {
                $cold = Moment::readOrNull($row->cold_until);
                $held[] = new HeldLotDocument(
                    $lot->id,
                    $this->tags->lot($lot),
                    $row->container_id,
                    ContainerKind::from($row->kind)->label(),
                    $row->path,
                    $row->seeds === null ? 'some' : Quantity::seedsOf($row->seeds, $row->counted === 1, $this->facts->title($lot->variety)->counts->value),
                    $cold === null || $cold <= $when->now ? null : $when->minute($cold),
                );
            }
        }

        return $held;
    }

    /**
     * @param  array<HolderDocument>  $all
     * @return list<HolderDocument> each with what lies in it behind it
     */
    private static function inOrder(array $all): array
    {
        $known = $lying = [];
        foreach ($all as $one) {
            $known[$one->id] = true;
        }
        foreach ($all as $one) {
            // What lies in nothing that is left stands by itself.
            $lying[isset($known[$one->in]) ? $one->in : ''][] = $one;
        }
        $ordered = [];
        $add = static function (string $in) use (&$add, &$ordered, &$lying): void {
            $ones = $lying[$in] ?? [];
            // Once each: two that lie in one another would never end.
            unset($lying[$in]);
            foreach ($ones as $one) {
                $ordered[] = $one;
                $add($one->id);
            }
        };
        $add('');
        while ($lying !== []) {
            $add((string) array_key_first($lying));
        }

        return $ordered;
    }
}
