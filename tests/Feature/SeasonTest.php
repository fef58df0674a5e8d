<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\Support\Keeper;
use Tests\TestCase;

/** Where the books open: this month, for the crops of the garden; and the questions that tell look-alikes apart. */
final class SeasonTest extends TestCase
{
    public function test_an_empty_garden_is_told_which_crops_may_be_sown(): void
    {
        $season = $this->getJson('/api/season')->assertOk()->json();
        self::assertSame(['September', [], [], []], [$season['month'], $season['sow'], $season['bloom'], $season['ripe']]);
        self::assertGreaterThan(10, count($season['others']));
        $names = array_column($season['others'], 'name');
        self::assertContains('Broad bean', array_column($this->getJson('/api/season?on=2026-10-20')->json('others'), 'name'));
        usort($names, strcasecmp(...));
        self::assertSame($names, array_column($season['others'], 'name'), 'by name');
    }

    public function test_it_speaks_of_the_crops_of_the_garden(): void
    {
        $keeper = new Keeper($this);
        $keeper->variety('squash-pepo', 'Bell Buoy');
        $keeper->variety('spinach', 'Driftline');
        $keeper->variety('wheat', 'Fairlead');
        $season = $this->getJson('/api/season')->json();
        $notes = static fn (string $part): array => array_column($season[$part], 'note', 'key');
        self::assertSame(['spinach', 'wheat'], array_keys($notes('sow')));
        self::assertSame('in the open, to bloom next year', $notes('sow')['wheat']);
        self::assertArrayHasKey('squash-pepo', $notes('ripe'));
        self::assertArrayNotHasKey('wheat', $notes('ripe'));
        self::assertSame('flat_drop', collect($season['ripe'])->firstWhere('key', 'squash-pepo')['look']['form']);
    }

    public function test_what_is_kept_alive_is_planted_and_lifted_not_sown(): void
    {
        (new Keeper($this))->variety('garlic', 'Marlinspike');
        (new Keeper($this))->variety('potato', 'Bollard');
        $notes = fn (string $day, string $part): array => array_column($this->getJson("/api/season?on=$day")->json($part), 'note', 'key');
        self::assertSame(['garlic' => 'cloves are planted'], $notes('2026-10-20', 'sow'));
        self::assertSame([], $notes('2027-02-10', 'sow'), 'true seed of potatoes has no steps here');
        self::assertSame('the lower third of the leaves is brown', $notes('2027-07-01', 'lift')['garlic']);
        self::assertSame([], $notes('2027-07-01', 'ripe'));
        self::assertSame([], $notes('2027-07-01', 'bloom'));
    }

    public function test_another_day_has_another_month(): void
    {
        (new Keeper($this))->variety('parsnip', 'Groyne');
        $june = $this->getJson('/api/season?on=2027-06-25')->json();
        self::assertSame(['June', ['parsnip']], [$june['month'], array_column($june['bloom'], 'key')]);
    }

    public function test_in_the_south_the_month_is_what_it_is_there(): void
    {
        $keeper = new Keeper($this);
        $keeper->variety('parsnip', 'Groyne');
        $keeper->variety('garlic', 'Marlinspike');
        $this->putJson('/api/settings/latitude', ['value' => '-51'])->assertOk();
        $of = fn (string $day): array => $this->getJson("/api/season?on=$day")->assertOk()->json();
        $december = $of('2026-12-24');
        self::assertSame(['December', ['parsnip']], [$december['month'], array_column($december['bloom'], 'key')]);
        self::assertSame(['garlic'], array_column($of('2027-04-20')['sow'], 'key'), 'planted in their autumn');
        self::assertSame(['garlic'], array_column($of('2027-01-05')['lift'], 'key'), 'lifted at their midsummer');
        self::assertContains('parsnip', array_column($of('2026-10-10')['sow'], 'key'), 'sown in their spring');
        // What nobody set is said as it is there.
        $now = array_column(array_map(static fn (array $one): array => ['key' => $one['field']['key'], 'now' => $one['now']], collect($this->getJson('/api/settings')->json())->firstWhere('title', 'The garden')['settings']), 'now', 'key');
        self::assertSame(['29 October', '20 April'], [$now['last_frost'], $now['first_frost']]);
        $this->putJson('/api/settings/latitude', ['value' => '91'])->assertUnprocessable();
    }

    public function test_what_is_sown_in_the_south_is_looked_for_in_its_own_season(): void
    {
        $keeper = new Keeper($this);
        $this->putJson('/api/settings/latitude', ['value' => '-38'])->assertOk();
        $row = $keeper->sow($keeper->variety('lettuce', 'Spindrift'), '2026-08-20T10:00', 20);
        $pick = collect($this->getJson("/api/plantings/$row")->json('tasks'))->firstWhere('kind', 'pick');
        self::assertGreaterThan('2026-11-15', $pick['opens']);
        self::assertLessThan('2027-04-01', $pick['latest']);
    }

    public function test_which_bean_is_it(): void
    {
        $bean = collect($this->getJson('/api/which')->assertOk()->json())->firstWhere('key', 'bean');
        self::assertSame('What does the seed look like?', $bean['question']['ask']);
        $kidney = collect($bean['question']['answers'])->firstWhere('crop', null);
        self::assertContains('runner-bean', array_column($kidney['then']['answers'], 'crop'));
        self::assertContains(['which', 'bean'], array_map(static fn (array $found): array => [$found['kind'], $found['key']], $this->getJson('/api/find?text=bean')->json()));
    }
}
