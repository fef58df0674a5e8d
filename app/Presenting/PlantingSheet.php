<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\FactDocument;
use App\Documents\OfferDocument;
use App\Documents\PlantingDocument;
use App\Models\DueTask;
use App\Models\Lot;
use App\Models\Planting;
use App\Moment;
use App\Reading\BloomWeather;
use App\Reading\Facts;
use App\Reading\JournalReader;
use App\Voice\Quantity;
use App\Voice\When;
use App\Words\GardenYearWords;
use App\Words\HarvestWords;
use Marrow\Core\Botany\SeedDisease;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Planting\PlantingCourse;
use Marrow\Core\Steps\Breeding\CrossPicked;
use Marrow\Core\Steps\Marks\MarkStrand;
use Marrow\Core\Steps\Origin\CutDown;
use Marrow\Core\Steps\Origin\Picked;
use Marrow\Core\Steps\Ripening\Look;
use Marrow\Core\Steps\Shelf\ShelvedFruit;
use Marrow\Core\Steps\Tending\Covering;
use Marrow\Core\Steps\Tending\RogueReason;
use Marrow\Core\Steps\Tending\TendingStrand;
use Marrow\Core\Work\Offer;

/** The worksheet of a planting. */
final readonly class PlantingSheet
{
    public function __construct(private Facts $facts, private JournalReader $journal, private Tags $tags, private Tasks $tasks, private Entries $entries, private EarlierWalks $earlier) {}

    /** @param  Planting  $planting  with its variety and standing */
    public function of(Planting $planting, When $when): PlantingDocument
    {
        // What it is folded from is what its journal shows.
        return $this->journal->ahead([Subject::Planting->value => [$planting->id]], fn (): PlantingDocument => $this->sheet($planting, $when));
    }

    private function sheet(Planting $planting, When $when): PlantingDocument
    {
        $course = $this->facts->planting($planting);
        $crop = $course->facts->crop;
        $due = DueTask::standing($when->now)->where('subject', Subject::Planting->value)->where('subject_id', $planting->id)->orderBy('best_at')->get();
        $lots = $planting->lots()->with(['variety', 'standing'])->orderBy('number')->get();
        $sown = $course->growing->sown;
        $from = $sown?->lot === null ? null : Lot::query()->with(['variety', 'standing'])->find($sown->lot);

        return new PlantingDocument(
            $planting->id,
            $this->tags->planting($planting),
            CropSheet::of($crop),
            $planting->spot,
            $course->tending->outIn,
            $planting->standing?->season,
            $course->growing->sownAt === null ? null : Moment::say($course->growing->sownAt),
            $sown?->plants,
            $from === null ? null : $this->tags->lot($from),
            $sown->sownFrom ?? '',
            self::facts($course, $when, $planting->standing->generation ?? ''),
            $this->tasks->documents($due, $when, [$planting->id => $planting]),
            self::offers($course),
            array_values($lots->map(fn (Lot $lot) => $this->tags->lot($lot))->all()),
            $this->entries->of(Subject::Planting, $planting->id, $course->adrift(), $course->agrees()),
            Walk::of($course, $this->earlier->of($planting), $planting->standing?->season),
            $course->shelf->takesFruit(),
        );
    }

    /** @return list<OfferDocument> what can be recorded of it, and the picking with which a lot begins */
    public static function offers(PlantingCourse $course): array
    {
        $standing = $course->tending->standing;
        $pick = $course->growing->sownAt === null ? [] : [
            self::pick($course),
            self::cross($course),
            ...($course->facts->crop->isWetCleaned() || $course->facts->crop->isKeptAlive() ? [] : [Offer::of(CutDown::class, $course->growing->firstBloomAt === null ? 67 : 32)->usually('plants', $standing === 0 ? null : $standing)]),
        ];

        $offers = [...$pick, ...$course->offers()];
        usort($offers, static fn (Offer $a, Offer $b): int => $a->rank <=> $b->rank);

        return array_map(static fn (Offer $offer): OfferDocument => OfferDocument::of($offer, $course->facts->crop->cautions), $offers);
    }

    /** What had pollen of another variety on purpose is a cross, and has a name of its own. */
    private static function cross(PlantingCourse $course): Offer
    {
        $by = $course->pollinating->crossedBy;
        $fathers = array_values(array_unique(array_merge([], ...array_values($by))));
        $mothers = array_values(array_filter(array_map(strval(...), array_keys($by)), static fn (string $mother): bool => $mother !== ''));

        return Offer::of(CrossPicked::class, $by === [] ? 69 : 9)
            ->usually('pollen', count($fathers) === 1 ? $fathers[0] : null)
            ->usually('plants', max(1, count($mothers)))
            ->usually('mother', count($mothers) === 1 ? $mothers[0] : null);
    }

    /** Where flowers were tied, only their fruits are offered as seed. */
    private static function pick(PlantingCourse $course): Offer
    {
        $pollinating = $course->pollinating;
        // Of what is all lifted and lies in store no seed can be picked; only what was picked before may still be written down.
        $offer = Offer::of(Picked::class, match (true) {
            $course->tending->isLifted && $course->tending->standing === 0 => 90,
            // What lies on the shelf is picked already.
            $course->shelf->count() > 0 => 46,
            default => 10,
        })->calledHere(match ($course->facts->crop->isKeptAlive() ? $course->facts->crop->vegetative?->lies() : null) {
            true => 'Lift it: start a lot',
            false => 'Take cuttings: start a lot',
            null => 'Pick seed: start a lot',
        });
        $kept = count($course->choosing->kept);
        if ($kept > 0) {
            // Those that were chosen are picked before any other.
            $offer = $offer->calledHere('Pick the parents: start a lot')->usually('plants', $kept);
        }
        $ready = array_values(array_filter(array_map(static fn (Look $look): string => $look->seen->mark, $course->ripening->ready()), static fn (string $mark): bool => $mark !== ''));
        if ($ready !== []) {
            // Of one that has a mark the seed may be kept by itself; of several it is one lot, unless each is picked in turn.
            $offer = $offer->calledHere('Pick what is ready: start a lot')->usually('plants', count($ready))->usually('mother', count($ready) === 1 ? $ready[0] : null);
        }
        if ($pollinating->done === []) {
            return $offer;
        }
        $named = array_filter(array_keys($pollinating->mothers()), static fn (int|string $mother): bool => $mother !== '');

        return $offer->calledHere('Pick what was tied: start a lot')->usually('tied', 'true')->usually('fruits', $pollinating->took === 0 ? null : $pollinating->took)->usually('plants', $named === [] ? null : count($named));
    }

    /** @return list<FactDocument> */
    private static function facts(PlantingCourse $course, When $when, string $generation): array
    {
        $growing = $course->growing;
        $facts = [new FactDocument('Sown', $growing->sownAt === null ? 'not recorded' : $when->date($growing->sownAt))];
        if ($growing->sown !== null) {
            $facts[] = new FactDocument('Plants', Quantity::number($growing->sown->plants, 'plant'));
            array_push($facts, ...self::tended($course->tending, $growing->sown->plants, $when));
        }
        if (preg_match('/^F1\b/', $generation) === 1) {
            $facts[] = new FactDocument('Its seed', 'will be F2, of many kinds: neither the hybrid again nor a variety');
        }
        if ($growing->firstBloomAt !== null) {
            $facts[] = new FactDocument('In bloom', $when->date($growing->firstBloomAt).($growing->lastBloomAt === null ? ' on' : ' to '.$when->date($growing->lastBloomAt)));
        }
        if ($growing->firstBloomAt === null && $growing->sown !== null) {
            $blooms = (new GardenYearWords($course->facts->crop, $course->facts->practice->year))->whetherItBlooms();
            if ($blooms !== null) {
                $facts[] = new FactDocument('Bloom', $blooms);
            }
        }
        $weather = BloomWeather::of($course, $when->now);
        if ($weather !== null && $weather['cold'] + $weather['hot'] > 0) {
            [$night, $day] = $course->facts->crop->growing->fruitSet ?? [0.0, 0.0];
            $facts[] = new FactDocument('Weather in bloom', implode(' and ', array_filter([
                $weather['cold'] === 0 ? '' : sprintf('%s below %s', Quantity::number($weather['cold'], 'night'), Quantity::temperature($night)),
                $weather['hot'] === 0 ? '' : sprintf('%s above %s', Quantity::number($weather['hot'], 'day'), Quantity::temperature($day)),
            ])).sprintf(' of %s: did it set poorly?', Quantity::number($weather['days'], 'day')));
        }
        if ($course->trueness->seen > 0) {
            $judged = $course->trueness->judged;
            $facts[] = new FactDocument('Off-types', sprintf('%d of %s', $course->trueness->off, Quantity::number($course->trueness->seen, 'plant')).match (true) {
                $judged !== null => ': '.$judged->judged->label(),
                $course->trueness->expectsOffTypes() => ', as is to be expected of it',
                default => '',
            });
        }
        $crossed = $course->trueness->crossed();
        if ($crossed !== null) {
            $facts[] = new FactDocument('Strange pollen', sprintf('up to %s of its seed, by how it was kept apart', Quantity::finePercent($crossed)));
        }

        if ($course->choosing->kept !== []) {
            $facts[] = new FactDocument('Parents', 'plants '.implode(', ', $course->choosing->kept));
        }

        $cut = HarvestWords::of($course, $when);
        if ($cut !== null) {
            $facts[] = new FactDocument('When to cut', $cut);
        }
        foreach ($course->ripening->looks as $look) {
            $facts[] = new FactDocument($look->seen->mark === '' ? 'Ripe' : "Ripe, {$look->seen->mark}", sprintf('%s, %s%s', $look->seen->ready->label(), $when->day($look->at), $look->seen->sheds ? ': some of it has fallen' : ''));
        }
        $lying = $course->shelf->count();
        if ($lying > 0) {
            $facts[] = new FactDocument('On the shelf', Quantity::number($lying, 'fruit').': '.implode(', ', array_keys(array_filter($course->shelf->fruits, static fn (ShelvedFruit $fruit): bool => $fruit->lies() || $fruit->wantsTakingOut()))));
        }

        return [...$facts, ...self::travels($course), ...self::byHand($course), ...self::marks($course->marks)];
    }

    /** @return list<FactDocument> what was done with it, where there is something to say */
    private static function tended(TendingStrand $tending, int $sown, When $when): array
    {
        $pulled = [];
        foreach ($tending->pulled as $why => $plants) {
            $pulled[] = trim("$plants ".(RogueReason::tryFrom($why)?->label() ?? ''));
        }
        $on = $tending->on();

        return array_values(array_filter([
            $tending->standing === null || $tending->standing === $sown ? null : new FactDocument('Standing', Quantity::number($tending->standing, 'plant')),
            $tending->inStore === 0 ? null : new FactDocument('Lifted, in store', Quantity::number($tending->inStore, 'plant')),
            array_sum($tending->pulled) === 0 ? null : new FactDocument('Pulled', implode(', ', array_filter($pulled, static fn (string $said): bool => ! str_starts_with($said, '0')))),
            $tending->sickStanding === 0 ? null : new FactDocument('Sick', Quantity::number($tending->sickStanding, 'plant').' standing: keep no seed of '.($tending->sickStanding === 1 ? 'it' : 'them')),
            $tending->bolters === 0 ? null : new FactDocument('Bolted', Quantity::number($tending->bolters, 'plant').' standing: of what is eaten as leaf or root, keep seed of the others'),
            $tending->hung === 0 ? null : new FactDocument('Cut to ripen', Quantity::number($tending->hung, 'plant').($tending->hungWhere === '' ? '' : ", $tending->hungWhere")),
            $on === [] ? null : new FactDocument('Covered', implode(', ', array_map(static fn (Covering $covering): string => $covering->with->label().' since '.$when->date($covering->from), $on))),
        ]));
    }

    /**
     * What may travel with the seed, once something sick was seen.
     *
     * @return list<FactDocument>
     */
    private static function travels(PlantingCourse $course): array
    {
        $seen = $course->tending->sickStanding > 0 || ($course->tending->pulled[RogueReason::Sick->value] ?? 0) > 0;

        return $seen ? array_map(static fn (SeedDisease $disease): FactDocument => new FactDocument($disease->name, $disease->note), $course->facts->crop->health->diseases) : [];
    }

    /** @return list<FactDocument> */
    private static function byHand(PlantingCourse $course): array
    {
        $hand = $course->pollinating;
        $usual = $course->facts->crop->byHand?->take;
        if ($hand->wanted === null && $hand->done === []) {
            return [];
        }
        $said = array_filter([
            $hand->wanted === null ? null : Quantity::number($hand->wanted->fruits, 'fruit').' wanted',
            $hand->shut === 0 ? null : Quantity::number($hand->shut, 'flower').' shut',
            $hand->flowers() === 0 ? null : Quantity::number($hand->flowers(), 'flower').' pollinated',
            $hand->took + $hand->dropped === 0 ? null : "$hand->took took".($usual === null ? '' : sprintf(' (usual are %s to %s)', Quantity::percent($usual[0]), Quantity::percent($usual[1]))),
            $hand->dropped === 0 ? null : "$hand->dropped dropped",
            $hand->took === 0 || $hand->seedsToBeHad() === null ? null : 'about '.Quantity::seeds($hand->seedsToBeHad()).' to be had',
        ]);
        $parents = $hand->effectiveParents();
        $plants = array_filter([
            Quantity::number(count(array_diff_key($hand->mothers(), ['' => 0])), 'mother'),
            Quantity::number(count($hand->fathers()), 'father'),
        ]);

        return [
            new FactDocument('By hand', implode(', ', $said)),
            ...($hand->done === [] ? [] : [new FactDocument('Parents', implode(', ', $plants).($parents === null ? '' : sprintf(': worth %s equal plant%s', Quantity::decimal(round($parents, 1)), round($parents, 1) === 1.0 ? '' : 's')))]),
        ];
    }

    /** @return list<FactDocument> */
    private static function marks(MarkStrand $marks): array
    {
        return array_values(array_map(static fn (array $mark): FactDocument => new FactDocument(
            ucfirst($mark['marked']->what->label()).' '.$mark['marked']->mark,
            implode('; ', array_filter([$mark['marked']->why, ...array_column($mark['seen'], 'what')])) ?: 'marked',
        ), $marks->marks));
    }
}
