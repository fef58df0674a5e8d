<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Asked;
use Marrow\Core\Folding\Misfit;
use Marrow\Core\Folding\Question;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Lot\Counsel;
use Marrow\Core\Lot\KeepingTask;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Lot\LotFacts;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Drying\DryingTask;
use Marrow\Core\Steps\Storing\MoistureGround;
use Marrow\Core\Steps\Storing\StoredAt;
use Marrow\Core\Steps\Storing\StoringTask;
use Marrow\Core\Storage\ViabilityConstants;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;
use Marrow\Core\Things\Registered;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\TaskKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Lots that many keepers might have recorded: whatever they do of what they are offered, certain things hold. */
final class RandomJournalsTest extends CoreTestCase
{
    private const KEEPERS = 280;

    private const STEPS = 30;

    /** @var array<string, int> how often each kind was tried */
    private static array $tried = [];

    #[DataProvider('keepers')]
    public function test_what_is_offered_can_be_done_and_the_books_stay_straight(int $seed): void
    {
        $chance = new Randomizer(new Mt19937($seed));
        $crop = self::drawn($chance, $seed);
        $diary = new Diary($crop, '2024-03-01', self::places(), $seed % 7 === 0, null, $seed % 2 === 1);
        $at = new \DateTimeImmutable('2025-08-01 08:00');
        self::begin($diary, $at, $seed);
        for ($step = 0; $step < self::STEPS; $step++) {
            // Now and then two things are done within one minute.
            $at = $at->modify(sprintf('+%d minutes', $chance->getInt(0, 9) === 0 ? 0 : $chance->getInt(60, 60 * 24 * 12)));
            $before = $diary->course();
            [$kind, $payload] = self::act($before, $chance, $step);
            self::$tried[$kind] = (self::$tried[$kind] ?? 0) + 1;
            try {
                $diary->record($kind, $at->format('Y-m-d H:i'), $payload, self::heardAs($kind));
            } catch (Asked $asked) {
                if (array_filter($asked->questions, static fn (Question $question): bool => $question->field !== 'container') !== []) {
                    continue;
                }
                // Asked before it is shut in damp, keepers do it all the same.
                $diary->insist($kind, $at->format('Y-m-d H:i'), $payload, self::heardAs($kind));
            } catch (Refused $refused) {
                // Only a figure may be wrong; what is offered is never out of place.
                self::assertNotSame('kind', $refused->path, "{$crop->key}: $kind: {$refused->getMessage()}");

                continue;
            }
            $this->assertStraight($diary->course(), $at);
            $this->assertNothingOutOfNothing($kind, $payload, $before, $diary->course());
        }
        self::assertSame([], $diary->course()->adrift());
        $this->assertAsGood($diary->course(), $diary->shuffled(), $at);

        foreach (array_reverse($diary->entries()) as $entry) {
            $diary->strike($entry->id);
            $this->assertStraight($diary->course(), $at);
        }
        $empty = $diary->course();
        self::assertSame(Place::Plot, $empty->place());
        self::assertSame([], $empty->tasks());
        self::assertSame([], $empty->adrift());
        self::assertNull($empty->advice($at));
    }

    /** @return iterable<string, array{int}> */
    public static function keepers(): iterable
    {
        for ($seed = 1; $seed <= self::KEEPERS; $seed++) {
            yield "keeper $seed" => [$seed];
        }
    }

    public function test_every_kind_that_can_happen_to_a_lot_was_tried(): void
    {
        foreach (Registered::kinds()->all() as $kind) {
            if ($kind->name !== 'struck' && in_array('lot', array_map(static fn ($subject): string => $subject->value, $kind->of), true)) {
                self::assertGreaterThan(20, self::$tried[$kind->name] ?? 0, "The random keepers of this test hardly ever tell \"$kind->name\": is it offered, and can act() fill what it asks for?");
            }
        }
    }

    #[DataProvider('keepers')]
    public function test_whatever_order_true_entries_come_in_the_end_is_the_same(int $seed): void
    {
        $chance = new Randomizer(new Mt19937(1000 + $seed));
        $crop = self::drawn($chance, $seed);
        $diary = new Diary($crop, '2024-03-01', self::places());
        $at = new \DateTimeImmutable('2025-08-01 08:00');
        self::begin($diary, $at, $seed);
        for ($step = 0; $step < 14; $step++) {
            $at = $at->modify(sprintf('+%d minutes', $chance->getInt(0, 60 * 24 * 9)));
            [$kind, $payload] = self::act($diary->course(), $chance, $step);
            // Whatever a keeper insists on, fitting or not, is in the journal too.
            $diary->insist($kind, $at->format('Y-m-d H:i'), $payload, self::heardAs($kind));
        }
        $facts = new LotFacts('L1', $crop, new \DateTimeImmutable('2024-03-01'), self::places());
        $whole = LotCourse::fold($facts, $diary->entries(), new Practice);
        for ($n = 0; $n < 4; $n++) {
            $order = $chance->shuffleArray($diary->entries());
            $kept = [];
            foreach ($order as $entry) {
                // Late or not, what happened is never lost: at worst it is asked about.
                self::assertAdmitted($facts, $kept, $entry);
                $kept[] = $entry;
            }
            $this->assertAsGood($whole, LotCourse::fold($facts, $kept, new Practice), $at);
        }
    }

    /** @param  list<Entry>  $kept */
    private static function assertAdmitted(LotFacts $facts, array $kept, Entry $entry): void
    {
        $admission = LotCourse::admit($facts, $kept, $entry, new Practice);
        foreach ($admission->questions as $question) {
            self::assertNotSame('', $question->message);
        }
        $left = $admission->with->adrift[$entry->id] ?? null;
        self::assertTrue($left === null || $left instanceof Misfit);
    }

    private function assertAsGood(LotCourse $a, LotCourse $b, \DateTimeImmutable $at): void
    {
        self::assertEquals($a->tasks(), $b->tasks(), 'whatever order they came in');
        self::assertSame(array_keys($a->adrift()), array_keys($b->adrift()));
        self::assertSame($a->place(), $b->place());
        self::assertSame($a->stock->stock->seeds(), $b->stock->stock->seeds());
        self::assertSame($a->drying->moisture(), $b->drying->moisture());
        self::assertSame($a->storing->shares(), $b->storing->shares());
        self::assertSame($a->storing->moisture, $b->storing->moisture);
        self::assertEquals($a->advice($at)?->counsel, $b->advice($at)?->counsel);
    }

    /**
     * Only a count or a weighing raises a stock (what was more than there was is asked about, and these keepers say that it is so), and moving a tight container changes no moisture.
     *
     * @param  array<string, mixed>  $payload
     */
    private function assertNothingOutOfNothing(string $kind, array $payload, LotCourse $before, LotCourse $after): void
    {
        $said = in_array($kind, ['stored', 'seen', 'kept_looked_over'], true) && array_any(['mass_g', 'seeds', 'sound'], static fn (string $figure): bool => ($payload[$figure] ?? null) !== null);
        if (! $said && $kind !== 'sample_weighed' && $before->stock->stock->isKnown()) {
            // Where it is counted what there is, is whole seeds.
            self::assertLessThanOrEqual((float) $before->stock->stock->seeds() + ($kind === 'seen' ? 0.5 : 1e-9), (float) $after->stock->stock->seeds(), $kind);
        }
        if ($kind === 'stored' && count($before->storing->containers()) === 1 && $before->storing->now?->container->isTight() === true && $after->storing->now?->container->isTight() === true) {
            self::assertSame($before->storing->moisture, $after->storing->moisture);
            self::assertSame($before->storing->ground, $after->storing->ground);
        }
        if ($kind === 'stored' && count($before->storing->containers()) === 1 && $before->storing->ground === MoistureGround::PlaceAir && $after->storing->now?->container->isTight() === true) {
            self::assertContains($after->storing->ground, [MoistureGround::Carried, MoistureGround::Measured], 'paper has followed the air; the racks of long ago say nothing');
        }
    }

    private function assertStraight(LotCourse $course, \DateTimeImmutable $now): void
    {
        $stock = $course->stock->stock;
        self::assertGreaterThanOrEqual(0.0, $stock->seeds() ?? 0.0);
        self::assertGreaterThanOrEqual(0.0, $stock->grams() ?? 0.0);
        $shares = $course->storing->shares();
        if ($shares !== [] && $stock->seeds() !== null) {
            self::assertEqualsWithDelta($stock->seeds(), array_sum($shares), 1e-6, 'what is in its containers is what there is of it');
        }
        foreach ($shares as $share) {
            self::assertGreaterThanOrEqual(0.0, $share ?? 0.0);
        }
        $moisture = $course->drying->moisture();
        if ($moisture !== null) {
            self::assertGreaterThan(0.0, $moisture);
            self::assertLessThan(100.0, $moisture);
        }
        foreach ($course->testing->tests as $test) {
            self::assertLessThanOrEqual($test->sown(), $test->germinated() + $test->abnormal());
            self::assertGreaterThanOrEqual(0, $test->undecided());
            $outlook = $test->outlook(new Practice);
            self::assertTrue($outlook === null || $outlook->lowest <= $outlook->highest);
        }
        foreach ($course->tasks() as $task) {
            self::assertLessThanOrEqual($task->best, $task->opens, (string) $task->kind->value);
            self::assertTrue($task->latest === null || $task->best <= $task->latest, (string) $task->kind->value);
        }
        foreach ([0, 400, 3000] as $days) {
            $this->assertNoContradiction($course, $now->modify("+$days days"));
        }
        $forecast = $course->forecast();
        if ($forecast !== null) {
            $share = 1.0;
            foreach ([0, 200, 1000, 4000] as $days) {
                $later = $now->modify("+$days days");
                self::assertLessThanOrEqual($share + 1e-12, $forecast->shareAt($later), 'seed does not come to life again');
                $share = $forecast->shareAt($later);
                self::assertTrue($forecast->limitsAt($later)->contains($share));
            }
        }
    }

    /** One lot never gets two opposite pieces of advice: what is advised, what is wanted and what is forecast go together. */
    private function assertNoContradiction(LotCourse $course, \DateTimeImmutable $at): void
    {
        $counsel = $course->advice($at)?->counsel;
        $wanted = array_map(static fn ($task): TaskKind => $task->kind, $course->tasks());
        $keeping = array_filter($wanted, static fn (TaskKind $kind): bool => $kind instanceof KeepingTask);
        if ($counsel === Counsel::NotForSeed || $counsel === Counsel::SowFresh) {
            self::assertSame([], $keeping, 'what is not for seed is neither tested nor grown out as if it were');
        }
        if ($counsel === Counsel::PlantAlive) {
            self::assertSame([], array_filter($keeping, static fn (TaskKind $kind): bool => $kind !== KeepingTask::PlantAgain), 'what is kept alive is planted, not tested');
            self::assertNull($course->storing->moisture);
        }
        if ($counsel === Counsel::MaySleep) {
            self::assertTrue($course->testing->awakeAt() !== null || $course->facts->crop->test->chilling, 'it sleeps while it is fresh, or until it had a winter');
        }
        if ($counsel === Counsel::SowFresh || $counsel === Counsel::PlantAlive) {
            self::assertNull($course->forecast());
            self::assertSame([], array_filter($wanted, static fn (TaskKind $kind): bool => in_array($kind, [DryingTask::SpreadDry, DryingTask::SpreadWet, DryingTask::PutAway], true)));
        }
        if ($counsel === Counsel::DryFirst) {
            self::assertTrue($course->treating->isWet() || $course->storing->isShutInDamp() || $course->storing->moisture > ViabilityConstants::MAX_MOISTURE, 'only what is damp is to be dried');
        }
        if ($counsel === Counsel::PastUnknown) {
            self::assertNull($course->forecast(), 'what nobody knows is not forecast');
        }
        if (in_array(StoringTask::OpenDampJar, $wanted, true)) {
            self::assertContains($counsel, [Counsel::DryFirst, Counsel::NotForSeed]);
            self::assertNull($course->forecast(), 'what moulds within weeks is not good for decades');
            self::assertSame([], $keeping);
        }
        if ($counsel === Counsel::SowAsUsual || $counsel === Counsel::SowThicker) {
            $share = $course->testing->lastEnded()?->share()?->rate();
            self::assertGreaterThanOrEqual((new Practice)->poor, $share);
            foreach ($course->tasks() as $task) {
                self::assertFalse($task->kind === KeepingTask::GrowOut && ($task->figures['tested_poor'] ?? 0) === 0 && $task->figures['likely_until'] < $at->format('Y-m-d'), 'sow as usual, and yet it has likely fallen too low');
            }
        }
        if ($counsel === Counsel::DoNotRely) {
            self::assertLessThan((new Practice)->poor, $course->testing->lastEnded()?->share()?->rate());
        }
        if ($course->isUsedUp()) {
            self::assertNull($counsel);
        }
    }

    /** What is set apart of a lot is recorded of the lot that it becomes. */
    private static function heardAs(string $kind): ?string
    {
        return $kind === 'set_apart' ? 'lot' : null;
    }

    /** Every fifth keeper got the seed from elsewhere, and every fifth poured two lots together; whoever has seed in gel mostly picked it. */
    private static function begin(Diary $diary, \DateTimeImmutable $at, int $seed): void
    {
        $isWet = $diary->course()->facts->crop->isWetCleaned();
        [$kind, $payload] = match (true) {
            $seed % 10 === 8 => ['cross_picked', ['name' => 'Lightship', 'father' => 'a neighbour’s plant', 'plants' => 1, 'mother' => '4', 'fruits' => 3, 'mass_g' => 5000]],
            $seed % 2 === 0 && $seed % 3 !== 0 => ['picked', ['plants' => 10, 'fruits' => 40, 'mass_g' => 5000]],
            $seed % 5 === 1 => ['poured_together', ['lot' => 'one', 'seeds' => 150, 'other' => 'two', 'other_seeds' => 250]],
            $seed % 5 === 0 => ['received', ['how' => 'swapped', 'from' => 'Odile', 'year' => 2023, 'claimed' => '85 %', 'treated' => $seed % 2 === 0, ...($seed % 10 === 5 ? ['uncleaned' => true, 'mass_g' => 5000] : ($seed % 3 === 0 ? ['seeds' => 400] : []))]],
            $seed % 11 === 7 => ['set_apart', ['lot' => 'another', 'part' => $isWet ? 'floated' : ['light', 'unopened', 'fell'][$seed % 3], 'mass_g' => [null, 40][$seed % 2]]],
            $seed % 4 === 1 && ! $isWet => ['cut_down', ['plants' => 10, 'part' => 'stalks', 'kept' => ['sheet', 'hung', 'bag'][$seed % 3]]],
            default => ['picked', ['plants' => 10, 'fruits' => 40, 'mass_g' => 5000]],
        };
        $diary->record($kind, $at->format('Y-m-d H:i'), $payload);
        self::$tried[$kind] = (self::$tried[$kind] ?? 0) + 1;
    }

    /** Every second keeper has a crop that is fermented or rinsed, so that wet cleaning is tried as often as dry. */
    private static function drawn(Randomizer $chance, int $seed): Crop
    {
        $crops = array_values(array_filter(self::crops()->all(), static fn (Crop $crop): bool => $crop->isWetCleaned() === ($seed % 2 === 0)));
        if ($seed % 4 === 0) {
            return self::crop(['tomato', 'cucumber'][intdiv($seed, 4) % 2]);
        }
        if ($seed % 4 === 2) {
            return self::crop(['squash-pepo', 'pepper'][intdiv($seed, 8) % 2]);
        }

        return $crops[$chance->getInt(0, count($crops) - 1)];
    }

    /** @return array<string, StoredAt> */
    private static function places(): array
    {
        return ['shelf' => new StoredAt('Shelf', 18.0, 50.0), 'cellar' => new StoredAt('Cellar', 12.0, 75.0), 'fridge' => new StoredAt('Fridge', 5.0, 60.0), 'freezer' => new StoredAt('Freezer', -18.0, 65.0)];
    }

    /** @return array<string, mixed> some of it, or some of one of its packets */
    private static function taken(LotCourse $course, Randomizer $chance): array
    {
        $packets = $course->packets->waiting();

        return $packets === [] || $chance->getInt(0, 1) === 0 ? ['mass_g' => $chance->getInt(1, 60)] : ['seeds' => $chance->getInt(1, 20), 'container' => array_key_first($packets)];
    }

    /** @return array{string, array<string, mixed>} one of the things offered, or a count of a running test */
    private static function act(LotCourse $course, Randomizer $chance, int $step): array
    {
        $running = $course->testing->running();
        if ($running !== [] && $chance->getInt(0, 1) === 1) {
            $test = $running[0];
            // By its own day, so that no other chance falls otherwise for it.
            if ($test->wantsWarmth() && $step % 2 === 0) {
                return ['test_warmed', ['test' => $test->set->test]];
            }
            if ($step % 11 === 5) {
                return ['test_wetted', ['test' => $test->set->test]];
            }
            $ends = $test->counts() !== [] && $chance->getInt(0, 2) === 0;
            $seedlings = array_map(static fn (): int => $chance->getInt(0, 6), range(1, $test->set->replicates));

            return $ends
                ? ['test_ended', ['test' => $test->set->test, 'hard' => $chance->getInt(0, 3) === 0 ? array_fill(0, $test->set->replicates, 1) : []]]
                : ($chance->getInt(0, 9) === 0
                    ? ['dish_lost', ['test' => $test->set->test, 'dish' => $chance->getInt(1, 4)]]
                    : ['test_counted', ['test' => $test->set->test, 'normal' => $seedlings, 'abnormal' => array_fill(0, $test->set->replicates, 0), 'eaten' => $chance->getInt(0, 3) === 0 ? array_fill(0, $test->set->replicates, 1) : []]]);
        }
        $offers = $course->offers();
        // What is likeliest is done most often, so that lots get on.
        $kind = $offers[$chance->getInt(0, 1) === 1 ? 0 : $chance->getInt(0, count($offers) - 1)]->kind->name;
        // Rarely is anything still cold: then it is opened.
        $kind = in_array('opened', array_map(static fn ($offer): string => $offer->kind->name, $offers), true) ? 'opened' : $kind;
        $kind = $chance->getInt(0, 19) === 0 ? 'put_off' : $kind;
        // While it is in its fruit there is little time for what is done with that.
        $offered = array_map(static fn ($offer): string => $offer->kind->name, $offers);
        $early = array_values(array_intersect(['fruit_opened', 'soaked', 'turned', 'laid_with_gel', 'ferment_started', 'filled', 'stirred'], $offered));
        // Of what has the fewest chances most is made.
        $rare = array_values(array_intersect(['stirred', 'soaked'], $early));
        $early = [...$early, ...$rare, ...$rare, ...$rare, ...array_intersect(['laid_with_gel', 'ferment_started'], $early)];
        if ($early !== [] && $chance->getInt(0, 99) < 75) {
            $kind = $early[$chance->getInt(0, count($early) - 1)];
        }
        $kind = in_array('set_apart', $offered, true) && $chance->getInt(0, 99) < 8 ? 'set_apart' : $kind;
        $kind = in_array('raked', $offered, true) && $chance->getInt(0, 99) < 5 ? 'raked' : $kind;
        // Lost early, nothing more would happen to it.
        $kind = $kind === 'seed_lost' && $step < self::STEPS * 0.4 ? $offers[0]->kind->name : $kind;
        $mass = $course->drying->lastMass() ?? 100.0;

        return [$kind, match ($kind) {
            'picked' => ['plants' => $chance->getInt(1, 20), 'fruits' => $chance->getInt(1, 50), 'mass_g' => 500],
            'turned' => ['caught_g' => [null, 3][$chance->getInt(0, 1)]],
            'fruit_opened' => ['how' => 'cut', 'fruits' => $chance->getInt(2, 9), 'bitter' => $chance->getInt(0, 1), 'look' => 'mixed'],
            'laid_with_gel' => ['seeds' => [null, 120][$chance->getInt(0, 1)]],
            'set_apart' => ['lot' => 'this', 'part' => ['light', 'floated', 'unopened', 'picked'][$chance->getInt(0, 3)], 'mass_g' => [null, 2][$chance->getInt(0, 1)]],
            'in_vessel' => ['vessel' => ['bowl', 'bucket'][$chance->getInt(0, 1)], 'tag' => $chance->getInt(0, 1) === 1],
            'sample_sorted' => ['pure_g' => $chance->getInt(1, 20), 'inert_g' => [null, 1][$chance->getInt(0, 1)]],
            'soaked' => ['temperature_c' => [null, 12, 28][$chance->getInt(0, 2)]],
            'picked_over' => ['looked' => $chance->getInt(20, 200), 'flat' => $chance->getInt(0, 6), 'holed' => $chance->getInt(0, 6)],
            'ferment_started' => [...($chance->getInt(0, 2) === 0 ? ['place_id' => 'cellar'] : ['temperature_c' => $chance->getInt(10, 40)]), 'cover' => ['cloth', 'loose_lid'][$chance->getInt(0, 1)]],
            'poured_off' => ['passes' => $chance->getInt(1, 6), 'sprouted' => $chance->getInt(0, 9) === 0],
            'spread' => ['surface' => 'mesh', 'mass_g' => 100, 'moisture' => $chance->getInt(0, 1) === 1 ? $chance->getInt(15, 55) : null],
            'weighed' => ['mass_g' => max(0.01, round($mass * $chance->getInt(70, 101) / 100, 2))],
            'jar_read' => ['rh' => $chance->getInt(10, 90), 'temperature_c' => $chance->getInt(5, 30)],
            'card_read' => [['card' => '10-20-30-40-50-60', 'damp_to' => 20, 'dry_from' => 40, 'temperature_c' => 20], ['card' => '30-40-50', 'damp_to' => 50, 'dry_from' => null, 'temperature_c' => 8], ['card' => '30-40-50', 'damp_to' => null, 'dry_from' => 30, 'temperature_c' => 20]][$chance->getInt(0, 2)],
            'hand_tried' => ['sun_jar' => ['mist', 'no_mist'][$chance->getInt(0, 1)]],
            'raked' => ['dry_outside' => $chance->getInt(0, 1) === 1],
            'dries_elsewhere' => ['where' => ['indoors', 'shade', 'sun'][$chance->getInt(0, 2)], 'place_id' => [null, 'cellar'][$chance->getInt(0, 1)]],
            'desiccant_in' => ['desiccant' => ['gel', 'rice'][$chance->getInt(0, 1)], 'desiccant_g' => [null, 40, 200][$chance->getInt(0, 2)]],
            'desiccant_out' => ['desiccant_g' => [null, 44, 215][$chance->getInt(0, 2)]],
            'test_result' => ['test' => "r$step", 'seeds' => 30, 'up' => $chance->getInt(0, 30)],
            'sample_weighed' => ['counted' => 100, 'masses_g' => [$course->facts->crop->ordinaryTsm() / 10]],
            'test_started' => ['test' => "t$step", 'replicates' => $chance->getInt(1, 4), 'seeds' => $chance->getInt(5, 50), 'temperature_c' => 20, 'method' => 'dish', ...($step % 5 < 2 ? ['chilled_days' => 10] : [])],
            'stored' => [
                'container' => ['jar', 'foil_pouch', 'paper_envelope', 'tin'][$chance->getInt(0, 3)],
                'place_id' => array_keys(self::places())[$chance->getInt(0, 3)],
                'mass_g' => $chance->getInt(0, 1) === 1 ? max(0.01, round(min($mass, 100.0) * 0.95, 2)) : null,
            ],
            'divided' => ['seeds' => $chance->getInt(1, 40), 'container' => ['jar', 'paper_envelope'][$chance->getInt(0, 1)], 'place_id' => array_keys(self::places())[$chance->getInt(0, 3)], 'into' => "packet $step"],
            'portioned' => ['years' => [2027, 2028], 'seeds' => [$chance->getInt(1, 30), $chance->getInt(1, 30)], 'plants' => 6, 'container' => ['jar', 'paper_envelope'][$chance->getInt(0, 1)], 'place_id' => array_keys(self::places())[$chance->getInt(0, 3)], 'reserve' => $chance->getInt(0, 1) === 1 ? $chance->getInt(0, 40) : null, 'into' => ["first $step", "second $step"]],
            'put_off' => ['task' => ($course->tasks()[0] ?? null)?->kind->value ?? 'weigh', 'about' => ($course->tasks()[0] ?? null)?->about ?? '', ...[['how' => 'done'], ['how' => 'next_year'], ['how' => 'later', 'until' => '2031-01-01']][$chance->getInt(0, 2)]],
            'reserved' => ['seeds' => $chance->getInt(0, 60)],
            'seed_lost' => [[], ['how' => 'rotten', 'words' => 'forgotten']][$chance->getInt(0, 1)],
            'called_back' => ['gift' => array_key_first($course->sharing->gifts) ?? 'none'],
            'seen' => [[], ['gone' => true], ['seeds' => $chance->getInt(1, 200)], ['mass_g' => $chance->getInt(1, 9)]][$chance->getInt(0, 9) > 6 ? $chance->getInt(1, 3) : 0],
            'withdrawn' => ['purpose' => ['gift', 'lost'][$chance->getInt(0, 1)], 'to' => ['', 'Tove'][$chance->getInt(0, 1)], ...self::taken($course, $chance)],
            'bathed' => ['temperature_c' => $chance->getInt(45, 52), 'minutes' => $chance->getInt(10, 40)],
            'kept_looked_over' => [['sound' => $chance->getInt(0, 40), 'rotten' => $chance->getInt(0, 4)], ['rotten' => $chance->getInt(1, 3)], ['shrunken' => 2]][$chance->getInt(0, 2)],
            'noted' => ['text' => 'Looked at'],
            default => [],
        }];
    }
}
