<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Fields\Refused;
use Marrow\Core\Germination\ReplicateAgreement;
use Marrow\Core\Germination\Verdict;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Testing\TestCourse;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;

/** What is counted in a germination test besides seedlings, and what tells nothing. */
final class TestKindsTest extends CoreTestCase
{
    public function test_what_rots_is_dead_and_what_is_eaten_was_never_laid(): void
    {
        $diary = self::laid(4, 25);
        $diary->record('test_counted', '2026-03-08', ['test' => 't', 'normal' => [10, 12, 9, 11], 'abnormal' => [1, 0, 0, 0], 'mouldy' => [2, 0, 1, 0], 'eaten' => [0, 3, 0, 0]]);
        $test = self::test($diary);
        self::assertSame([97, 42, 1, 3, 3, 51], [$test->sown(), $test->germinated(), $test->abnormal(), $test->mouldy(), $test->eaten(), $test->undecided()]);
        self::assertSame([25, 22, 25, 25], $test->laid());
        self::assertEqualsWithDelta(42 / 97, $test->share()?->rate(), 1e-12);
        // More than were laid, whatever became of them.
        self::assertSame('normal', self::refused($diary, 'test_counted', ['test' => 't', 'normal' => [0, 8, 0, 0], 'abnormal' => [0, 0, 0, 0], 'mouldy' => [0, 3, 0, 0]])->path);
    }

    public function test_what_is_left_at_the_end_is_judged(): void
    {
        $diary = self::laid(2, 20);
        $diary->record('test_counted', '2026-03-08', ['test' => 't', 'normal' => [14, 12], 'abnormal' => [0, 1]]);
        self::assertSame('hard', self::refused($diary, 'test_ended', ['test' => 't', 'hard' => [7, 0], 'fresh' => [0, 0]])->path);
        $diary->record('test_ended', '2026-03-14', ['test' => 't', 'hard' => [3, 2], 'fresh' => [1, 0], 'empty' => [0, 4]]);
        $test = self::test($diary);
        self::assertSame([5, 1, 4, 0], [$test->left('hard'), $test->left('fresh'), $test->left('empty'), $test->undecided()]);
        self::assertEqualsWithDelta(26 / 40, $test->share()?->rate(), 1e-12, 'what may be alive has not come up');
        // Counted once more, it was not over, and nothing was judged.
        $diary->record('test_counted', '2026-03-15', ['test' => 't', 'normal' => [1, 0], 'abnormal' => [0, 0]]);
        self::assertSame([0, 12], [self::test($diary)->left('hard'), self::test($diary)->undecided()]);
    }

    public function test_a_dish_that_is_lost_is_no_seed_dead(): void
    {
        $diary = self::laid(3, 10);
        $diary->record('test_counted', '2026-03-08', ['test' => 't', 'normal' => [9, 0, 8], 'abnormal' => [0, 0, 0]]);
        self::assertFalse(self::test($diary)->agreement()?->agree);
        self::assertSame(1, self::test($diary)->agreement()->farthest, 'the second stands out');
        $diary->record('dish_lost', '2026-03-09', ['test' => 't', 'dish' => 2]);
        self::assertSame([1, 3], self::test($diary)->dishes());
        $test = self::test($diary);
        self::assertSame([20, 17, 1], [$test->sown(), $test->germinated(), $test->lostDishes()]);
        self::assertTrue($test->agreement()?->agree);
        $diary->record('dish_lost', '2026-03-09', ['test' => 't', 'dish' => 1]);
        self::assertSame('dish', self::refused($diary, 'dish_lost', ['test' => 't', 'dish' => 3])->path, 'nothing would be left');
        self::assertSame('dish', self::refused($diary, 'dish_lost', ['test' => 't', 'dish' => 4])->path);
    }

    public function test_dishes_of_which_some_was_eaten_are_compared_by_what_they_hold(): void
    {
        // By R: chisq.test(rbind(c(20, 15, 22), c(5, 5, 3)), correct = FALSE).
        $agreement = ReplicateAgreement::of([20, 15, 22], [25, 20, 25]);
        self::assertEqualsWithDelta([57 / 70, 1.29419703, 0.52356268], [$agreement->rate, $agreement->chiSquare, $agreement->p], 1e-6);
        self::assertNull($agreement->farthest, 'all agree');
        self::assertNull(ReplicateAgreement::of([25, 2], 25)->farthest, 'of two neither');
        self::assertEquals(ReplicateAgreement::of([20, 15, 22], 25), ReplicateAgreement::of([20, 15, 22], [25, 25, 25]));
    }

    public function test_it_says_early_what_it_will_end_as(): void
    {
        $diary = self::laid(4, 25);
        foreach ([6 => 5, 8 => 10, 10 => 6] as $day => $up) {
            $diary->record('test_counted', sprintf('2026-03-%02d', 1 + $day), ['test' => 't', 'normal' => [$up, $up, $up, $up], 'abnormal' => [0, 0, 0, 0]]);
        }
        $test = self::test($diary);
        self::assertSame(84, $test->germinated());
        self::assertSame(Verdict::Good, $test->early(new Practice)?->verdictNow);
        $open = self::laid(4, 25);
        $open->record('test_counted', '2026-03-07', ['test' => 't', 'normal' => [12, 13, 12, 13], 'abnormal' => [0, 0, 0, 0]]);
        $early = self::test($open)->early(new Practice);
        self::assertSame(Verdict::Open, $early?->verdictNow);
        // One dish lost is out of what it goes by, too.
        self::assertSame([6 => [50, 0]], self::test($open)->newByDay());
        $open->record('dish_lost', '2026-03-08', ['test' => 't', 'dish' => 1]);
        self::assertSame([6 => [38, 0]], self::test($open)->newByDay());
    }

    public function test_what_is_laid_side_by_side_tells_of_its_own_part_alone(): void
    {
        $diary = self::laid(2, 25);
        foreach (['f' => 'floaters', 's' => 'sinkers'] as $id => $group) {
            $diary->record('test_started', '2026-03-02 09:00', ['test' => $id, 'replicates' => 1, 'seeds' => 36, 'temperature_c' => 18, 'method' => 'dish', 'group' => $group]);
            $diary->record('test_counted', '2026-03-12', ['test' => $id, 'normal' => [$id === 'f' ? 31 : 33], 'abnormal' => [0]]);
            $diary->record('test_ended', '2026-03-14', ['test' => $id]);
        }
        $testing = $diary->course()->testing;
        self::assertSame(['f', 's'], array_map(static fn (TestCourse $test): string => $test->set->test, $testing->beside($testing->tests['s'])));
        self::assertSame([], $testing->beside($testing->tests['t']));
        self::assertNull($testing->lastEnded(), 'of the lot as a whole nothing is known yet');
        self::assertSame([], $testing->results());
        $alone = self::laid(1, 10);
        $alone->record('test_started', '2026-03-02 09:00', ['test' => 'f', 'replicates' => 1, 'seeds' => 10, 'temperature_c' => 18, 'method' => 'dish', 'group' => 'floaters']);
        self::assertSame([], $alone->course()->testing->beside($alone->course()->testing->tests['f']), 'beside nothing');
    }

    private static function laid(int $replicates, int $seeds): Diary
    {
        $diary = new Diary(self::crop('onion'));
        $diary->record('picked', '2025-08-20', ['plants' => 20, 'fruits' => 20]);
        $diary->record('threshed', '2025-09-20');
        $diary->record('test_started', '2026-03-01 09:00', ['test' => 't', 'replicates' => $replicates, 'seeds' => $seeds, 'temperature_c' => 18, 'method' => 'dish']);

        return $diary;
    }

    private static function test(Diary $diary): TestCourse
    {
        return $diary->course()->testing->tests['t'];
    }

    /** @param  array<string, mixed>  $payload */
    private static function refused(Diary $diary, string $kind, array $payload): Refused
    {
        $admission = $diary->asks($kind, '2026-03-12', $payload);

        return $admission->with->adrift[array_key_last($admission->with->adrift)] ?? self::fail('It was taken.');
    }
}
