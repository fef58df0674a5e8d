<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Asked;
use Marrow\Core\Steps\Tending\CoverKind;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\PlotDiary;
use Marrow\Core\Work\Offer;
use PHPUnit\Framework\Attributes\DataProvider;

/** What is done with a planting while it stands. */
final class TendingTest extends CoreTestCase
{
    public function test_how_many_stand_follows_what_was_done(): void
    {
        $diary = self::sown(60);
        self::assertSame(60, $diary->course()->tending->standing);
        $diary->record('planted_out', '2026-05-10', ['plants' => 40]);
        $diary->record('thinned', '2026-05-30', ['left' => 32]);
        $diary->record('rogued', '2026-06-10', ['looked_over' => 32, 'pulled' => 2, 'why' => 'off_type', 'how' => 'red stalks']);
        $diary->record('sick_seen', '2026-06-20', ['plants' => 3, 'what' => 'mosaic', 'pulled' => true]);
        $diary->record('sick_seen', '2026-06-21', ['plants' => 1]);
        $diary->record('rogued', '2026-06-25', ['looked_over' => 27, 'pulled' => 1]);
        $tending = $diary->course()->tending;
        self::assertSame(40 - 8 - 2 - 3 - 1, $tending->standing);
        self::assertSame(['off_type' => 2, 'sick' => 3, '' => 1], $tending->pulled);
        self::assertSame(1, $tending->sickStanding);
        $diary->record('rogued', '2026-06-26', ['looked_over' => 26, 'pulled' => 1, 'why' => 'sick']);
        self::assertSame([0, 4], [$diary->course()->tending->sickStanding, $diary->course()->tending->pulled['sick']]);
        $tending = $diary->course()->tending;
        self::assertSame($tending->standing, $diary->shuffled()->tending->standing, 'in whatever order it is recorded');
    }

    public function test_struck_it_was_not_done(): void
    {
        $diary = self::sown(60);
        $rogued = $diary->record('rogued', '2026-06-10', ['looked_over' => 60, 'pulled' => 5, 'why' => 'weak']);
        self::assertSame(55, $diary->course()->tending->standing);
        $diary->insist('struck', '2026-06-11', ['entry' => $rogued]);
        self::assertSame([60, []], [$diary->course()->tending->standing, $diary->course()->tending->pulled]);
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function moreThanStand(): iterable
    {
        yield 'looked over' => ['rogued', ['looked_over' => 70, 'pulled' => 1], 'Only 60 stand, by what is recorded; 70 were looked over.'];
        yield 'set out' => ['planted_out', ['plants' => 61], 'Only 60 stand, by what is recorded; 61 were set out.'];
        yield 'left' => ['thinned', ['left' => 61], 'Only 60 stand, by what is recorded; 61 were left.'];
        yield 'sick' => ['sick_seen', ['plants' => 61], 'Only 60 stand, by what is recorded; 61 were sick.'];
        yield 'taken up' => ['lifted', ['plants' => 61, 'kept' => 5], 'Only 60 stand, by what is recorded; 61 were taken up.'];
    }

    /** @param  array<string, mixed>  $payload */
    #[DataProvider('moreThanStand')]
    public function test_more_than_stand_is_asked_about_and_kept_when_it_was_so(string $kind, array $payload, string $said): void
    {
        $diary = self::sown(60);
        try {
            $diary->record($kind, '2026-06-10', $payload);
            self::fail('that was not asked about');
        } catch (Asked $asked) {
            self::assertSame($said, $asked->getMessage());
        }
        $diary->insist($kind, '2026-06-10', $payload);
        self::assertSame([], $diary->course()->adrift());
        self::assertGreaterThanOrEqual(0, $diary->course()->tending->standing);
    }

    public function test_no_more_are_pulled_than_were_looked_over_nor_kept_than_were_lifted(): void
    {
        foreach ([['rogued', ['looked_over' => 5, 'pulled' => 6], 'pulled'], ['lifted', ['plants' => 5, 'kept' => 6], 'kept']] as [$kind, $payload, $path]) {
            try {
                self::sown(60)->record($kind, '2026-06-10', $payload);
                self::fail('that was taken');
            } catch (Refused $refused) {
                self::assertSame($path, $refused->path);
            }
        }
    }

    public function test_a_cover_is_on_until_it_is_taken_off_and_what_was_on_when_is_remembered(): void
    {
        $diary = self::sown(60);
        $diary->record('covered', '2026-06-01', ['with' => 'cage']);
        $diary->record('covered', '2026-06-03', ['with' => 'net']);
        self::assertCount(2, $diary->course()->tending->on());
        $diary->record('uncovered', '2026-06-20', ['why' => 'blown off']);
        $diary->record('covered', '2026-06-21', ['with' => 'bags']);
        $tending = $diary->course()->tending;
        self::assertSame([CoverKind::Bags], array_map(static fn ($covering): CoverKind => $covering->with, $tending->on()));
        self::assertSame(['2026-06-20', '2026-06-20', null], array_map(static fn ($covering): ?string => $covering->to?->format('Y-m-d'), $tending->coverings));
    }

    public function test_what_nothing_covers_cannot_be_uncovered(): void
    {
        $this->expectException(Asked::class);
        $this->expectExceptionMessage('Nothing covers it, by what is recorded');
        self::sown(60)->record('uncovered', '2026-06-20');
    }

    public function test_roots_are_lifted_looked_through_and_planted_again(): void
    {
        $diary = self::sown(60);
        $diary->record('lifted', '2026-10-20', ['plants' => 50, 'kept' => 30, 'how' => 'in damp sand']);
        self::assertSame([10, 30], [$diary->course()->tending->standing, $diary->course()->tending->inStore]);
        $diary->record('winter_lost', '2026-12-10', ['lost' => 4, 'how' => 'rot']);
        $diary->record('winter_lost', '2027-01-15', ['lost' => 0]);
        $diary->record('replanted', '2027-03-25', ['plants' => 24]);
        self::assertSame([34, 2], [$diary->course()->tending->standing, $diary->course()->tending->inStore]);
        try {
            $diary->record('replanted', '2027-03-26', ['plants' => 5]);
            self::fail('that was not asked about');
        } catch (Asked $asked) {
            self::assertSame('Only 2 lie in store, by what is recorded.', $asked->getMessage());
        }
    }

    public function test_what_was_never_lifted_is_neither_looked_through_nor_planted_again(): void
    {
        foreach (['winter_lost' => ['lost' => 1], 'replanted' => ['plants' => 1]] as $kind => $payload) {
            try {
                self::sown(60)->record($kind, '2026-12-10', $payload);
                self::fail('that was taken');
            } catch (Asked $asked) {
                self::assertStringContainsString('Nothing of it was lifted', $asked->getMessage());
            }
        }
    }

    public function test_nothing_is_done_with_what_was_not_sown(): void
    {
        foreach (['planted_out' => ['plants' => 5], 'thinned' => ['left' => 5], 'covered' => ['with' => 'cage'], 'rogued' => ['looked_over' => 5, 'pulled' => 0], 'sick_seen' => ['plants' => 1], 'lifted' => ['plants' => 5, 'kept' => 5]] as $kind => $payload) {
            try {
                (new PlotDiary(self::crop('pea')))->record($kind, '2026-06-10', $payload);
                self::fail("$kind was taken");
            } catch (Asked $asked) {
                self::assertStringContainsString('it had not been sown yet', $asked->getMessage());
            }
        }
    }

    public function test_what_can_be_done_is_offered_as_it_stands(): void
    {
        $offered = static fn (PlotDiary $diary): array => array_map(static fn (Offer $offer): string => $offer->kind->name, $diary->course()->offers());
        $diary = self::sown(60);
        self::assertContains('covered', $offered($diary));
        self::assertNotContains('uncovered', $offered($diary));
        self::assertNotContains('replanted', $offered($diary));
        $diary->record('covered', '2026-06-01', ['with' => 'cage']);
        self::assertContains('uncovered', $offered($diary));
        self::assertNotContains('covered', $offered($diary));
        $diary->record('first_bloom', '2026-06-10');
        self::assertNotContains('thinned', $offered($diary), 'in bloom it is thinned no more');
        $lifted = self::sown(60);
        $lifted->record('lifted', '2026-10-20', ['plants' => 50, 'kept' => 30]);
        self::assertContains('replanted', $offered($lifted));
    }

    private static function sown(int $plants): PlotDiary
    {
        $diary = new PlotDiary(self::crop('pea'));
        $diary->record('sown', '2026-04-01', ['plants' => $plants]);

        return $diary;
    }
}
