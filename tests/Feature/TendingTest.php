<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\Support\Keeper;
use Tests\TestCase;

/** What is done with a planting while it stands, as its worksheet, its seed and the tags say it. */
final class TendingTest extends TestCase
{
    public function test_the_worksheet_says_what_stands_what_was_pulled_and_what_covers_it(): void
    {
        [$keeper, $planting] = $this->sown();
        self::assertSame(['Sown', 'Plants'], array_keys($this->facts($planting)), 'as long as nothing happened');
        $keeper->records($planting, 'planted_out', '2026-05-10', ['plants' => 20]);
        $keeper->records($planting, 'rogued', '2026-06-10', ['looked_over' => 20, 'pulled' => 2, 'why' => 'off_type']);
        $keeper->records($planting, 'sick_seen', '2026-06-12', ['plants' => 1, 'what' => 'mosaic', 'pulled' => true]);
        $keeper->records($planting, 'covered', '2026-06-15', ['with' => 'cage']);
        self::assertSame([
            'Sown' => 'Friday 20 March',
            'Plants' => '24 plants',
            'Standing' => '17 plants',
            'Pulled' => '2 off-type, 1 sick',
            'Covered' => 'a cage of insect mesh since Monday 15 June',
            'Off-types' => '2 of 20 plants',
            'Strange pollen' => 'up to 1.3 % of its seed, by how it was kept apart',
            'Mosaic virus and bacterial canker' => 'Travel on the seed coat; fermenting takes much of it off, hot water more of the canker; of the virus neither is sure',
        ], $this->facts($planting));
    }

    public function test_more_than_stand_is_asked_about_at_its_field_and_kept_when_it_was_so(): void
    {
        [$keeper, $planting] = $this->sown();
        $keeper->tries($planting, 'rogued', '2026-06-10', ['looked_over' => 30, 'pulled' => 1])->assertStatus(422)
            ->assertJsonPath('answers.0.status', 'asked')->assertJsonPath('answers.0.errors.looked_over', 'Only 24 stand, by what is recorded; 30 were looked over.');
        $keeper->tries($planting, 'rogued', '2026-06-10', ['looked_over' => 30, 'pulled' => 1], evenSo: true)->assertOk();
        $keeper->tries($planting, 'rogued', '2026-06-11', ['looked_over' => 3, 'pulled' => 4])->assertStatus(422)->assertJsonPath('answers.0.errors.pulled', 'Of 3 plants that were looked over no more can be pulled.');
    }

    public function test_seed_of_a_planting_with_sick_plants_is_asked_about_until_they_are_pulled(): void
    {
        [$keeper, $planting] = $this->sown();
        $keeper->records($planting, 'sick_seen', '2026-07-10', ['plants' => 2, 'what' => 'mosaic']);
        $draft = fn (): array => ['about' => ['subject' => 'lot', 'id' => '0198c1d2-0000-7000-8000-000000000001'], 'begins' => ['planting' => $keeper->idOf($planting)], 'kind' => 'picked', 'happened_at' => '2026-09-01T10:00', 'payload' => ['plants' => 5, 'fruits' => 20]];
        self::assertSame('2 plants standing: keep no seed of them', $this->facts($planting)['Sick']);
        $keeper->sends($draft())->assertStatus(422)->assertJsonPath('answers.0.questions.0', '2 plants of this planting were seen to be sick and were not pulled: is none of the seed of them?');
        $keeper->records($planting, 'rogued', '2026-07-12', ['looked_over' => 24, 'pulled' => 2, 'why' => 'sick']);
        $keeper->sends($draft())->assertOk();
    }

    public function test_a_tag_says_what_kept_insects_out_and_for_how_long_and_nothing_of_a_net_against_birds(): void
    {
        [$keeper, $planting] = $this->sown();
        $keeper->records($planting, 'covered', '2026-06-01', ['with' => 'net']);
        $lot = $keeper->pick($planting, '2026-08-01T10:00');
        $isolation = fn (): string => collect($this->getJson("/api/tags?codes=$lot")->json('0.lines'))->firstWhere('label', 'Isolation')['said'];
        self::assertSame('not recorded', $isolation());
        $keeper->records($planting, 'uncovered', '2026-06-02');
        $keeper->records($planting, 'covered', '2026-06-03', ['with' => 'cage']);
        $keeper->records($planting, 'uncovered', '2026-07-20');
        self::assertSame('a cage of insect mesh, 3 June 2026 to 20 July 2026', $isolation());
    }

    /** @return array{Keeper, string} */
    private function sown(): array
    {
        $keeper = new Keeper($this);

        return [$keeper, $keeper->sow($keeper->variety('tomato', 'Sluice Gate'), '2026-03-20T10:00', 24)];
    }

    /** @return array<string, string> */
    private function facts(string $planting): array
    {
        return array_map(static fn (string $said): string => str_replace("\u{00A0}", ' ', $said), array_column($this->getJson("/api/plantings/$planting")->assertOk()->json('facts'), 'said', 'label'));
    }
}
