<?php

declare(strict_types=1);

namespace Marrow\Core\Course;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Germination\GerminationShare;
use Marrow\Core\Germination\GerminationSpeed;
use Marrow\Core\Germination\Outlook;
use Marrow\Core\Germination\ReplicateAgreement;
use Marrow\Core\Journal\EntryRefused;
use Marrow\Core\Journal\Payload\TestCounted;
use Marrow\Core\Journal\Payload\TestStarted;
use Marrow\Core\Practice;

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
    ) {}

    /** @throws EntryRefused */
    public function counted(TestCounted $counted, \DateTimeImmutable $at): void
    {
        if ($this->endedAt !== null) {
            throw EntryRefused::tooEarly(sprintf('This test was ended on %s; it can have no count after that.', Show::moment($this->endedAt)));
        }
        foreach (['normal' => $counted->normal, 'abnormal' => $counted->abnormal] as $field => $list) {
            if (count($list) !== $this->set->replicates) {
                throw EntryRefused::at($field, sprintf('This test has %d replicates; give a count for each.', $this->set->replicates));
            }
        }
        $day = $this->dayOf($at);
        if ($day < 1) {
            throw EntryRefused::tooEarly(sprintf('The test was started on %s; the first count can be a day later.', $this->startedAt->format('j F Y')));
        }
        $last = $this->lastDay();
        if ($last !== null && $day <= $last) {
            throw EntryRefused::tooEarly($day === $last
                ? sprintf('Day %d of this test has been counted already. If that count is wrong, strike it first.', $day)
                : sprintf('Day %d of this test has been counted already; a count for day %d would be out of order.', $last, $day));
        }
        $this->mustFit($counted);
        $this->counts[] = ['day' => $day, 'at' => $at, 'counted' => $counted];
    }

    /** @throws EntryRefused */
    public function ended(\DateTimeImmutable $at): void
    {
        if ($this->endedAt !== null) {
            throw EntryRefused::outOfPlace(sprintf('This test was ended on %s already.', Show::moment($this->endedAt)));
        }
        if ($this->counts === []) {
            throw EntryRefused::outOfPlace('A test is ended after at least one count; if nothing came up, count 0.');
        }
        $this->endedAt = $at;
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

        return GerminationSpeed::of(
            array_map(static fn (array $count): int => $count['day'], $this->counts),
            array_map(static fn (array $count): int => array_sum($count['counted']->normal), $this->counts),
        );
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

    /** @throws EntryRefused when more seedlings are counted than seeds were set */
    private function mustFit(TestCounted $counted): void
    {
        $normal = $this->perReplicate('normal');
        $abnormal = $this->perReplicate('abnormal');
        foreach ($counted->normal as $i => $new) {
            $total = $normal[$i] + $abnormal[$i] + $new + $counted->abnormal[$i];
            if ($total > $this->set->seeds) {
                throw EntryRefused::at('normal', sprintf(
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
