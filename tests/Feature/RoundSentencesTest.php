<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Clock;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Keeper;
use Tests\TestCase;

/** What a walk through the garden says of each planting, by what is recorded of it and the day. */
final class RoundSentencesTest extends TestCase
{
    private Keeper $keeper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->keeper = new Keeper($this);
    }

    /** @return iterable<string, array{int, string}> */
    public static function stands(): iterable
    {
        // By R: the fewest n with 1 - 0.98^n at least 0.95 are 149.
        yield 'a few' => [40, 'Look at every one.'];
        yield 'one too few' => [148, 'Look at every one.'];
        yield 'as many as are wanted' => [149, 'Look at 149 to be 95 % sure of meeting one if 1 in 50 is off-type.'];
        yield 'a field' => [2000, 'Look at 149 to be 95 % sure of meeting one if 1 in 50 is off-type.'];
    }

    #[DataProvider('stands')]
    public function test_how_many_are_to_be_looked_at_goes_by_how_many_stand(int $plants, string $sentence): void
    {
        $this->at('2026-05-20 10:00');
        $this->keeper->sow($this->keeper->variety('leek', 'Night Rail'), '2026-04-01T10:00', $plants);
        $line = $this->round('looking-over')['lines'][0];
        self::assertSame('Not looked over yet.', $line['says'][1]);
        self::assertSame($sentence, self::plain($line['says'][2]));
        self::assertSame((string) min($plants, 149), (string) collect($line['offer']['fields'])->firstWhere('key', 'looked_over')['usual']);
    }

    public function test_whether_what_is_pulled_has_given_pollen_goes_by_its_bloom(): void
    {
        $pea = $this->keeper->sow($this->keeper->variety('pea', 'Slack Tide'), '2026-03-20T10:00', 40);
        $bloom = fn (): string => self::plain($this->round('looking-over')['lines'][0]['says'][3] ?? '');
        $this->at('2026-04-20 10:00');
        self::assertMatchesRegularExpression('/^It blooms from about .*\d+ \w+: what is pulled before is no parent\.$/', $bloom());
        $this->at('2026-07-01 10:00');
        self::assertSame('It may be in bloom: what is pulled now may have given pollen.', $bloom());
        $this->keeper->records($pea, 'first_bloom', '2026-06-12T10:00');
        self::assertSame('It blooms or has bloomed: what is pulled now may have given pollen.', $bloom());
        $this->keeper->records($pea, 'rogued', '2026-06-13T10:00', ['looked_over' => 40, 'pulled' => 2, 'why' => 'off_type']);
        self::assertSame('Looked over: 2 of 40 plants off-type.', self::plain($this->round('looking-over')['lines'][0]['says'][1]));
    }

    public function test_what_has_been_picked_and_what_is_of_a_season_that_is_over_is_walked_past(): void
    {
        $codes = fn (): array => array_column(array_column($this->round('looking-over')['lines'], 'tag'), 'code');
        $this->at('2026-07-20 10:00');
        $pea = $this->keeper->variety('pea', 'Slack Tide');
        $old = $this->keeper->sow($pea, '2025-03-20T10:00', 40);
        $now = $this->keeper->sow($pea, '2026-03-20T10:00', 40);
        self::assertSame([$now], $codes(), "$old bloomed a year ago and nobody picked it");
        $this->keeper->pick($now, '2026-07-19T10:00', ['plants' => 30, 'fruits' => 200]);
        self::assertSame([], $codes());
        self::assertSame('Nothing stands that has not been picked.', $this->round('looking-over')['nothing']);
    }

    public function test_flowers_that_were_not_shut_the_evening_before_are_still_to_be_pollinated(): void
    {
        $this->at('2026-07-15 06:30');
        $squash = $this->keeper->sow($this->keeper->variety('squash-pepo', 'Bell Buoy'), '2026-05-10T10:00', 60);
        $this->keeper->records($squash, 'first_bloom', '2026-07-08T10:00');
        $this->keeper->records($squash, 'hand_wanted', '2026-07-14T08:00', ['fruits' => 2]);
        self::assertSame([], $this->round('morning')['lines'], 'nothing is shut');
        $this->keeper->records($squash, 'flowers_shut', '2026-07-14T19:00', ['females' => 1, 'males' => 2]);
        $line = $this->round('morning')['lines'][0];
        self::assertSame('1 flower shut.', self::plain($line['says'][0]), 'where they are nobody said');
        self::assertSame('Take pollen from other plants of the same variety, and not always the same ones.', $line['says'][2], 'sixty plants do not go by numbers');
        self::assertSame('This morning', $this->round('morning')['title']);
        $this->at('2026-07-15 19:00');
        self::assertSame('Tomorrow morning', $this->round('morning')['title']);
    }

    public function test_a_round_on_a_day_ahead_is_of_that_day(): void
    {
        $this->at('2026-06-01 10:00');
        $this->keeper->sow($this->keeper->variety('leek', 'Night Rail'), '2026-04-01T10:00', 60);
        self::assertCount(1, $this->round('looking-over')['lines']);
        $this->getJson('/api/rounds/looking-over?on=2020-01-01')->assertStatus(422)->assertJsonValidationErrors('on');
    }

    private function at(string $now): void
    {
        config(['marrow.now' => $now, 'app.timezone' => 'UTC']);
        $this->app->forgetInstance(Clock::class);
    }

    /** @return array<string, mixed> */
    private function round(string $which): array
    {
        return $this->getJson("/api/rounds/$which")->assertOk()->json();
    }

    private static function plain(string $said): string
    {
        return str_replace("\u{00A0}", ' ', $said);
    }
}
