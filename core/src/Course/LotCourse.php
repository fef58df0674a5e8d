<?php

declare(strict_types=1);

namespace Marrow\Core\Course;

use Marrow\Core\Cleaning\SeedMass;
use Marrow\Core\InvalidFigure;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\EntryKind;
use Marrow\Core\Journal\EntryRefused;
use Marrow\Core\Journal\Payload\FermentStarted;
use Marrow\Core\Journal\Payload\JarRead;
use Marrow\Core\Journal\Payload\Noted;
use Marrow\Core\Journal\Payload\Picked;
use Marrow\Core\Journal\Payload\PouredOff;
use Marrow\Core\Journal\Payload\Rinsed;
use Marrow\Core\Journal\Payload\SampleWeighed;
use Marrow\Core\Journal\Payload\Spread;
use Marrow\Core\Journal\Payload\Stored;
use Marrow\Core\Journal\Payload\TestCounted;
use Marrow\Core\Journal\Payload\TestEnded;
use Marrow\Core\Journal\Payload\TestStarted;
use Marrow\Core\Journal\Payload\Threshed;
use Marrow\Core\Journal\Payload\Weighed;
use Marrow\Core\Journal\Payload\Winnowed;
use Marrow\Core\Journal\Payload\Withdrawn;
use Marrow\Core\Journal\Sequence;
use Marrow\Core\Practice;
use Marrow\Core\Statistics\Interval;
use Marrow\Core\Storage\Forecast;

/**
 * Everything that is known of a lot, folded from its entries. An entry that does not fit (its ground was struck, say)
 * is left out and named in `$adrift`; it never stops the rest from being read.
 */
final class LotCourse
{
    public readonly HarvestCourse $harvest;

    public readonly CleaningCourse $cleaning;

    public readonly DryingCourse $drying;

    public readonly StoreCourse $store;

    /** @var array<string, TestCourse> by test id, in the order in which they were started */
    public array $tests = [];

    /** @var array<string, EntryRefused> why an entry is left out, by entry id */
    public array $adrift = [];

    public ?\DateTimeImmutable $lastAt = null;

    private function __construct(public readonly LotFacts $facts, public readonly Practice $practice)
    {
        $this->harvest = new HarvestCourse($facts);
        $this->cleaning = new CleaningCourse($facts->crop);
        $this->drying = new DryingCourse($facts->crop);
        $this->store = new StoreCourse($facts->crop);
    }

    /** @param  list<Entry>  $entries in any order, strikes among them */
    public static function fold(LotFacts $facts, array $entries, Practice $practice): self
    {
        $lot = new self($facts, $practice);
        foreach (Sequence::of($entries)->standing as $entry) {
            try {
                $lot->apply($entry);
                $lot->lastAt = $entry->happenedAt;
            } catch (EntryRefused $refused) {
                $lot->adrift[$entry->id] = $refused;
            }
        }

        return $lot;
    }

    /**
     * Whether one more entry fits: alone, and without setting adrift what was recorded before.
     *
     * @param  list<Entry>  $entries  recorded so far
     *
     * @throws EntryRefused
     */
    public static function admit(LotFacts $facts, array $entries, Entry $candidate, Practice $practice): self
    {
        if ($candidate->payload instanceof TestCounted) {
            self::mustNotComeLate($entries, $candidate, $candidate->payload);
        }
        $before = self::fold($facts, $entries, $practice);
        $with = self::fold($facts, [...$entries, $candidate], $practice);
        if (isset($with->adrift[$candidate->id])) {
            throw $with->adrift[$candidate->id];
        }
        if ($candidate->kind !== EntryKind::Struck) {
            foreach (array_diff_key($with->adrift, $before->adrift) as $refused) {
                throw EntryRefused::tooEarly('With this entry something recorded later would no longer fit: '.$refused->getMessage());
            }
        }

        return $with;
    }

    public function place(): Place
    {
        return match (true) {
            $this->store->now !== null => Place::Store,
            $this->drying->spreadAt !== null => Place::Racks,
            $this->harvest->hasBegun() => Place::Bench,
            default => Place::Plot,
        };
    }

    public function isUsedUp(): bool
    {
        return $this->store->stock->isKnown() && ($this->store->stock->seeds() ?? 1.0) < 0.5;
    }

    /** Whether it stands closed in tight at a moisture at which it will mould. */
    public function isShutInDamp(): bool
    {
        return $this->store->now?->container->isTight() === true
            && $this->store->ground === MoistureGround::Measured
            && $this->facts->crop->jarMoisture !== null
            && $this->store->moisture > $this->facts->crop->jarMoisture + LotTasks::DAMP_MARGIN;
    }

    /** @return list<TestCourse> */
    public function runningTests(): array
    {
        return array_values(array_filter($this->tests, static fn (TestCourse $test): bool => $test->endedAt === null));
    }

    /** The newest test that has ended; a running one is no ground to stand on yet. */
    public function lastTested(): ?TestCourse
    {
        $ended = array_filter($this->tests, static fn (TestCourse $test): bool => $test->endedAt !== null);

        return $ended === [] ? null : $ended[array_key_last($ended)];
    }

    /** How the share alive will fall; null while the lot is not in store, kept where the equation is not trusted, or of a kind that dies when it dries. */
    public function forecast(): ?Forecast
    {
        if ($this->store->now === null || ! $this->facts->crop->bearsDrying()) {
            return null;
        }
        $test = $this->lastTested();
        $share = $test?->share();
        $from = $test->startedAt ?? $this->harvest->firstAt();
        if ($from === null) {
            return null;
        }
        $constants = $this->facts->crop->viability();
        try {
            $segments = $this->store->segmentsSince($from, $constants);
            if ($segments === null) {
                return null;
            }

            return $share !== null
                ? Forecast::of($share->rateForProbit(), $share->interval(), $from, $segments, $constants->basis)
                : Forecast::of($this->practice->untestedShare, new Interval(0.85, 0.99), $from, $segments, $constants->basis);
        } catch (InvalidFigure) {
            return null;
        }
    }

    /** @return list<Task> */
    public function tasks(): array
    {
        return LotTasks::of($this);
    }

    /** @throws EntryRefused */
    private function apply(Entry $entry): void
    {
        $payload = $entry->payload;
        $at = $entry->happenedAt;
        if (! $payload instanceof Picked && ! $payload instanceof Noted) {
            $this->mustHaveBeenPicked($at);
        }
        match (true) {
            $payload instanceof Picked => $this->harvest->picked($payload, $at),
            $payload instanceof FermentStarted => $this->cleaning->fermentStarted($payload, $at),
            $payload instanceof PouredOff => $this->cleaning->pouredOff($payload->sprouted, $at),
            $payload instanceof Rinsed => $this->cleaning->rinsed($at),
            $payload instanceof Threshed => $this->threshed($payload, $at),
            $payload instanceof Winnowed => $this->winnowed($payload, $at),
            $payload instanceof Spread => $this->spread($payload, $at),
            $payload instanceof Weighed => $this->weighed($payload, $at),
            $payload instanceof JarRead => $this->jarRead($payload, $at),
            $payload instanceof SampleWeighed => $this->sampled($payload),
            $payload instanceof TestStarted => $this->testStarted($payload, $at),
            $payload instanceof TestCounted => $this->test($payload->test)->counted($payload, $at),
            $payload instanceof TestEnded => $this->test($payload->test)->ended($at),
            $payload instanceof Stored => $this->stored($payload, $at),
            $payload instanceof Withdrawn => $this->store->withdrawn($payload),
            $payload instanceof Noted => null,
            default => throw EntryRefused::outOfPlace('An entry of this kind does not belong to a lot.'),
        };
    }

    /** @throws EntryRefused */
    private function mustHaveBeenPicked(\DateTimeImmutable $at): void
    {
        $picked = $this->harvest->firstAt();
        if ($picked === null) {
            throw EntryRefused::tooEarly(sprintf('On %s nothing had been picked for %s yet.', Show::moment($at), $this->facts->code));
        }
    }

    /** @throws EntryRefused */
    private function threshed(Threshed $threshed, \DateTimeImmutable $at): void
    {
        $this->harvest->mustHold($threshed->massG, 'What came out of threshing');
        $this->cleaning->threshed($threshed->massG, $at);
    }

    /** @throws EntryRefused */
    private function winnowed(Winnowed $winnowed, \DateTimeImmutable $at): void
    {
        $this->harvest->mustHold($winnowed->massG, 'Clean seed');
        $this->cleaning->winnowed($winnowed->massG, $at);
    }

    /** @throws EntryRefused */
    private function spread(Spread $spread, \DateTimeImmutable $at): void
    {
        $this->mustBeOut('spread to dry');
        $this->harvest->mustHold($spread->massG, 'Seed spread to dry');
        $this->drying->spread($spread, $at);
        $this->store->emptied($at);
    }

    /** @throws EntryRefused */
    private function weighed(Weighed $weighed, \DateTimeImmutable $at): void
    {
        if ($this->store->now !== null) {
            throw EntryRefused::outOfPlace('This lot is in store. Spread it again if it is to dry on, or record a withdrawal if seed was taken.');
        }
        $this->drying->weighed($weighed->massG, $at);
    }

    /** @throws EntryRefused */
    private function jarRead(JarRead $read, \DateTimeImmutable $at): void
    {
        $this->mustBeOut('closed in a jar to read its humidity');
        $this->drying->jarRead($read, $at);
        $moisture = $this->drying->moisture();
        if ($moisture !== null) {
            $this->store->jarRead($moisture, $at);
        }
    }

    /** @throws EntryRefused */
    private function sampled(SampleWeighed $sample): void
    {
        $this->mustBeOut('counted');
        try {
            $this->store->stock->sampled(SeedMass::of($sample->counted, $sample->massesG));
        } catch (InvalidFigure $e) {
            throw EntryRefused::at($e->figure === 'masses' ? 'masses_g' : 'counted', $e->getMessage());
        }
    }

    /** @throws EntryRefused */
    private function testStarted(TestStarted $set, \DateTimeImmutable $at): void
    {
        $this->mustBeOut('tested');
        if (isset($this->tests[$set->test])) {
            throw EntryRefused::at('test', 'There is such a test already.');
        }
        $seeds = $set->seeds * $set->replicates;
        $this->store->stock->takeSeeds($seeds, 'seeds');
        if ($this->store->now === null) {
            $this->drying->taken($seeds * $this->store->stock->tsm() / 1000);
        }
        $this->tests[$set->test] = new TestCourse($set, $at, $this->facts->crop);
    }

    /** @throws EntryRefused */
    private function stored(Stored $stored, \DateTimeImmutable $at): void
    {
        $this->mustBeOut('stored');
        $last = $this->drying->lastMass();
        // A little more than was last weighed is another scale, or damp weather; much more is another lot.
        if ($this->store->now === null && $stored->massG !== null && $last !== null && $stored->massG > $last * 1.05) {
            throw EntryRefused::at('mass_g', sprintf(
                'On the racks it last weighed %s g; %s g cannot have gone into store.',
                Show::grams($last),
                Show::grams($stored->massG),
            ));
        }
        $this->harvest->mustHold($stored->massG, 'Seed in store');
        $this->store->stored($stored, $at, $this->drying->moisture());
    }

    /** @throws EntryRefused unless the seed has been got out of its fruit, pods or heads */
    private function mustBeOut(string $done): void
    {
        if (! in_array($this->cleaning->stage, [CleaningStage::Clean, CleaningStage::Threshed], true)) {
            throw EntryRefused::outOfPlace(sprintf(
                'Seed is %s after it has been cleaned: record %s first.',
                $done,
                match ($this->cleaning->stage) {
                    CleaningStage::Fermenting => 'the pour-off and the rinse',
                    CleaningStage::PouredOff => 'the rinse',
                    default => $this->facts->crop->isWetCleaned() ? 'how the seed was washed out' : 'the threshing',
                },
            ));
        }
    }

    /** @throws EntryRefused */
    private function test(string $id): TestCourse
    {
        return $this->tests[$id] ?? throw EntryRefused::at('test', 'There is no such test of this lot, or its start was struck.');
    }

    /**
     * Counts say what is new since the last one, so a count cannot be slipped in before another.
     *
     * @param  list<Entry>  $entries
     *
     * @throws EntryRefused
     */
    private static function mustNotComeLate(array $entries, Entry $candidate, TestCounted $counted): void
    {
        foreach (Sequence::of($entries)->standing as $entry) {
            if ($entry->payload instanceof TestCounted && $entry->payload->test === $counted->test && $entry->happenedAt > $candidate->happenedAt) {
                throw EntryRefused::tooEarly(sprintf(
                    'This test was counted on %s already; a count for %s would be out of order. Strike the later count first if it was wrong.',
                    $entry->happenedAt->format('j F Y'),
                    $candidate->happenedAt->format('j F Y'),
                ));
            }
        }
    }
}
