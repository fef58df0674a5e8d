<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Lot\Counsel;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;
use Marrow\Core\Work\Offer;
use PHPUnit\Framework\Attributes\DataProvider;

/** What a lot is good for, weighed in one place: what outweighs what. */
final class AdviceTest extends CoreTestCase
{
    #[DataProvider('lots')]
    public function test_all_that_is_known_is_weighed(?Counsel $counsel, Diary $diary, string $on = '2026-09-14'): void
    {
        self::assertSame($counsel, $diary->course()->advice(new \DateTimeImmutable($on))?->counsel);
    }

    /** @return iterable<string, array{0: ?Counsel, 1: Diary, 2?: string}> */
    public static function lots(): iterable
    {
        yield 'nothing yet' => [null, self::onion(0)];
        yield 'seed still in the heads' => [null, self::onion(1)];
        yield 'clean, on the bench' => [null, self::onion(3)];
        yield 'put away dry, never tested' => [Counsel::Untested, self::stored(), '2025-12-01'];
        yield 'never tested, and years in the warm since' => [Counsel::TestFirst, self::stored(), '2036-09-14'];
        yield 'put away, never tested, and past what is to be counted on' => [Counsel::TestFirst, self::stored()];
        $hot = self::onion(3);
        $hot->record('stored', '2025-09-01', ['container' => 'paper_envelope', 'place_id' => 'loft', 'mass_g' => 60]);
        yield 'a year under a hot roof, and never tested' => [Counsel::KeptTooHot, $hot];
        $moved = self::tested(46);
        $moved->record('stored', '2026-06-01', ['container' => 'paper_envelope', 'place_id' => 'loft', 'mass_g' => 59]);
        yield 'a good test, and a summer under a hot roof since' => [Counsel::KeptTooHot, $moved];

        yield 'a good test' => [Counsel::SowAsUsual, self::tested(46), '2026-04-01'];
        yield 'a middling one' => [Counsel::SowThicker, self::tested(37), '2026-02-16'];
        yield 'a poor one' => [Counsel::DoNotRely, self::tested(20)];
        yield 'just at the mark' => [Counsel::SowAsUsual, self::tested(40), '2026-02-20'];
        yield 'a middling one, half a year later' => [Counsel::TestFirst, self::tested(36)];
        yield 'a good test long ago' => [Counsel::TestFirst, self::tested(46), '2036-09-14'];
        yield 'a poor test long ago is poor still' => [Counsel::DoNotRely, self::tested(20), '2036-09-14'];

        $running = self::stored();
        $running->record('test_started', '2026-09-10', ['test' => 'b', 'replicates' => 1, 'seeds' => 50, 'temperature_c' => 20, 'method' => 'dish']);
        yield 'a test is running' => [Counsel::AwaitTest, $running];
        $again = self::tested(20);
        $again->record('test_started', '2026-09-10', ['test' => 'b', 'replicates' => 1, 'seeds' => 50, 'temperature_c' => 20, 'method' => 'dish']);
        yield 'after a poor test another is running' => [Counsel::DoNotRely, $again];

        $damp = self::tested(46);
        $damp->insist('stored', '2026-09-01', ['container' => 'jar', 'place_id' => 'hall']);
        $damp->record('jar_read', '2026-09-03', ['rh' => 75, 'temperature_c' => 18]);
        yield 'a good test, but shut in damp' => [Counsel::DryFirst, $damp];

        $crossed = self::tested(46, true);
        yield 'a good test, but crossed' => [Counsel::NotForSeed, $crossed];
        $crossedDamp = self::tested(46, true);
        $crossedDamp->insist('stored', '2026-09-01', ['container' => 'jar', 'place_id' => 'hall']);
        $crossedDamp->record('jar_read', '2026-09-03', ['rh' => 75, 'temperature_c' => 18]);
        yield 'crossed, and damp too' => [Counsel::NotForSeed, $crossedDamp];

        $gone = self::tested(46);
        $gone->record('withdrawn', '2026-09-01', ['purpose' => 'sowing', 'mass_g' => $gone->course()->stock->stock->grams()]);
        yield 'all taken out' => [null, $gone];

        $chayote = new Diary(self::crop('chayote'), '2026-03-01');
        $chayote->record('picked', '2026-08-01', ['plants' => 1, 'fruits' => 4]);
        $chayote->record('rinsed', '2026-08-01 12:00');
        yield 'a kind that dies when it dries' => [Counsel::SowFresh, $chayote];
    }

    #[DataProvider('lots')]
    public function test_what_it_is_advised_to_do_is_what_can_be_recorded_first(?Counsel $counsel, Diary $diary, string $on = '2026-09-14'): void
    {
        $names = array_map(static fn (Offer $offer): string => $offer->kind->name, $diary->course()->offers(new \DateTimeImmutable($on)));
        $usual = array_map(static fn (Offer $offer): string => $offer->kind->name, $diary->course()->offers());
        match ($counsel) {
            Counsel::TestFirst, Counsel::PastUnknown, Counsel::KeptTooHot => self::assertSame('test_started', $names[0] ?? null),
            Counsel::DryFirst => self::assertSame('spread', $names[0] ?? null),
            default => self::assertSame($usual, $names),
        };
        sort($names);
        sort($usual);
        self::assertSame($usual, $names, 'nothing is lost by it');
    }

    /** @param  int  $steps  of harvest and cleaning that have been done */
    private static function onion(int $steps, bool $crossed = false): Diary
    {
        $diary = new Diary(self::crop('onion'), '2024-03-01', self::places(), $crossed);
        foreach (array_slice([
            ['picked', '2025-08-01', ['plants' => 20, 'fruits' => 20]],
            ['threshed', '2025-08-20', ['mass_g' => 90]],
            ['winnowed', '2025-08-20 12:00', ['mass_g' => 60]],
        ], 0, $steps) as [$kind, $at, $payload]) {
            $diary->record($kind, $at, $payload);
        }

        return $diary;
    }

    private static function stored(bool $crossed = false): Diary
    {
        $diary = self::onion(3, $crossed);
        $diary->record('stored', '2025-09-01', ['container' => 'paper_envelope', 'place_id' => 'hall', 'mass_g' => 60]);

        return $diary;
    }

    /** @param  int  $up  of 50 */
    private static function tested(int $up, bool $crossed = false): Diary
    {
        $diary = self::stored($crossed);
        $diary->record('test_started', '2026-02-01', ['test' => 'a', 'replicates' => 1, 'seeds' => 50, 'temperature_c' => 20, 'method' => 'dish']);
        $diary->record('test_counted', '2026-02-12', ['test' => 'a', 'normal' => [$up], 'abnormal' => [0]]);
        $diary->record('test_ended', '2026-02-14', ['test' => 'a']);

        return $diary;
    }

    /** @return array<string, \Marrow\Core\Steps\Storing\StoredAt> */
    private static function places(): array
    {
        return ['hall' => new \Marrow\Core\Steps\Storing\StoredAt('Hall', 18.0, 50.0), 'loft' => new \Marrow\Core\Steps\Storing\StoredAt('Loft', 50.0, 30.0)];
    }
}
