<?php

declare(strict_types=1);

namespace App\Journal;

use App\Lineage\HowStable;
use App\Lineage\LineNames;
use App\Models\Lot;
use App\Models\Planting;
use App\Moment;
use App\Reading\Facts;
use App\Voice\Speaking;
use App\Words\StableWords;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Question;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Steps\Breeding\CrossPicked;
use Marrow\Core\Steps\Breeding\NamesLine;
use Marrow\Core\Steps\Cleaning\MovesVessel;
use Marrow\Core\Steps\Holding\FillsContainer;
use Marrow\Core\Steps\Origin\CutDown;
use Marrow\Core\Steps\Origin\Picked;
use Marrow\Core\Steps\Origin\PouredTogether;
use Marrow\Core\Steps\PutOff\PutOff;
use Marrow\Core\Steps\PutOff\PutOffStrand;
use Marrow\Core\Steps\PutOff\PutOffUntil;
use Marrow\Core\Work\Loss;

/** What is asked of an entry of a lot that bears on something else: its planting, other lots, what is due. */
final readonly class LotQuestions
{
    public function __construct(private Facts $facts) {}

    /**
     * @return list<Question>
     *
     * @throws Refused
     */
    public function of(Lot $lot, Entry $entry): array
    {
        return match (true) {
            $entry->payload instanceof CutDown => $this->asksOfSick($lot),
            $entry->payload instanceof Picked => [...$this->asksOfSick($lot), ...$this->asksOfTied($lot, $entry->payload)],
            $entry->payload instanceof PouredTogether => self::asksOfMixed($lot, $entry->payload),
            $entry->payload instanceof PutOff => $this->mayWait($lot, $entry->payload, $entry->happenedAt),
            $entry->payload instanceof FillsContainer => self::asksOfShared($lot, $entry->payload->into()),
            $entry->payload instanceof MovesVessel => self::asksOfShared($lot, $entry->payload->vessel(), 'vessel'),
            $entry->payload instanceof NamesLine => $this->asksOfName($lot, $entry->payload, $entry->happenedAt),
            default => [],
        };
    }

    /**
     * What still splits may be released all the same; whoever does it is told how much of it is likely to.
     *
     * @return list<Question>
     *
     * @throws Refused where the name is another's
     */
    private function asksOfName(Lot $lot, NamesLine $line, DateTimeImmutable $at): array
    {
        if ($line instanceof CrossPicked) {
            return $this->asksOfFather($lot, $line, $at);
        }
        LineNames::mustBeFree($lot->variety->crop, $line, $lot->variety_id);
        $stable = $line->isStable() ? HowStable::of($lot, $this->facts->crop($lot->variety)) : null;

        return $stable === null || $stable->isStable() ? [] : [new Question('name', (new StableWords($stable))->asks(), true)];
    }

    /**
     * Pollen of its own variety makes no cross, and of what was not sown yet there was none.
     *
     * @return list<Question>
     */
    private function asksOfFather(Lot $lot, CrossPicked $cross, DateTimeImmutable $at): array
    {
        $father = $cross->pollen === null ? null : Planting::query()->with(['variety', 'standing'])->find($cross->pollen);
        $mother = $lot->planting?->variety;

        return match (true) {
            $father === null => [],
            $mother !== null && $father->variety_id === $mother->id => [new Question('pollen', sprintf('%s is %s, as its mother is: what comes of it is that variety, and no cross. Is it one all the same?', $father->code(), $mother->name), true)],
            ($father->standing->sown_at ?? '') > Moment::keep($at) => [new Question('pollen', sprintf('%s was not sown until %s.', $father->code(), Speaking::forms()->day(Moment::read((string) $father->standing?->sown_at))), true)],
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
     * Two lots in one packet, or in one bowl, cannot be told apart again. (A box that holds the packets of many has a name, and is no packet.)
     *
     * @return list<Question>
     */
    private static function asksOfShared(Lot $lot, ?string $into, string $field = 'into'): array
    {
        $other = $into === null ? null : DB::table('lot_containers')->where('container_id', $into)->where('lot_id', '!=', $lot->id)->value('lot_id');
        $in = $other === null ? null : Lot::query()->find($other);

        return $in instanceof Lot ? [new Question($field, sprintf($field === 'into' ? '%s is in there already. In one packet the two cannot be told apart again: pour them together on purpose, or take another packet.' : '%s stands in there already, by what is recorded. Has it been emptied?', $in->code()), true)] : [];
    }
}
