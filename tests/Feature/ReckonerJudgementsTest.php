<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Reckoners\Asked;
use App\Reckoners\Judgement;
use App\Reckoners\Judgements;
use App\Reckoners\Pictures\Picture;
use App\Reckoners\Pictures\Pictures;
use App\Reckoners\Pictures\Range;
use App\Voice\UnitSystem;
use Marrow\Core\Reckoning\Registry;
use Marrow\Core\Tests\Reckoning\WorkedValuesTest;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What a result means, said to the person who asked. */
final class ReckonerJudgementsTest extends TestCase
{
    /** @param  array<string, mixed>  $inputs */
    #[DataProvider('said')]
    public function test_the_sentence(string $name, array $inputs, string $sentence): void
    {
        self::assertSame($sentence, self::plain(self::asked($name, $inputs)[0]->sentence));
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function said(): iterable
    {
        // ln 0.05 / ln(1 − 0.71) is 2.4: three to a cell.
        yield 'a good test' => ['germination.rate', ['germinated' => 41, 'sown' => 50, 'confidence' => 0.9], '82 %, likely 71 to 89 %: sow 3 to a cell.'];
        yield 'ten seeds' => ['germination.rate', ['germinated' => 9, 'sown' => 10], '90 %, likely 60 to 98 %: sow 4 to a cell.'];
        yield 'a poor test' => ['germination.rate', ['germinated' => 20, 'sown' => 50], '40 %, likely 28 to 54 %: do not rely on it; grow it out again now, and sow 10 to a cell.'];
        yield 'nothing up' => ['germination.rate', ['germinated' => 0, 'sown' => 25], '0 %, likely 0 to 13 %: do not rely on it; grow it out again now, and sow it thickly in a tray.'];
        yield 'dishes that do not agree' => ['germination.replicates', ['germinated' => [92, 70, 88, 91], 'sown' => 100], 'They do not agree: mix the seed well and test again.'];
        yield 'tests on the edge' => ['germination.compare', ['a_germinated' => 31, 'a_sown' => 36, 'b_germinated' => 47, 'b_sown' => 48], 'The first looks worse by 12 points, likely −27 to 0 points: on the edge, so test more seeds before acting on it.'];
        yield 'tests alike' => ['germination.compare', ['a_germinated' => 8, 'a_sown' => 10, 'b_germinated' => 8, 'b_sown' => 10], 'No difference is shown (likely −34 to +34 points).'];
        yield 'an open test' => ['germination.outlook', ['germinated' => 29, 'sown' => 50, 'undecided' => 20], 'Still open: go on counting.'];
        yield 'sow' => ['sowing.seeds', ['plants' => 24, 'rate' => 0.82], 'Sow 34 seeds for 24 plants.'];
        yield 'one to a cell' => ['sowing.cell', ['rate' => 1, 'max_empty' => 0.1], 'Sow 1 to a cell.'];
        yield 'water to lose' => ['moisture.target_mass', ['mass' => 100, 'moisture' => 20, 'target' => 8], 'It is there when it weighs 87 g: 13 g of water still to lose.'];
        // 1 − exp(−(14/86·100/0.8)²·(1.1 + 20/90)/440) by hand.
        yield 'a damp jar' => ['moisture.seed_rh', ['moisture' => 14, 'temperature' => 20, 'oil' => 0.2], 'A closed jar of it reads about 71 %: it will mould: open it now and spread it.'];
        yield 'a cold jar' => ['air.opening', ['store_temperature' => 5, 'room_temperature' => 22, 'room_rh' => 0.55], 'Leave it shut for 30 minutes.'];
        yield 'a jar in fog' => ['air.opening', ['store_temperature' => 5, 'room_temperature' => 18, 'room_rh' => 0.99], 'Do not open it in this air: it makes dew even on things as warm as the room.'];
        yield 'not in this air' => ['drying.curve', ['hours' => '0,6,24,48,72,96,144', 'masses' => '180,171.9,154.8,142.6,136.7,133.8,131.7', 'target_mass' => 125], 'It will not reach 125 g in this air: it ends at about 131 g.'];
        yield 'storage life' => ['storage.life', ['crop' => 'onion', 'moisture' => 9, 'temperature' => 18, 'germination' => 0.94, 'threshold' => 0.70], 'About 22 months until it falls to 70 %, likely 14 months to 2.7 years.'];
        yield 'too late' => ['storage.life', ['crop' => 'onion', 'moisture' => 9, 'temperature' => 18, 'germination' => 0.5, 'threshold' => 0.70], 'It is below 70 % already: sow it thickly now, or grow it out again.'];
        yield 'by its own tests' => ['storage.refit', ['days' => '0,365', 'germinated' => '47,44', 'sown' => '50,50', 'crop' => 'onion', 'moisture' => 9, 'temperature' => 18], 'By its own tests it falls to 70 % about 2.3 years from the start, 15 months after the last test.'];
        yield 'packets' => ['packets.plan', ['seeds' => 60, 'plants' => 10, 'yearly_shares' => '0.9,0.7,0.4', 'years' => 3], '2 packets: 13 seeds for this year, rising to 19 for the last; 28 seeds left.'];
        yield 'too few for a packet' => ['packets.plan', ['seeds' => 5, 'plants' => 10, 'yearly_shares' => '0.9', 'years' => 1], 'There is not enough for even one packet.'];
        yield 'samples that vary' => ['seed.mass', ['counted' => 100, 'masses' => '0.30,0.33', 'mass' => 63], 'About 20 000 seeds in the lot: a thousand weigh 3.15 g; but weigh the samples again.'];
        yield 'kin through a narrow place' => ['population.kinship', ['lots' => 'A=:10,B=A:4', 'of' => 'B'], 'Two plants of B are related about as half-brothers and half-sisters are.'];
        yield 'lots of strangers' => ['population.kinship', ['lots' => 'A=:10,B=:4', 'of' => 'A, B'], 'A plant of A and one of B are hardly related.'];
        yield 'unequal parents' => ['population.effective', ['contributions' => '40,10,10,20,5'], 'They are worth 3.2 equal parents.'];
        yield 'F6' => ['line.fixation', ['generation' => 6, 'loci' => 10], 'In the F6 a plant still has 3 % of those genes mixed; 73 % of plants are stable altogether.'];
        yield 'roguing' => ['roguing.plants', ['share' => 0.02], 'Look over 149 plants.'];
        yield 'keep' => ['selection.index', ['weights' => '1,2,-0.5', 'heritabilities' => '0.3,0.5,0.2', 'scores' => '8,3,50;6,4,55;9,1,40;5,5,60;7,2,45', 'keep' => 2], 'Keep plants 1 and 4.'];
        yield 'two marrows' => ['isolation.pair', ['crop' => 'squash-pepo', 'distance' => 100], 'Expect about 33 % crossed seed: cage, bag, move or shift one of them, or leave one out this year.'];
        yield 'strangers' => ['isolation.pair', ['crop' => 'leek', 'source' => 'carrot', 'distance' => 0], 'They do not cross: plant them as you like.'];
        yield 'a squash in warm water' => ['cleaning.soak', ['crop' => 'squash-pepo', 'temperature' => 28], 'No longer than 14 hours.'];
        yield 'screens at hand' => ['cleaning.screens', ['breadths' => '2.1,2.4,2.2,2.6,2.3', 'set' => '1.5,2.2,2.5,4'], 'First one with round holes of 2.5 mm, which loses 20 % of the seed: the seed falls through, pods stay behind. Then one of 1.5 mm: the seed stays, dust falls through.'];
        yield 'flat seed' => ['cleaning.pick_over', ['looked' => 100, 'bad' => 6], '6 % of it is bad: worth picking over, or blowing once more.'];
        yield 'a marrow that bore little' => ['harvest.yield', ['crop' => 'squash-pepo', 'mass' => 24, 'plants' => 4, 'rough_mass' => 30, 'all_taken' => 'all'], '6 g a plant, 80 % of the rough was seed: little.'];
        yield 'gathered bit by bit' => ['harvest.timing', ['ripe_from' => 0, 'ripe_to' => 28, 'hold_days' => 5, 'finish_days' => 4, 'visit_every' => 4], 'Gather it every 4 days: 69 % is kept. Cut once, on day 15, it is 43 %.'];
        yield 'cut once, as nobody comes often enough' => ['harvest.timing', ['ripe_from' => 0, 'ripe_to' => 28, 'hold_days' => 5, 'finish_days' => 4, 'visit_every' => 14], 'Cut once, on day 15: 43 % is kept. Gathered every 14 days it is 34 %.'];
        yield 'cut' => ['harvest.timing', ['ripe_from' => 0, 'ripe_to' => 40, 'hold_days' => 14], 'Cut on day 28: 39 % is kept.'];
        yield 'a line of which nothing is known' => ['line.trueness', [], 'Not known.'];
        yield 'one off-type in thirty' => ['line.trueness', ['parent_share' => 0, 'cross_share' => 0.01, 'seen' => 30, 'off' => 1], 'Doubtful: about 2 % of its plants are not of it, at most 5.3 %.'];
        yield 'hard or mild' => ['selection.tradeoff', ['weights' => '1', 'heritabilities' => '0.5', 'scores' => '1;2;3;4;5', 'keep' => '1,5'], 'Keeping 1 plant gains 0.63 and keeps a rare form 1 time in 10; keeping 5 plants gains 0 and keeps a rare form 40 times in 100.'];
        yield 'a tasting that shows something' => ['taste.agreement', ['scores' => '1 2 3;1 2 3;1 2 3'], 'They agree: from best to least, sample 3, 2, 1.'];
        yield 'one that shows nothing' => ['taste.agreement', ['scores' => '4 2 5 3;3 2 5 4;5 1 4 2'], 'No difference shown: what one liked another did not.'];
        yield 'one that could show nothing' => ['taste.agreement', ['scores' => '1 2 3;1 2 3'], 'Nothing is shown, and with so few nothing could be.'];
        yield 'too few, before it is held' => ['taste.agreement', ['tasters' => '2', 'samples' => '3'], 'Too few to show anything: more tasters, or more samples.'];
        yield 'enough, before it is held' => ['taste.agreement', ['tasters' => '3', 'samples' => '3'], 'It can show a difference, where all or nearly all agree.'];
        yield 'one choice' => ['selection.tradeoff', ['weights' => '1', 'heritabilities' => '0.5', 'scores' => '1;2;3', 'keep' => '2'], 'Keeping 2 plants gains 0.25 and keeps a rare form 1 time in 5.4.'];
        yield 'three that differ' => ['germination.compare', ['germinated' => '31,47,40', 'sown' => '36,48,50'], 'They differ: number 2 came up best, 98 %, and number 3 worst, 80 %.'];
        yield 'three alike' => ['germination.compare', ['germinated' => '8,9,8', 'sown' => '10,10,10'], 'No difference is shown among them.'];
        yield 'sunrise' => ['sun.times', ['latitude' => -36.8, 'longitude' => 174.8, 'date' => '2027-01-10', 'zone' => 'Pacific/Auckland'], 'Sunrise 06:11, sunset 20:44.'];
        yield 'no night' => ['sun.times', ['latitude' => 75, 'longitude' => 0, 'date' => '2026-06-21'], 'The sun is up all day long, or all but.'];
        yield 'no day' => ['sun.times', ['latitude' => 75, 'longitude' => 0, 'date' => '2026-12-21'], 'The sun does not come up.'];
        yield 'apart in time' => ['isolation.pair', ['crop' => 'leek', 'distance' => 0, 'first_bloom' => '2026-07-01', 'last_bloom' => '2026-07-10', 'source_first_bloom' => '2026-07-11', 'source_last_bloom' => '2026-07-20'], 'Not in bloom together, so no crossing.'];
    }

    public function test_every_answer_has_a_reason_and_says_how_sure_it_is_without_false_precision(): void
    {
        foreach (WorkedValuesTest::values() as $what => [$name, $inputs]) {
            [$judgement] = self::asked($name, $inputs);
            foreach ([$judgement->sentence, $judgement->because, $judgement->sure] as $text) {
                self::assertMatchesRegularExpression('/^\p{Lu}|^\d|^−|^over|^under|^a thousand/u', $text, $what);
                self::assertStringEndsWith('.', $text, $what);
                self::assertDoesNotMatchRegularExpression('/\d\.\d{4,}/', $text, "$what: more digits than anybody can use");
            }
            self::assertLessThan(200, mb_strlen($judgement->sentence), $what);
        }
    }

    public function test_a_model_and_its_rule_of_thumb_stand_beside_each_other(): void
    {
        $beside = static fn (string $name, array $inputs): string => self::plain((string) self::asked($name, $inputs)[0]->beside);
        // 4 years × 2^(moisture in a cupboard − 7) × 2^((20 − 5)/5), by hand: 6.42 % in balance with 50 % at 20 °C, so 5.35 times.
        self::assertStringStartsWith('Harrington’s rule of thumb says about 21 years: its ordinary 4 years in a cupboard, times 5.3. The equation has', $beside('storage.life', ['crop' => 'lettuce', 'moisture' => 7, 'temperature' => 5, 'germination' => 0.95, 'threshold' => 0.7]));
        self::assertStringStartsWith('The viability equation, starting from seed of 9 % at 20 °C, says', $beside('storage.thumb', ['moisture_change' => -1, 'temperature_change' => -10]));
        self::assertStringContainsString('as much absorbent as seed, would be 50 g', $beside('drying.desiccant', ['mass' => 50, 'moisture' => 12, 'target' => 8, 'rh_end' => 0.3]));
    }

    public function test_cautions_stand_where_the_hand_acts(): void
    {
        foreach (['ferment.window' => 'screwed-down', 'drying.desiccant' => 'toxic', 'desiccant.state' => 'toxic', 'moisture.oven' => 'hot'] as $name => $says) {
            $inputs = array_values(array_filter([...WorkedValuesTest::values()], static fn (array $value): bool => $value[0] === $name))[0][1];
            self::assertStringContainsString($says, implode(' ', self::asked($name, $inputs)[0]->cautions));
        }
    }

    public function test_a_desiccant_that_is_full_or_dries_nothing_is_called_so(): void
    {
        $says = static fn (array $inputs): string => self::plain(self::asked('desiccant.state', ['dry_mass' => 100, ...$inputs])[0]->sentence);
        self::assertSame('It can still take up 9.5 g of water.', $says(['mass_now' => 108]));
        self::assertStringStartsWith('It is too wet: in a jar below 30', $says(['mass_now' => 126, 'rh_end' => 0.3]));
        self::assertSame('There are 26 g of water in it; at 30 % it holds 15 g.', self::plain(self::asked('desiccant.state', ['dry_mass' => 100, 'mass_now' => 126, 'rh_end' => 0.3])[0]->because));
        self::assertStringStartsWith('It is full', $says(['rh' => 0.3, 'rh_end' => 0.3]));
        self::assertSame('It dries nothing.', $says(['kind' => 'salt', 'rh' => 0.5]));
    }

    public function test_how_dry_seed_is_never_goes_beyond_what_tells_it(): void
    {
        $says = static function (array $inputs): string {
            $judgement = self::asked('drying.evidence', ['crop' => 'french-bean', ...$inputs])[0];

            return self::plain("$judgement->sentence $judgement->because");
        };
        self::assertSame('Not known to be dry: 5.1 to 16.7 %; 7.8 % or less is wanted for a jar. Try another sign, or close it in a jar for a day. The hand alone tells damp from dry, and hardly dry from dry enough.', $says(['signs' => 'snaps']), 'one sign is not much');
        self::assertStringStartsWith('Probably dry enough for paper or cloth: 5.1 to 13.5 %. For a jar (7.8 % or less) close it in one for a day and look for mist.', $says(['signs' => 'shatters, no_mark']));
        self::assertSame('Not dry enough for a jar: 11.8 %; 7.8 % or less is. The hygrometer in the jar decides. It snaps, which does not go with that: close it in a jar for a day and read again.', $says(['jar_rh' => 0.58, 'signs' => 'snaps']));
        self::assertStringContainsString('it may still be damp inside', $says(['signs' => 'snaps', 'air' => 0.6, 'hours' => 40]));
        self::assertStringStartsWith('Dry enough for a jar: 5.9 to 7.8 %', $says(['spots' => [10, 20, 30, 40], 'states' => 'damp damp between dry']));
        self::assertStringStartsWith('It may be dry enough for a jar, or not quite: 6.9 to 8.7 %', $says(['spots' => [30, 40], 'states' => 'damp dry']));
        self::assertStringStartsWith('Not dry enough for a jar: at least 10.', $says(['spots' => [30, 40, 50], 'states' => 'damp damp damp']));
        self::assertStringStartsWith('Not known to be dry', $says(['air' => 0.6, 'hours' => 400]));
        self::assertStringStartsWith('Not dry enough for a jar: 13.2 to 17.4', $says(['signs' => 'bends', 'jar_rh' => 0.75, 'jar' => 'roughly']));
    }

    public function test_a_room_is_judged_no_surer_than_its_balance_is_known(): void
    {
        $says = static fn (float $rh): string => self::plain(self::asked('drying.room', ['crop' => 'borage', 'rh' => $rh, 'temperature' => 20])[0]->sentence);
        // Borage is dry enough at 6.4 %, and was not measured: two points either way.
        self::assertStringStartsWith('It never will: seed stops at 8.9 %', $says(0.62));
        self::assertStringStartsWith('It may, or may not quite', $says(0.40));
        self::assertStringStartsWith('It can', $says(0.15));
    }

    public function test_a_picture_holds_the_answer_inside_its_frame(): void
    {
        $drawn = [];
        foreach (WorkedValuesTest::values() as $what => [$name, $inputs]) {
            $picture = self::asked($name, $inputs)[1];
            if (! $picture instanceof Picture) {
                continue;
            }
            $drawn[$name] = true;
            self::assertLessThan($picture->x->max, $picture->x->min, $what);
            foreach ([...$picture->line, ...$picture->dots] as [$x, $y]) {
                self::assertGreaterThanOrEqual($picture->x->min - 1e-9, $x, $what);
                self::assertLessThanOrEqual($picture->x->max + 1e-9, $x, $what);
                self::assertTrue(is_finite($y), $what);
            }
            foreach ($picture->dots as [, $y]) {
                self::assertGreaterThanOrEqual($picture->y->min - 1e-9, $y, $what);
                self::assertLessThanOrEqual($picture->y->max + 1e-9, $y, $what);
            }
            foreach ($picture->band as [, $low, $high]) {
                self::assertLessThanOrEqual($high + 1e-12, $low, $what);
            }
        }
        foreach (['sowing.seeds', 'moisture.equilibrium', 'moisture.seed_rh', 'drying.curve', 'storage.life', 'storage.history', 'storage.refit', 'storage.learn', 'isolation.pair', 'harvest.timing', 'sun.times', 'roguing.plants', 'selection.tradeoff', 'packets.plan', 'germination.small', 'desiccant.changes', 'germination.compare'] as $name) {
            self::assertArrayHasKey($name, $drawn);
        }
    }

    public function test_a_share_with_limits_is_drawn_on_a_scale(): void
    {
        $range = self::asked('germination.rate', ['germinated' => 27, 'sown' => 30])[1];
        self::assertInstanceOf(Range::class, $range);
        self::assertSame(0.9, $range->figure);
        self::assertEqualsWithDelta(0.743789, $range->low, 1e-6);
        self::assertSame([0.6, 0.8], $range->marks);
    }

    /** @param  array<string, string>  $inputs */
    #[DataProvider('inOunces')]
    public function test_what_is_typed_and_read_in_us_units(string $name, array $inputs, string $sentence, string $figure): void
    {
        $answer = $this->getJson("/api/reckonings/$name?".http_build_query(['units' => 'us', 'inputs' => $inputs]))->assertOk();
        self::assertSame($sentence, self::plain((string) $answer->json('judgement.sentence')));
        self::assertSame($figure, self::plain((string) $answer->json('figures.0.said')));
    }

    /** @return iterable<string, array{string, array<string, string>, string, string}> */
    public static function inOunces(): iterable
    {
        yield 'ounces' => ['moisture.target_mass', ['mass' => '10', 'moisture' => '20', 'target' => '8'], 'It is there when it weighs 8.7 oz: 1.3 oz of water still to lose.', '8.7 oz'];
        yield 'Fahrenheit' => ['air.properties', ['temperature' => '71.6', 'rh' => '0.55'], 'Whatever is colder than 54.6 °F gathers dew in this air.', '14.5 hPa'];
        yield 'a change of temperature' => ['storage.thumb', ['moisture_change' => '0', 'temperature_change' => '-18'], 'It lasts about 4 times as long.', '4 times'];
        yield 'stores one after another' => ['storage.history', ['crop' => 'lettuce', 'segments' => '100:8:68,1000:6:41', 'germination' => '0.95'], 'After 3 years, about 92 % is left.', '92.1 %'];
        yield 'feet' => ['isolation.pair', ['crop' => 'carrot', 'distance' => '2700', 'allowed' => '0.02'], 'Expect under 1 % crossed seed: that is well within what you allow.', 'freely'];
        yield 'lists' => ['drying.curve', ['hours' => '0,6,24,48,72,96,144', 'masses' => '6.3493,6.0636,5.4604,5.0301,4.8220,4.7197,4.6456'], 'Left as it is, it ends at about 4.62 oz.', '4.62 oz'];
    }

    public function test_bounds_are_told_in_the_units_asked_for(): void
    {
        $this->getJson('/api/reckonings/ferment.window?units=us&inputs[temperature]=20')->assertStatus(422)
            ->assertJsonPath('errors.temperature.0', 'Temperature of the room must be from 50 to 104 °F.');
        $inputs = collect($this->getJson('/api/reckonings?units=us')->json())->firstWhere('name', 'storage.life')['inputs'];
        self::assertSame('-4 to 104 °F', collect($inputs)->firstWhere('key', 'temperature')['bounds']);
        self::assertSame('1 to 99 %', collect($inputs)->firstWhere('key', 'threshold')['bounds']);
        // No such units: metric, as if nothing had been said.
        $this->getJson('/api/reckonings/ferment.window?units=cubits&inputs[temperature]=20')->assertOk();
    }

    public function test_every_reckoner_can_be_found_by_other_words_and_stands_with_its_step_of_the_work(): void
    {
        foreach ($this->getJson('/api/reckonings')->json() as $reckoning) {
            self::assertGreaterThan(2, str_word_count($reckoning['also']), $reckoning['name']);
            self::assertNotSame('', $reckoning['family']);
        }
    }

    /**
     * @param  array<string, mixed>  $inputs
     * @return array{Judgement, Picture|Range|null}
     */
    private static function asked(string $name, array $inputs): array
    {
        $reckoning = app(Registry::class)->named($name);
        $in = $reckoning->read($inputs);
        $asked = new Asked($name, $in, $reckoning->of($in), UnitSystem::Metric);

        return [app(Judgements::class)->of($asked), app(Pictures::class)->of($asked)];
    }

    private static function plain(string $text): string
    {
        return str_replace("\u{00A0}", ' ', $text);
    }
}
