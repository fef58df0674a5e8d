<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\Lot;
use App\Models\LotOrigin;
use App\Models\Planting;
use App\Models\Recorded;
use App\Models\Variety;
use App\Reading\Facts;
use App\Voice\Speaking;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use LogicException;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Admission;
use Marrow\Core\Folding\Course;
use Marrow\Core\Folding\Question;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Registered;
use Marrow\Core\Steps\Holding\FillsContainer;
use Marrow\Core\Steps\Origin\Picked;
use Marrow\Core\Steps\Origin\PouredTogether;
use Marrow\Core\Steps\PutOff\PutOff;
use Marrow\Core\Steps\PutOff\PutOffStrand;
use Marrow\Core\Steps\PutOff\PutOffUntil;
use Marrow\Core\Work\Loss;

final readonly class LotsRecorded implements RecordedSubject
{
    public function __construct(private Facts $facts) {}

    public function subject(): Subject
    {
        return Subject::Lot;
    }

    public function find(string $id): ?Lot
    {
        return Lot::query()->with(['variety', 'planting.variety'])->find($id);
    }

    public function mustBe(Recorded $thing, Draft $draft): void
    {
        $lot = self::lot($thing);
        if ($draft->begins?->planting !== null && $lot->planting?->id !== $draft->begins->planting) {
            throw Refused::at('id', "That lot stands already, as {$lot->code()} of another planting. Nothing was changed.");
        }
        if ($draft->begins?->variety !== null && $lot->variety_id !== $draft->begins->variety) {
            throw Refused::at('variety', "{$lot->code()} stands already, of another variety. Nothing was changed.");
        }
    }

    public function begin(Draft $draft, Begins $begins, Kind $kind): Lot
    {
        $planting = $begins->planting === null ? null : Planting::query()->find($begins->planting) ?? throw Refused::at('planting', 'There is no such planting.');
        $variety = $planting === null ? self::variety($begins)->id : $planting->variety_id;
        if ($planting === null && $kind->from === Subject::Planting) {
            throw Refused::at('planting', 'Say which planting it was picked from.');
        }
        $highest = Lot::query()->max('number');
        Lot::query()->create(['id' => $draft->aboutId, 'number' => (is_numeric($highest) ? (int) $highest : 0) + 1, 'variety_id' => $variety]);
        LotOrigin::query()->insert($draft->kind === Registered::kind(PouredTogether::class)->name
            ? array_map(static fn (mixed $of): array => ['lot_id' => $draft->aboutId, 'kind' => $draft->kind, 'planting_id' => null, 'from_lot_id' => is_string($of) && Lot::query()->whereKey($of)->exists() ? $of : null], [$draft->payload['lot'] ?? null, $draft->payload['other'] ?? null])
            : ['lot_id' => $draft->aboutId, 'kind' => $draft->kind, 'planting_id' => $planting?->id]);

        return $this->find($draft->aboutId) ?? throw new LogicException('A lot that was made is not there.');
    }

    public function admit(Recorded $thing, array $entries, Entry $entry, ?string $replaces = null, ?Course $before = null): Admission
    {
        return LotCourse::admit($this->facts->ofLot(self::lot($thing), [...$entries, $entry]), $entries, $entry, $this->facts->practice, $replaces, $before);
    }

    public function leftAdrift(Recorded $thing, array $entries, string $without): array
    {
        return LotCourse::leftWithout($this->facts->ofLot(self::lot($thing)), $entries, $without, $this->facts->practice);
    }

    public function alsoAsks(Recorded $thing, Entry $entry): array
    {
        return match (true) {
            $entry->payload instanceof Picked => [...$this->asksOfSick(self::lot($thing)), ...$this->asksOfTied(self::lot($thing), $entry->payload)],
            $entry->payload instanceof PouredTogether => self::asksOfMixed(self::lot($thing), $entry->payload),
            $entry->payload instanceof PutOff => $this->mayWait(self::lot($thing), $entry->payload, $entry->happenedAt),
            $entry->payload instanceof FillsContainer => self::asksOfShared(self::lot($thing), $entry->payload->into()),
            default => [],
        };
    }

    /**
     * What is being lost waits for hours, not for a season.
     *
     * @return list<Question>
     *
     * @throws Refused
     */
    private function mayWait(Lot $lot, PutOff $off, DateTimeImmutable $at): array
    {
        if ($off->how === PutOffUntil::Done || $off->hours !== null) {
            return [];
        }
        $most = $at->modify(sprintf('+%d hours', PutOffStrand::MOST_HOURS));
        if ($off->how === PutOffUntil::Later && ($off->until ?? '') <= $most->format('Y-m-d')) {
            return [];
        }
        foreach ($this->facts->lot($lot)->tasks() as $task) {
            if ($task->loss === Loss::Seed && $task->kind->value === $off->task && ($task->about ?? '') === $off->about && ($off->until === null || $task->latest === null || $off->until > $task->latest->format('Y-m-d'))) {
                throw Refused::at($off->how === PutOffUntil::Later ? 'until' : 'how', sprintf(
                    'That does not wait so long: %s. Put it off by less, or say that the seed is lost.',
                    $task->latest === null ? 'left so, the seed is lost' : sprintf('after %s the seed is likely lost', Speaking::forms()->day($task->latest)),
                ));
            }
        }

        return [];
    }

    /**
     * Much that ails a plant travels with its seed.
     *
     * @return list<Question>
     */
    private function asksOfSick(Lot $lot): array
    {
        $still = $lot->planting === null ? 0 : $this->facts->planting($lot->planting)->tending->sickStanding;

        return $still === 0 ? [] : [new Question('plants', sprintf('%s of this planting %s seen to be sick and %s not pulled: is none of the seed of %s?', $still === 1 ? 'One plant' : "$still plants", $still === 1 ? 'was' : 'were', $still === 1 ? 'was' : 'were', $still === 1 ? 'it' : 'them'), true)];
    }

    /**
     * Where flowers were pollinated by hand, only their fruits are of known parents; the rest is food.
     *
     * @return list<Question>
     */
    private function asksOfTied(Lot $lot, Picked $picked): array
    {
        $hand = $lot->planting === null ? null : $this->facts->planting($lot->planting)->pollinating;

        return match (true) {
            $hand === null, $hand->done === [] && ! $picked->tied => [],
            $hand->done === [] => [new Question('tied', 'By what is recorded no flower of this planting was pollinated by hand.', true)],
            ! $picked->tied => [new Question('tied', 'Flowers of this planting were pollinated by hand and tied, and this is not of them: bees made it, and what is not tied is food. Is it kept for seed all the same?', true)],
            $picked->fruits !== null && $picked->fruits > $hand->flowers() - $hand->dropped => [new Question('fruits', sprintf('Only %d were pollinated by hand and have not dropped.', $hand->flowers() - $hand->dropped), true)],
            default => [],
        };
    }

    /**
     * Poured together, lots of two varieties are neither of them.
     *
     * @return list<Question>
     */
    private static function asksOfMixed(Lot $lot, PouredTogether $mixed): array
    {
        $of = Lot::query()->with('variety')->findMany([$mixed->lot, $mixed->other]);
        $names = $of->pluck('variety.name')->push($lot->variety->name)->unique()->values();

        return $of->pluck('variety_id')->push($lot->variety_id)->unique()->count() < 2
            ? []
            : [new Question('other', sprintf('%s are not one variety. Poured together they cannot be told apart again: give the mixture a variety of its own, mixed on purpose.', $names->implode(' and ')), true)];
    }

    /**
     * Two lots in one packet cannot be told apart again. (A box that holds the packets of many has a name, and is no packet.)
     *
     * @return list<Question>
     */
    private static function asksOfShared(Lot $lot, ?string $into): array
    {
        $other = $into === null ? null : DB::table('lot_containers')->where('container_id', $into)->where('lot_id', '!=', $lot->id)->value('lot_id');
        $in = $other === null ? null : Lot::query()->find($other);

        return $in instanceof Lot ? [new Question('into', sprintf('%s is in there already. In one packet the two cannot be told apart again: pour them together on purpose, or take another packet.', $in->code()), true)] : [];
    }

    private static function lot(Recorded $thing): Lot
    {
        return $thing instanceof Lot ? $thing : throw new LogicException('That is no lot.');
    }

    /** @throws Refused */
    private static function variety(Begins $begins): Variety
    {
        return Variety::query()->find($begins->variety ?? '')
            ?? throw Refused::at('variety', ($begins->variety ?? '') === '' ? 'Choose the variety, or add it first.' : 'There is no such variety. Add it first.');
    }
}
