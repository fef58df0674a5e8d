<?php

declare(strict_types=1);

namespace App\Steps\Testing;

use App\Documents\OfferDocument;
use App\Moment;
use App\Sheet\SheetSection;
use App\Voice\Quantity;
use App\Voice\When;
use App\Words\SideBySideWords;
use App\Words\TestWays;
use App\Words\TestWords;
use Marrow\Core\Germination\UsualPace;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Testing\TestCourse;
use Marrow\Core\Steps\Testing\Told;
use Marrow\Core\Work\Offer;

final class TestingSection implements SheetSection
{
    public function of(LotCourse $lot, When $when): array
    {
        $words = new TestWords($lot);

        return array_map(static fn (TestCourse $test): TestDocument => self::test($test, $lot, $words, $when), array_reverse(array_values($lot->testing->tests)));
    }

    private static function test(TestCourse $test, LotCourse $lot, TestWords $words, When $when): TestDocument
    {
        $share = $test->share();
        $interval = $share?->interval();
        $conditions = $lot->facts->crop->test;
        $agreement = $test->agreement();

        return new TestDocument(
            $test->set->test,
            Moment::say($test->startedAt),
            $test->endedAt === null ? null : Moment::say($test->endedAt),
            $test->dayOf($when->now),
            $test->set->seeds,
            $test->set->replicates,
            $test->set->temperatureC,
            $test->set->method->label(),
            $conditions->firstCount,
            $conditions->lastCount,
            $test->nextCountDay(),
            self::counts($test),
            $test->sown(),
            $test->germinated(),
            $test->abnormal(),
            $test->undecided(),
            $share?->rate(),
            $interval?->low,
            $interval?->high,
            $test->speed()?->t50,
            $lot->practice->good,
            $lot->practice->poor,
            $test->outlook($lot->practice)?->verdictNow->value,
            $words->test($test),
            SideBySideWords::sentence($lot->testing->beside($test)),
            $words->rest($test),
            $words->sowing($test),
            $words->speed($test),
            $words->agreement($test),
            $agreement === null || $agreement->agree,
            ($test->endedAt === null ? sprintf('Germination test, day %d', $test->dayOf($when->now)) : 'Germination test of '.$when->date($test->startedAt)).($test->isOfSome() ? ": {$test->set->group}" : ''),
            self::set($test, $when),
            array_map(static fn (Offer $offer): OfferDocument => OfferDocument::of($offer, $lot->cautions()), $test->offers()),
            self::usual($lot),
            TestWays::steps($test->set->method),
        );
    }

    /** @return list<float> share that would be up by each day from 0 to the last count, of fresh sound seed */
    private static function usual(LotCourse $lot): array
    {
        $conditions = $lot->facts->crop->test;
        $pace = UsualPace::ofCounts($conditions->firstCount, $conditions->lastCount);

        return array_map(static fn (int $day): float => round($lot->practice->untestedShare * $pace->upBy($day), 4), range(0, $conditions->lastCount));
    }

    private static function set(TestCourse $test, When $when): string
    {
        if ($test->told === Told::ByKeeper) {
            return sprintf('%d of %d came up, as it was written down; day by day it is not known.', $test->germinated(), $test->sown());
        }
        $seeds = $test->set->replicates === 1 ? Quantity::number($test->set->seeds, 'seed') : sprintf('%d × %s', $test->set->replicates, Quantity::number($test->set->seeds, 'seed'));

        return sprintf(
            '%s in a %s, %s, set %s%s. %d up%s%s of %d.%s',
            $seeds,
            $test->set->method->label(),
            Quantity::temperature($test->set->temperatureC),
            $when->date($test->startedAt),
            ($test->set->sorted ? ', empty seed sorted out first' : '').($test->set->up === null ? '' : ", up when {$test->set->up->label()}"),
            $test->germinated(),
            $test->abnormal() > 0 ? sprintf(', %d abnormal', $test->abnormal()) : '',
            $test->endedAt === null ? sprintf(', %d undecided', $test->undecided()) : '',
            $test->sown(),
            $test->isOfSome() ? ' Of some of the lot alone: it is not counted for the whole.' : '',
        );
    }

    /** @return list<CountDocument> */
    private static function counts(TestCourse $test): array
    {
        $total = 0;
        $documents = [];
        foreach ($test->newByDay() as $day => [$new, $abnormal]) {
            $total += $new;
            $documents[] = new CountDocument($day, $new, $total, $abnormal);
        }

        return $documents;
    }
}
