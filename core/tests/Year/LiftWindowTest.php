<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Year;

use Marrow\Core\Season\PlanTask;
use Marrow\Core\Season\PlanTaskKind;
use Marrow\Core\Season\PlanTasks;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Growing\GrowingTask;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Drawing;
use Marrow\Core\Tests\Support\PlotDiary;
use Marrow\Core\Year\LiftWindow;
use Marrow\Core\Year\SeasonShift;
use PHPUnit\Framework\Attributes\TestWith;

/** When what is kept alive is lifted: by its own months, and by no flower. */
final class LiftWindowTest extends CoreTestCase
{
    #[TestWith(['garlic', '2026-10-20', '2027-06-01', '2027-07-31'])]
    #[TestWith(['garlic', '2027-01-20', '2027-06-01', '2027-07-31'])]
    #[TestWith(['potato', '2026-04-20', '2026-08-01', '2026-09-30'])]
    #[TestWith(['potato', '2026-08-20', '2027-08-01', '2027-09-30'])]
    #[TestWith(['oca', '2026-05-10', '2026-11-01', '2026-12-31'])]
    #[TestWith(['top-onion', '2026-08-20', '2027-07-01', '2027-08-31'])]
    #[TestWith(['perennial-kale', '2026-04-20', '2026-06-19', '2026-09-30'])]
    public function test_it_is_the_first_of_its_months_that_it_has_grown_for(string $crop, string $planted, string $from, string $to): void
    {
        $kept = self::crop($crop)->vegetative;
        self::assertNotNull($kept);
        $window = LiftWindow::after($kept, new \DateTimeImmutable($planted), SeasonShift::none());
        self::assertSame([$from, $to], [$window?->from->format('Y-m-d'), $window?->to->format('Y-m-d')]);
    }

    public function test_of_every_crop_it_begins_after_the_planting_and_within_two_years(): void
    {
        foreach (['51', '-38', '9'] as $latitude) {
            $year = (new Practice(['latitude' => $latitude]))->year;
            foreach (self::crops()->all() as $crop) {
                if (! $crop->isKeptAlive() || $crop->vegetative?->lift === null) {
                    continue;
                }
                for ($planted = new \DateTimeImmutable('2026-01-05 09:00'); $planted->format('Y') < '2028'; $planted = $planted->modify('+23 days')) {
                    $window = LiftWindow::after($crop->vegetative, $planted, $year->shiftOf($crop->growing));
                    self::assertGreaterThanOrEqual($planted->modify('+60 days'), $window?->from, $crop->key);
                    self::assertGreaterThanOrEqual($window?->from, $window?->to, $crop->key);
                    self::assertLessThan($planted->modify('+2 years'), $window?->to, $crop->key);
                }
            }
        }
    }

    public function test_the_plot_and_the_plan_have_it_lifted_and_not_looked_over_for_ripe_seed(): void
    {
        $diary = new PlotDiary(self::crop('garlic'));
        $diary->record('sown', '2025-10-20', ['plants' => 40]);
        $task = $diary->course()->tasks()[0];
        self::assertSame([GrowingTask::Lift, '2026-06-01', '2026-07-31'], [$task->kind, $task->opens->format('Y-m-d'), $task->latest?->format('Y-m-d')]);
        $diary->record('first_bloom', '2026-06-10');
        self::assertSame(GrowingTask::Lift, $diary->course()->tasks()[0]->kind, 'its flowers change nothing');

        $kinds = array_map(static fn (PlanTask $task): PlanTaskKind => $task->kind, PlanTasks::of((new Drawing(self::crops()))->plant('p', 'potato', 0, 0, '2027-04-20', ['lifted' => true])->plan()));
        self::assertContains(PlanTaskKind::LiftKept, $kinds);
        self::assertSame([], array_filter($kinds, static fn (PlanTaskKind $kind): bool => in_array($kind, [PlanTaskKind::LookForRipe, PlanTaskKind::Lift, PlanTaskKind::Sort, PlanTaskKind::Replant], true)));
    }
}
