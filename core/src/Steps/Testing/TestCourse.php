<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Testing;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Folding\Misfit;
use Marrow\Core\Germination\GerminationShare;
use Marrow\Core\Germination\GerminationSpeed;
use Marrow\Core\Germination\Outlook;
use Marrow\Core\Germination\ReplicateAgreement;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Work\Offer;

/** One germination test from the first damp towel to its verdict. */
final class TestCourse
{
    /** @var list<array{day: int, at: \DateTimeImmutable, counted: TestCounted}> */
    private array $counts = [];

    public ?\DateTimeImmutable $endedAt = null;

    public function __construct(
        public readonly TestStarted $set,
        public readonly \DateTimeImmutable $startedAt,
        private readonly Crop $crop,
        public readonly Told $told = Told::Not,
    ) {}

    /** A test of which only what came of it is known: a share of so many seeds. */
    public static function told(float $share, int $seeds, \DateTimeImmutable $at, Crop $crop, Told $told): self
    {
        $test = new self(new TestStarted('told', 1, $seeds, $crop->test->temperatureHigh, TestMethod::DampTowel), $at, $crop, $told);
        $test->counts[] = ['day' => $crop->test->lastCount, 'at' => $at, 'counted' => new TestCounted('told', [(int) round($share * $seeds)], [0])];
        $test->endedAt = $at;

        return $test;
    }

    /** @throws Misfit */
    public function counted(TestCounted $counted, \DateTimeImmutable $at): void
    {
        foreach (['normal' => $counted->normal, 'abnormal' => $counted->abnormal] as $field => $list) {
            if (count($list) !== $this->set->replicates) {
                throw Misfit::at($field, sprintf('This test has %d replicates; give a count for each.', $this->set->replicates));
            }
        }
        $day = $this->dayOf($at);
        if ($day < 0) {
            throw Misfit::tooEarly(sprintf('The test was started on %s; it cannot have been counted before that.', $this->startedAt->format('j F Y')));
        }
        $this->mustFit($counted);
        // Counted once more after its end, it was not over.
        $this->endedAt = null;
        $this->counts[] = ['day' => $day, 'at' => $at, 'counted' => $counted];
    }

    /** @throws Misfit */
    public function ended(\DateTimeImmutable $at): void
    {
        if ($this->counts === []) {
            throw Misfit::outOfPlace('A test is ended after at least one count; if nothing came up, count 0.');
        }
        $this->endedAt = $at;
    }

    /** @return list<Offer> */
    public function offers(): array
    {
        if ($this->endedAt !== null) {
            return [];
        }
        $replicates = $this->set->replicates;

        return [
            Offer::of(TestCounted::class, 10)->given('test', $this->set->test)->each('normal', $replicates)->each('abnormal', $replicates),
            ...($this->counts === [] ? [] : [Offer::of(TestEnded::class, 20)->given('test', $this->set->test)]),
        ];
    }

    /** Days since the start by the calendar: the day it was set up is day 0. */
    public function dayOf(\DateTimeImmutable $at): int
    {
        return (int) $this->startedAt->setTime(0, 0)->diff($at->setTime(0, 0))->format('%r%a');
    }

    public function sown(): int
    {
        return $this->set->seeds * $this->set->replicates;
    }

    public function germinated(): int
    {
        return array_sum($this->perReplicate('normal'));
    }

    public function abnormal(): int
    {
        return array_sum($this->perReplicate('abnormal'));
    }

    /** Seeds that may still come up. */
    public function undecided(): int
    {
        return $this->endedAt !== null ? 0 : $this->sown() - $this->germinated() - $this->abnormal();
    }

    public function share(): ?GerminationShare
    {
        return $this->counts === [] ? null : GerminationShare::of($this->germinated(), $this->sown());
    }

    /** null with one replicate, or before the first count */
    public function agreement(): ?ReplicateAgreement
    {
        return $this->set->replicates < 2 || $this->counts === []
            ? null
            : ReplicateAgreement::of($this->perReplicate('normal'), $this->set->seeds);
    }

    /** null until something has come up */
    public function speed(): ?GerminationSpeed
    {
        if ($this->germinated() === 0) {
            return null;
        }

        $byDay = [];
        foreach ($this->counts as $count) {
            // Nothing is up before the first day is over; two counts of a day are one.
            $day = max(1, $count['day']);
            $byDay[$day] = ($byDay[$day] ?? 0) + array_sum($count['counted']->normal);
        }

        return GerminationSpeed::of(array_keys($byDay), array_values($byDay));
    }

    public function outlook(Practice $practice): ?Outlook
    {
        $share = $this->share();

        return $share === null ? null : Outlook::of($share, $this->undecided(), $practice->good, $practice->poor);
    }

    /** @return list<array{day: int, at: \DateTimeImmutable, counted: TestCounted}> */
    public function counts(): array
    {
        return $this->counts;
    }

    public function lastDay(): ?int
    {
        return $this->counts === [] ? null : $this->counts[count($this->counts) - 1]['day'];
    }

    /** The day of the next count: the crop's first count, then every second day, at last its last count; null when ended. */
    public function nextCountDay(): ?int
    {
        if ($this->endedAt !== null) {
            return null;
        }
        $last = $this->lastDay();
        if ($last === null || $last < $this->crop->test->firstCount) {
            return $this->crop->test->firstCount;
        }

        return $last >= $this->crop->test->lastCount ? $last : min($last + 2, $this->crop->test->lastCount);
    }

    /** @throws Misfit when more seedlings are counted than seeds were set */
    private function mustFit(TestCounted $counted): void
    {
        $normal = $this->perReplicate('normal');
        $abnormal = $this->perReplicate('abnormal');
        foreach ($counted->normal as $i => $new) {
            $total = $normal[$i] + $abnormal[$i] + $new + $counted->abnormal[$i];
            if ($total > $this->set->seeds) {
                throw Misfit::at('normal', sprintf(
                    'More seedlings than seeds: that would make %d from the %d seeds%s.',
                    $total,
                    $this->set->seeds,
                    $this->set->replicates > 1 ? ' of replicate '.($i + 1) : '',
                ));
            }
        }
    }

    /**
     * @param  'normal'|'abnormal'  $which
     * @return list<int>
     */
    public function perReplicate(string $which): array
    {
        $sums = array_fill(0, $this->set->replicates, 0);
        foreach ($this->counts as $count) {
            foreach ($which === 'normal' ? $count['counted']->normal : $count['counted']->abnormal as $i => $new) {
                $sums[$i] += $new;
            }
        }

        return array_values($sums);
    }
}
