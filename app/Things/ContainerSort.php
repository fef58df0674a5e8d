<?php

declare(strict_types=1);

namespace App\Things;

use App\Journal\Changed;
use App\Models\Container;
use App\Models\Recorded;
use Illuminate\Database\Query\Builder as Query;
use Illuminate\Support\Collection;
use LogicException;
use Marrow\Core\Folding\Admission;
use Marrow\Core\Folding\Course;
use Marrow\Core\Folding\Question;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Steps\Holding\ContainerCourse;
use Marrow\Core\Steps\Holding\Placed;

/** Containers that hold others, which have a name. A lot's own packet has none, and moves with what is recorded of the lot. */
final readonly class ContainerSort extends HolderSort
{
    /** So many lots are named in a question. */
    private const NAMED = 5;

    public function subject(): Subject
    {
        return Subject::Container;
    }

    public function table(): string
    {
        return 'containers';
    }

    public function find(string $id): ?Container
    {
        return Container::query()->where('name', '!=', '')->find($id);
    }

    public function every(): Query
    {
        return parent::every()->where('name', '!=', '');
    }

    public function admit(Recorded $thing, array $entries, Entry $entry, ?string $replaces = null, ?Course $before = null): Admission
    {
        $container = self::container($thing);

        return ContainerCourse::admit($container->id, $container->name, $this->stores->holdings(), $entries, $entry, $replaces, $before);
    }

    /** Into the cold, it is asked of the lots in it whether they are dry enough. */
    public function alsoAsks(Recorded $thing, Entry $entry): array
    {
        if (! $entry->payload instanceof Placed) {
            return [];
        }
        $around = $this->stores->holdings()->around($entry->payload->placeId, $entry->payload->inside)?->at($entry->happenedAt);
        if ($around === null) {
            return [];
        }
        $never = $unsure = [];
        foreach ($this->stores->lotsIn($thing->id()) as $lot) {
            $answer = $this->facts->lot($lot)->storing->bearsCold($around->air);
            if ($answer === false) {
                $never[] = $lot->code();
            } elseif ($answer === null) {
                $unsure[] = $lot->code();
            }
        }

        return array_values(array_filter([
            $never === [] ? null : new Question('place_id', sprintf('%s in it does not bear freezing: what lives in it dies. Take it out first.', self::named($never)), true),
            $unsure === [] ? null : new Question('place_id', sprintf('Nobody has measured that %s in it is dry enough to be frozen: read a jar first.', self::named($unsure)), true),
        ]));
    }

    public function folded(string $id): ?ContainerCourse
    {
        $container = $this->find($id);

        return $container === null ? null : $this->stores->container($container);
    }

    /** Moved, it moves all that is in it, and what was in it then; and what could lie in it, and what could not, is another matter. */
    public function bearsOn(array $ids, Changed $changed): array
    {
        $this->facts->forget();
        $lots = $containers = [];
        foreach ($ids as $id) {
            $within = $this->stores->within($id);
            [$ever, $through] = $this->stores->everIn($within);
            array_push($lots, ...$this->stores->idsIn($id), ...$ever);
            array_push($containers, ...$within, ...$through);
        }

        return [Subject::Lot->value => $lots, Subject::Container->value => $containers];
    }

    public function project(array $ids): array
    {
        $tasks = [];
        foreach (Container::query()->where('name', '!=', '')->findMany($ids) as $container) {
            $this->stores->keepPlace($container->id);
            $tasks[] = [$container, $this->stores->container($container)->due()];
        }

        return $tasks;
    }

    /** @return Collection<int, Container> */
    protected function inUse(): Collection
    {
        return Container::query()->where('name', '!=', '')->where('gone', 0)->get()->toBase();
    }

    protected function said(string $lots): string
    {
        return "container, $lots in it";
    }

    private static function container(Recorded $thing): Container
    {
        return $thing instanceof Container ? $thing : throw new LogicException('That is no container.');
    }

    /** @param  non-empty-list<string>  $codes */
    private static function named(array $codes): string
    {
        $more = count($codes) - self::NAMED;

        return implode(', ', array_slice($codes, 0, self::NAMED)).($more > 0 ? " and $more more" : '');
    }
}
