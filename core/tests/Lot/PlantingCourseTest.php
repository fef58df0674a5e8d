<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Asked;
use Marrow\Core\Steps\Growing\GrowingTask;
use Marrow\Core\Steps\Growing\SeedLot;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\PlotDiary;

final class PlantingCourseTest extends CoreTestCase
{
    public function test_ripe_seed_is_looked_for_so_many_days_after_sowing(): void
    {
        // Pea, sown a third into its months: 95 less a third of 40 days to bloom on 1 June, a week either way; 40 to 60 more, over 30 days of bloom.
        $task = self::sown()->course()->tasks()[0];
        self::assertSame(GrowingTask::Pick, $task->kind);
        self::assertSame(['2026-07-04', '2026-07-21', '2026-09-05'], [$task->opens->format('Y-m-d'), $task->best->format('Y-m-d'), $task->latest?->format('Y-m-d')]);
    }

    public function test_its_season_is_reckoned_until_its_bloom_is_seen(): void
    {
        $diary = new PlotDiary(self::crop('pea'));
        self::assertNull($diary->course()->growing->season(), 'nobody has said when it was sown');
        $diary->record('sown', '2026-03-20', ['plants' => 40]);
        $reckoned = $diary->course()->growing->season() ?? throw new \LogicException;
        self::assertSame([false, false], [$reckoned->isFirstSeen, $reckoned->isLastSeen]);
        self::assertTrue($reckoned->firstBloom < $reckoned->lastBloom && $reckoned->lastBloom < $reckoned->ripeTo);
        $diary->record('first_bloom', '2026-06-20');
        $seen = $diary->course()->growing->season() ?? throw new \LogicException;
        self::assertSame(['2026-06-20', true, false], [$seen->firstBloom->format('Y-m-d'), $seen->isFirstSeen, $seen->isLastSeen]);
        // As long as pea usually blooms, and the seed so many days after.
        $growing = self::crop('pea')->growing;
        self::assertSame($growing->bloomDays() - 1, (int) $seen->firstBloom->diff($seen->lastBloom)->days);
        self::assertSame($growing->bloomToRipeMin, (int) $seen->firstBloom->diff($seen->ripeFrom)->days);
        $diary->record('last_bloom', '2026-07-02');
        $over = $diary->course()->growing->season() ?? throw new \LogicException;
        self::assertSame(['2026-07-02', true], [$over->lastBloom->format('Y-m-d'), $over->isLastSeen]);
        self::assertSame($growing->bloomToRipeMax, (int) $over->lastBloom->diff($over->ripeTo)->days);
    }

    public function test_it_blooms_from_its_first_flower_to_its_last_and_is_over_when_no_seed_is_to_come(): void
    {
        $diary = new PlotDiary(self::crop('pea'));
        $diary->record('sown', '2026-03-20', ['plants' => 40]);
        $diary->record('first_bloom', '2026-06-20 18:00');
        $diary->record('last_bloom', '2026-07-02 08:00');
        $season = $diary->course()->growing->season() ?? throw new \LogicException;
        $blooms = static fn (string $day): bool => $season->blooms(new \DateTimeImmutable($day));
        self::assertSame([false, true, true, true, false], array_map($blooms, ['2026-06-19 23:59', '2026-06-20 06:00', '2026-06-25', '2026-07-02 23:00', '2026-07-03']));
        self::assertFalse($season->isOver($season->ripeTo));
        self::assertTrue($season->isOver($season->ripeTo->modify('+1 day')));
    }

    public function test_a_biennial_ripens_in_its_second_summer(): void
    {
        self::assertSame('2027', self::sown('leek')->course()->tasks()[0]->opens->format('Y'));
    }

    public function test_nothing_is_due_once_it_is_picked_or_its_sowing_is_struck(): void
    {
        $picked = new PlotDiary(self::crop('pea'), '2026-07-01');
        $picked->record('sown', '2026-03-11 10:00', ['plants' => 40]);
        self::assertSame([], $picked->course()->tasks());

        $diary = new PlotDiary(self::crop('pea'));
        $diary->insist('struck', '2026-03-12', ['entry' => $diary->record('sown', '2026-03-11 10:00', ['plants' => 40])]);
        self::assertNull($diary->course()->growing->sown);
        self::assertSame([], $diary->course()->tasks());
    }

    public function test_what_does_not_fit_is_asked_about_and_kept_adrift_when_it_is_insisted_on(): void
    {
        $diary = self::sown();
        self::assertAsked('sown already', static fn () => $diary->record('sown', '2026-03-20', ['plants' => 12]));
        $again = $diary->insist('sown', '2026-03-20', ['plants' => 12]);
        $diary->record('noted', '2026-04-02', ['text' => 'Mice']);
        self::assertSame([$again], array_keys($diary->course()->adrift()));
        self::assertSame('2026-03-11', $diary->course()->growing->sownAt?->format('Y-m-d'));
        self::assertSame(40, $diary->course()->growing->sown?->plants);
        self::assertSame(['Mice'], $diary->course()->notes->notes);
    }

    public function test_an_earlier_sowing_that_would_push_a_recorded_one_aside_is_asked_about(): void
    {
        $diary = self::sown();
        self::assertAsked('would no longer fit', static fn () => $diary->record('sown', '2026-03-01', ['plants' => 12]));
    }

    public function test_two_keepers_who_record_the_same_sowing_agree(): void
    {
        $diary = self::sown();
        $diary->record('sown', '2026-03-11 18:00', ['plants' => 40]);
        self::assertSame([], $diary->course()->adrift());
        self::assertSame(['entry-0002' => 'entry-0001'], $diary->course()->agrees());
    }

    public function test_once_bloom_is_seen_ripe_seed_is_looked_for_so_many_days_after_it(): void
    {
        // Pea: 40 to 60 days from the flower to ripe seed, 30 days of bloom.
        $diary = self::sown();
        $diary->record('first_bloom', '2026-05-20 10:00');
        $task = $diary->course()->tasks()[0];
        self::assertSame(['2026-06-29', '2026-07-09', '2026-08-18'], [$task->opens->format('Y-m-d'), $task->best->format('Y-m-d'), $task->latest?->format('Y-m-d')]);
        self::assertSame('bloom', $task->figures['from']);
        $diary->record('last_bloom', '2026-06-01 10:00');
        self::assertSame('2026-07-31', $diary->course()->tasks()[0]->latest?->format('Y-m-d'));
    }

    public function test_bloom_out_of_order_is_asked_about_and_named(): void
    {
        $diary = self::sown();
        self::assertAsked('first bloom before its last', static fn () => $diary->record('last_bloom', '2026-06-01 10:00'));
        self::assertAsked('had not been sown', static fn () => $diary->record('first_bloom', '2026-03-01 10:00'));
        $diary->record('first_bloom', '2026-05-20 10:00');
        self::assertAsked('stands in the journal already', static fn () => $diary->record('first_bloom', '2026-05-22 10:00'));
        $early = $diary->insist('first_bloom', '2026-03-01 10:00');
        self::assertSame([$early], array_keys($diary->course()->adrift()));
        self::assertSame('2026-05-20', $diary->course()->growing->firstBloomAt?->format('Y-m-d'));
    }

    public function test_off_types_do_not_silence_the_reminder_but_are_told_with_it(): void
    {
        $diary = self::sown();
        $diary->record('off_types_seen', '2026-05-20 10:00', ['seen' => 4, 'off' => 1]);
        $task = $diary->course()->tasks()[0];
        self::assertSame(GrowingTask::Pick, $task->kind);
        self::assertSame([1, 4], [$task->figures['off'], $task->figures['seen']]);
    }

    public function test_seed_is_from_a_lot_of_the_same_crop(): void
    {
        $lots = [
            'pea' => new SeedLot('L1', 'pea', 'variety', 'Coxswain'),
            'other' => new SeedLot('L2', 'pea', 'another', 'Bosun'),
            'tomato' => new SeedLot('L3', 'tomato', 'sluice', 'Sluice Gate'),
        ];
        $diary = new PlotDiary(self::crop('pea'), null, $lots);
        foreach (['tomato' => 'L3 is Sluice Gate', 'nothing' => 'no such lot'] as $lot => $says) {
            try {
                $diary->record('sown', '2026-03-11', ['plants' => 30, 'lot' => $lot]);
                self::fail('It was taken.');
            } catch (Refused $refused) {
                self::assertNotInstanceOf(Asked::class, $refused, 'it cannot be so, whatever the keeper says');
                self::assertSame('lot', $refused->path);
                self::assertStringContainsString($says, $refused->getMessage());
            }
        }
        self::assertAsked('another variety, Bosun', static fn () => $diary->record('sown', '2026-03-11', ['plants' => 30, 'lot' => 'other']));
        $diary->record('sown', '2026-03-11', ['plants' => 30, 'lot' => 'pea']);
        self::assertSame('pea', $diary->course()->growing->sown?->lot);
    }

    public function test_a_sowing_after_the_first_picking_is_asked_about(): void
    {
        $diary = new PlotDiary(self::crop('pea'), '2026-07-01');
        self::assertAsked('L9 was picked from this planting on 1 July 2026', static fn () => $diary->record('sown', '2026-07-02', ['plants' => 40]));
    }

    private static function sown(string $crop = 'pea'): PlotDiary
    {
        $diary = new PlotDiary(self::crop($crop));
        $diary->record('sown', '2026-03-11 10:00', ['plants' => 40]);

        return $diary;
    }

    private static function assertAsked(string $says, \Closure $act): void
    {
        try {
            $act();
        } catch (Asked $asked) {
            self::assertStringContainsString($says, $asked->getMessage());

            return;
        }
        self::fail('Nobody asked.');
    }
}
