<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\Container;
use App\Models\Recorded;
use App\Reading\Facts;
use App\Reading\Stores;
use LogicException;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Admission;
use Marrow\Core\Folding\Course;
use Marrow\Core\Folding\Question;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Steps\Holding\HoldingCourse;
use Marrow\Core\Steps\Holding\Placed;

final readonly class ContainersRecorded implements RecordedSubject
{
    /** So many lots are named in a question. */
    private const NAMED = 5;

    public function __construct(private Facts $facts, private Stores $stores) {}

    public function subject(): Subject
    {
        return Subject::Container;
    }

    public function find(string $id): ?Container
    {
        $found = Container::query()->find($id);

        // A lot's own packet moves with what is recorded of the lot.
        return $found === null || $found->name === '' ? null : $found;
    }

    public function mustBe(Recorded $thing, Draft $draft): void {}

    public function begin(Draft $draft, Begins $begins, Kind $kind): Container
    {
        throw Refused::at('kind', 'There is no such container. Add it first.');
    }

    public function admit(Recorded $thing, array $entries, Entry $entry, ?string $replaces = null, ?Course $before = null): Admission
    {
        $container = $thing instanceof Container ? $thing : throw new LogicException('That is no container.');

        return HoldingCourse::admitToContainer($container->id, $container->name, $this->stores->holdings(), $entries, $entry, $replaces, $before);
    }

    public function leftAdrift(Recorded $thing, array $entries, string $without): array
    {
        return [];
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

    /** @param  non-empty-list<string>  $codes */
    private static function named(array $codes): string
    {
        $more = count($codes) - self::NAMED;

        return implode(', ', array_slice($codes, 0, self::NAMED)).($more > 0 ? " and $more more" : '');
    }
}
