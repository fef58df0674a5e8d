<?php

declare(strict_types=1);

namespace Tests\Feature;

use Closure;
use DateTimeImmutable;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** The demo garden at 34 degrees south says what that at 34 degrees north does, each day half a year on. */
final class DemoSouthTest extends TestCase
{
    private const DAYS = '+182 days';

    private const NORTH = '2026-09-14T10:00';

    private const SOUTH = '2027-03-15T10:00';

    private const MONTHS = 'January|February|March|April|May|June|July|August|September|October|November|December';

    #[TestWith(['/api/plans/2027'])]
    #[TestWith(['/api/today'])]
    #[TestWith(['/api/places/plot'])]
    #[TestWith(['/api/lots/L1'])]
    #[TestWith(['/api/lots/L13'])]
    #[TestWith(['/api/plantings/P19'])]
    #[TestWith(['/api/plantings/P36'])]
    #[TestWith(['/api/rounds/morning'])]
    public function test_it_says_the_same(string $path): void
    {
        $north = $this->garden('34', self::NORTH)($path);
        $south = $this->garden('-34', self::SOUTH)($path);
        self::assertSame(self::said($north, self::DAYS), self::said($south, '+0 days'));
    }

    public function test_today_of_a_day_ahead_is_the_same(): void
    {
        foreach (['2026-11-20', '2027-03-05', '2027-06-10', '2027-08-30'] as $day) {
            $ahead = (new DateTimeImmutable($day))->modify(self::DAYS)->format('Y-m-d');
            self::assertSame(
                self::said($this->garden('34', self::NORTH)("/api/today?on=$day"), self::DAYS),
                self::said($this->garden('-34', self::SOUTH)("/api/today?on=$ahead"), '+0 days'),
                $day,
            );
        }
    }

    public function test_this_month_names_the_same_crops(): void
    {
        $crops = static fn (array $season): array => array_map(static fn (mixed $part): mixed => is_array($part) ? array_column($part, 'key') : null, $season);
        $north = $this->garden('34', self::NORTH)('/api/season');
        $south = $this->garden('-34', self::SOUTH)('/api/season');
        self::assertSame(['September', 'March'], [$north['month'], $south['month']]);
        self::assertSame($crops($north), $crops($south));
    }

    /**
     * An answer with every day that it names some days on.
     *
     * @param  array<array-key, mixed>  $answer
     */
    private static function said(array $answer, string $on): string
    {
        $said = json_encode($answer, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
        $said = (string) preg_replace_callback('/\b20\d\d-\d\d-\d\d(?!\d)/', static fn (array $day): string => (new DateTimeImmutable($day[0]))->modify($on)->format('Y-m-d'), $said);
        // A frost is on a day of any year, a lot of the year in which it was picked.
        $said = (string) preg_replace_callback('/(?<=frost": ")\d\d-\d\d/', static fn (array $day): string => (new DateTimeImmutable("2001-$day[0]"))->modify($on)->format('m-d'), $said);
        $said = (string) preg_replace('/"year": 20\d\d/', '"year": "its own"', $said);

        // A day is told twice, as a date and in words; the words leave the year out where it is this one, so the date is what is compared.
        return (string) preg_replace('/(?:\w+day )?\b(?:\d{1,2} )?('.self::MONTHS.')(?: 20\d\d)?\b/', 'a day', $said);
    }

    /** @return Closure(string): array<array-key, mixed> */
    private function garden(string $latitude, string $now): Closure
    {
        $this->refreshApplication();
        config(['marrow.now' => $now]);
        $this->lay('marrow:demo', ['--latitude' => $latitude]);

        return fn (string $path): array => $this->getJson($path)->assertOk()->json();
    }
}
