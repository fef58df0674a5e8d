<?php

declare(strict_types=1);

namespace App\Steps\Testing;

use App\Documents\OfferDocument;
use App\Moment;
use App\Sheet\SheetSection;
use App\Voice\Quantity;
use App\Voice\When;
use App\Words\BeforeWords;
use App\Words\SideBySideWords;
use App\Words\TestWays;
use App\Words\TestWords;
use App\Words\VigourWords;
use Marrow\Core\Germination\UsualPace;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Testing\TestCourse;
use Marrow\Core\Steps\Testing\Told;
use Marrow\Core\Work\Offer;

final class TestingSection implements SheetSection
{
    /** Days after its end in which what came up can still be potted on. */
    private const SPROUTS_DAYS = 14;

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
            $test->nextCountDay($lot->practice),
            self::counts($test),
            $test->sown(),
            $test->germinated(),
            $test->abnormal(),
            $test->undecided(),
            $share?->rate(),
            $interval?->low,
            $interval?->high,
            $test->speed()?->tellsHalf() === true ? $test->speed()->t50 : null,
            $lot->practice->good,
            $lot->practice->poor,
            $test->outlook($lot->practice)?->verdictNow->value,
            $words->test($test),
            SideBySideWords::sentence($lot->testing->beside($test)),
            $words->rest($test),
            $words->otherwise($test),
            $words->sowing($test),
            (new VigourWords($lot))->of($test),
            $words->agreement($test),
            $agreement === null || $agreement->agree,
            ($test->endedAt === null ? ($test->isChilling($when->now) ? 'Germination test, in the cold' : sprintf('Germination test, day %d', $test->dayOf($when->now))) : 'Germination test of '.$when->date($test->startedAt)).($test->isOfSome() ? ": {$test->set->group}" : ''),
            self::set($test, $when),
            array_map(static fn (Offer $offer): OfferDocument => OfferDocument::of($offer, $lot->cautions()), $test->offers()),
            self::usual($lot),
            TestWays::steps($test->set->method),
            Moment::say($test->beganAt()),
            $test->looks(),
            self::sprouts($test, $when),
            $test === $lot->testing->lastEnded() && $test->germinated() > 0 && ! $lot->isUsedUp() && ! $lot->facts->crossed,
        );
    }

    /** @return list<float> share that would be up by each day from 0 to the last count, of fresh sound seed */
    public static function usual(LotCourse $lot): array
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
            implode('', array_map(static fn (string $one): string => ", $one", [...BeforeWords::said($test->set->before()), ...($test->set->sorted ? ['empty seed sorted out first'] : []), ...($test->set->up === null ? [] : ["up when {$test->set->up->label()}".($test->set->upMm === null ? '' : ", from {$test->set->upMm} mm")])])),
            $test->germinated(),
            $test->abnormal() > 0 ? sprintf(', %d abnormal', $test->abnormal()) : '',
            $test->endedAt === null ? sprintf(', %d undecided', $test->undecided()) : '',
            $test->sown(),
            $test->isOfSome() ? ' Of some of the lot alone: it is not counted for the whole.' : '',
        );
    }

    /** Of a test that runs or is just over; later they are plants, or on the compost. */
    private static function sprouts(TestCourse $test, When $when): int
    {
        return $test->told !== Told::Not || ($test->endedAt !== null && $when->daysTo($test->endedAt) < -self::SPROUTS_DAYS) ? 0 : $test->germinated();
    }

    /** @return list<CountDocument> */
    private static function counts(TestCourse $test): array
    {
        [$total, $documents] = [0, []];
        $dishes = self::dishes($test);
        foreach ($test->newByDay() as $day => [$new, $abnormal]) {
            $total += $new;
            $documents[] = new CountDocument($day, $new, $total, $abnormal, ...($dishes[$day] ?? [[], []]));
        }

        return $documents;
    }

    /** @return array<int, array{list<int>, list<int>}> up, and abnormal or rotten, new in each dish, by day */
    private static function dishes(TestCourse $test): array
    {
        $none = array_fill(0, $test->set->replicates, 0);
        $by = [];
        foreach ($test->counts() as ['day' => $day, 'counted' => $counted]) {
            [$up, $dead] = $by[$day] ?? [$none, $none];
            foreach (array_keys($none) as $i) {
                $up[$i] += $counted->normal[$i] ?? 0;
                $dead[$i] += ($counted->abnormal[$i] ?? 0) + ($counted->mouldy[$i] ?? 0);
            }
            $by[$day] = [array_values($up), array_values($dead)];
        }

        return $by;
    }
}
