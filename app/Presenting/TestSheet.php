<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Http\Documents\CountDocument;
use App\Http\Documents\TestDocument;
use App\Moment;
use App\Words\EntryWords;
use App\Words\LotWords;
use App\Words\When;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Testing\TestCourse;

final class TestSheet
{
    public static function of(TestCourse $test, LotCourse $lot, LotWords $words, When $when): TestDocument
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
            EntryWords::method($test->set->method),
            $conditions->firstCount,
            $conditions->lastCount,
            $test->nextCountDay(),
            self::counts($test),
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
            $words->sowing($test),
            $words->speed($test),
            $words->agreement($test),
            $agreement === null || $agreement->agree,
        );
    }

    /** @return list<CountDocument> */
    private static function counts(TestCourse $test): array
    {
        $total = 0;
        $documents = [];
        foreach ($test->counts() as $count) {
            $new = array_sum($count['counted']->normal);
            $total += $new;
            $documents[] = new CountDocument($count['day'], $new, $total, array_sum($count['counted']->abnormal));
        }

        return $documents;
    }
}
