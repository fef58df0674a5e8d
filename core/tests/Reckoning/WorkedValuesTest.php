<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Reckoning;

use Marrow\Core\Fields\Refused;
use Marrow\Core\Reckoning\Registry;
use Marrow\Core\Reckoning\UnknownReckoning;
use Marrow\Core\Tests\Support\CoreTestCase;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * Every reckoning, through the registry, against values worked out without this code: most in R 4.2 (prop.test for
 * Wilson's interval, chisq.test, a search over pbinom and over beta-binomial sums, the published equations typed in
 * afresh), the rest by hand.
 */
final class WorkedValuesTest extends CoreTestCase
{
    /**
     * @param  array<string, mixed>  $inputs
     * @param  array<string, float|int|bool|string|list<float>|list<int>|list<string>|null>  $outputs
     */
    #[DataProvider('values')]
    public function test_worked_value(string $name, array $inputs, array $outputs): void
    {
        $result = Registry::standard(self::crops())->named($name)->reckon($inputs);
        foreach ($outputs as $key => $expected) {
            self::assertArrayHasKey($key, $result);
            if (is_array($expected)) {
                self::assertIsArray($result[$key]);
                self::assertCount(count($expected), $result[$key]);
                foreach ($expected as $i => $item) {
                    is_string($item) ? self::assertSame($item, $result[$key][$i]) : self::assertSixDigits((float) $item, $result[$key][$i], "$key $i");
                }

                continue;
            }
            is_float($expected)
                ? self::assertSixDigits($expected, $result[$key], $key)
                : self::assertSame($expected, $result[$key], $key);
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>, array<string, float|int|bool|string|list<float>|list<int>|list<string>|null>}> */
    public static function values(): iterable
    {
        yield '27 of 30' => ['germination.rate', ['germinated' => 27, 'sown' => 30], ['rate' => 0.9, 'low' => 0.743789, 'high' => 0.965400]];
        yield '0 of 25' => ['germination.rate', ['germinated' => 0, 'sown' => 25], ['rate' => 0.0, 'low' => 0.0, 'high' => 0.133192]];
        yield '25 of 25' => ['germination.rate', ['germinated' => 25, 'sown' => 25], ['rate' => 1.0, 'low' => 0.8668077490609516, 'high' => 1.0]];
        yield '8 of 10' => ['germination.rate', ['germinated' => 8, 'sown' => 10], ['low' => 0.4901624715366418, 'high' => 0.9433178485456247]];
        yield '41 of 50 at 90 %' => ['germination.rate', ['germinated' => 41, 'sown' => 50, 'confidence' => 0.9], ['low' => 0.7149922761939018, 'high' => 0.8921544849028852]];
        yield '1 of 200 at 99 %' => ['germination.rate', ['germinated' => 1, 'sown' => 200, 'confidence' => 0.99], ['low' => 0.0005872997618396728, 'high' => 0.0412008819202399554]];

        yield 'replicates that agree' => ['germination.replicates', ['germinated' => '92,95,88,91', 'sown' => 100], ['rate' => 0.915, 'chi_square' => 3.214400, 'p' => 0.359735, 'agree' => true]];
        yield 'replicates that do not' => ['germination.replicates', ['germinated' => [92, 70, 88, 91], 'sown' => 100], ['rate' => 0.8525, 'chi_square' => 25.34917, 'p' => 1.305078e-5, 'agree' => false]];
        yield 'three replicates of 25' => ['germination.replicates', ['germinated' => [20, 22, 25], 'sown' => 25], ['chi_square' => 5.31716417910447792, 'p' => 0.07004747240671638, 'agree' => true]];
        yield 'none anywhere' => ['germination.replicates', ['germinated' => [0, 0], 'sown' => 25], ['rate' => 0.0, 'p' => 1.0, 'agree' => true]];
        yield 'all everywhere' => ['germination.replicates', ['germinated' => [25, 25], 'sown' => 25], ['rate' => 1.0, 'p' => 1.0, 'agree' => true]];

        yield 'speed' => ['germination.speed', ['days' => '3,4,5,6,8,10', 'counts' => '4,11,9,5,2,1'], ['total' => 32, 'mean_days' => 4.90625, 't50' => 4.111111, 'index' => 7.066667]];
        yield 'all by the first count, nobody saw when' => ['germination.speed', ['days' => [4], 'counts' => [10]], ['mean_days' => 4.0, 't50' => null, 'index' => 2.5]];
        yield 'half by the first of two' => ['germination.speed', ['days' => [4, 6], 'counts' => [5, 5]], ['mean_days' => 5.0, 't50' => null]];
        yield 'half after the first' => ['germination.speed', ['days' => [4, 6], 'counts' => [4, 6]], ['t50' => 4.333333]];

        yield 'two tests that differ' => ['germination.compare', ['a_germinated' => 31, 'a_sown' => 36, 'b_germinated' => 47, 'b_sown' => 48], ['difference' => -0.118055555556, 'low' => -0.26675383387312, 'high' => -0.000297233159124, 'p' => 0.079499107590479]];
        yield 'two that differ plainly' => ['germination.compare', ['a_germinated' => 5, 'a_sown' => 20, 'b_germinated' => 15, 'b_sown' => 20], ['difference' => -0.5, 'low' => -0.69535705535242, 'high' => -0.19071025276867, 'p' => 0.00384752730838]];
        yield 'none against all' => ['germination.compare', ['a_germinated' => 0, 'a_sown' => 10, 'b_germinated' => 10, 'b_sown' => 10], ['difference' => -1.0, 'low' => -1.0, 'high' => -0.607509350431, 'p' => 1.08250882245e-05]];
        yield 'two hundred a side' => ['germination.compare', ['a_germinated' => 180, 'a_sown' => 200, 'b_germinated' => 170, 'b_sown' => 200], ['difference' => 0.05, 'low' => -0.0154084269579, 'high' => 0.1157325642714, 'p' => 0.1731608730857]];
        // chisq.test, fisher.test and p.adjust in R.
        yield 'three tests' => ['germination.compare', ['germinated' => '31,47,40', 'sown' => '36,48,50'], ['p' => 0.021770369, 'chi_square' => 7.654410899, 'rough' => true, 'rates' => [31 / 36, 47 / 48, 0.8], 'pairs' => [0.158998215181, 0.5702470046078, 0.0235634283474], 'difference' => null]];
        yield 'four tests' => ['germination.compare', ['germinated' => '5,15,12,18', 'sown' => '20,20,20,20'], ['p' => 0.000183207411, 'chi_square' => 19.84, 'rough' => false, 'pairs' => [0.019237636541888, 0.214203970377497, 0.000411637786499, 0.814968814968815, 0.814968814968815, 0.214203970377497]]];
        yield 'none in any' => ['germination.compare', ['germinated' => '0,0,0', 'sown' => '10,20,30'], ['p' => 1.0, 'chi_square' => 0.0, 'rough' => true, 'pairs' => [1.0, 1.0, 1.0]]];
        yield 'two the same' => ['germination.compare', ['a_germinated' => 8, 'a_sown' => 10, 'b_germinated' => 8, 'b_sown' => 10], ['difference' => 0.0, 'p' => 1.0]];
        yield 'test size' => ['germination.test_size', ['expected' => 0.85, 'half_width' => 0.10], ['seeds' => 49]];
        yield 'a close look at half' => ['germination.test_size', ['expected' => 0.5, 'half_width' => 0.05], ['seeds' => 381]];
        yield 'a very close and sure look' => ['germination.test_size', ['expected' => 0.9, 'half_width' => 0.03, 'confidence' => 0.99], ['seeds' => 669]];
        yield 'settled whatever comes' => ['germination.outlook', ['germinated' => 42, 'sown' => 50, 'undecided' => 7, 'good' => 0.8, 'poor' => 0.6], ['verdict_now' => 'good', 'lowest' => 0.84, 'highest' => 0.98]];
        yield 'still open' => ['germination.outlook', ['germinated' => 29, 'sown' => 50, 'undecided' => 20], ['verdict_now' => 'open', 'lowest' => 0.58, 'highest' => 0.98]];
        yield 'lost already' => ['germination.outlook', ['germinated' => 5, 'sown' => 50, 'undecided' => 20], ['verdict_now' => 'poor', 'lowest' => 0.1, 'highest' => 0.5]];

        yield 'sow for 24 at 82 %' => ['sowing.seeds', ['plants' => 24, 'rate' => 0.82], ['seeds' => 34]];
        yield 'sow for 24 from 41 of 50' => ['sowing.seeds', ['plants' => 24, 'germinated' => 41, 'sown' => 50], ['seeds' => 36]];
        yield 'sow for 10 at half' => ['sowing.seeds', ['plants' => 10, 'rate' => 0.5], ['seeds' => 28]];
        yield 'sow for 100, very surely' => ['sowing.seeds', ['plants' => 100, 'rate' => 0.9, 'confidence' => 0.99], ['seeds' => 120]];
        yield 'sow for 1 at 5 %' => ['sowing.seeds', ['plants' => 1, 'rate' => 0.05], ['seeds' => 59]];
        yield 'sow outdoors' => ['sowing.seeds', ['plants' => 24, 'rate' => 0.82, 'field_factor' => 0.7], ['seeds' => 52]];
        yield 'all come up' => ['sowing.seeds', ['plants' => 7, 'rate' => 1], ['seeds' => 7]];
        yield 'ten seeds tested say little' => ['sowing.seeds', ['plants' => 24, 'germinated' => 9, 'sown' => 10], ['seeds' => 37]];
        yield 'two hundred say more' => ['sowing.seeds', ['plants' => 24, 'germinated' => 180, 'sown' => 200], ['seeds' => 30]];
        yield 'none came up' => ['sowing.seeds', ['plants' => 1, 'germinated' => 0, 'sown' => 10, 'confidence' => 0.8], ['seeds' => 247]];
        yield 'poor seed, many plants' => ['sowing.seeds', ['plants' => 50, 'germinated' => 20, 'sown' => 100, 'confidence' => 0.9], ['seeds' => 339]];

        yield 'three to a cell' => ['sowing.cell', ['rate' => 0.7, 'max_empty' => 0.05], ['seeds_per_cell' => 3]];
        yield 'exactly two' => ['sowing.cell', ['rate' => 0.5, 'max_empty' => 0.25], ['seeds_per_cell' => 2]];
        yield 'one always comes' => ['sowing.cell', ['rate' => 1, 'max_empty' => 0.05], ['seeds_per_cell' => 1]];

        // 100 g at 20 % hold 80 g of dry matter, which is 92 % of 86.956522 g.
        yield 'target mass' => ['moisture.target_mass', ['mass' => 100, 'moisture' => 20, 'target' => 8], ['mass' => 86.9565217]];
        yield 'moisture now' => ['moisture.now', ['start_mass' => 100, 'start_moisture' => 20, 'mass' => 86.9565217], ['moisture' => 8.0]];
        yield 'equilibrium of starchy seed' => ['moisture.equilibrium', ['rh' => 0.30, 'temperature' => 20, 'oil' => 0.02], ['moisture' => 9.646735, 'moisture_dry_basis' => 10.676686]];
        yield 'equilibrium of oily seed' => ['moisture.equilibrium', ['rh' => 0.15, 'temperature' => 15, 'oil' => 0.40], ['moisture' => 4.313683]];
        yield 'equilibrium in a cupboard' => ['moisture.equilibrium', ['rh' => 0.45, 'temperature' => 18, 'oil' => 0.24], ['moisture' => 9.756125584780589, 'moisture_dry_basis' => 10.810845221351936]];
        yield 'lettuce in an envelope' => ['moisture.equilibrium', ['crop' => 'lettuce', 'rh' => 0.50, 'temperature' => 18], ['moisture' => 6.467375]];
        yield 'tomato' => ['moisture.equilibrium', ['crop' => 'tomato', 'rh' => 0.35, 'temperature' => 20], ['moisture' => 6.952550]];
        yield 'French bean' => ['moisture.equilibrium', ['crop' => 'french-bean', 'rh' => 0.60, 'temperature' => 18], ['moisture' => 12.310211]];
        yield 'onion in a fridge' => ['moisture.equilibrium', ['crop' => 'onion', 'rh' => 0.25, 'temperature' => 5], ['moisture' => 8.076951]];
        yield 'radish in a freezer' => ['moisture.equilibrium', ['crop' => 'radish', 'rh' => 0.15, 'temperature' => -18], ['moisture' => 3.972175]];
        yield 'what a jar of lettuce shows' => ['moisture.seed_rh', ['crop' => 'lettuce', 'moisture' => 6.467375, 'temperature' => 18], ['rh' => 0.50]];
        yield 'few left' => ['germination.small', ['seeds_left' => 60, 'wanted_after' => 40, 'expected' => 0.8, 'confidence' => 0.95], ['seeds' => 20, 'half_width' => 0.167680, 'eaten_share' => 0.333333]];
        yield 'none to spare' => ['germination.small', ['seeds_left' => 30, 'wanted_after' => 40], ['seeds' => 0, 'half_width' => 1.0, 'eaten_share' => 0.0]];
        // By R: borage, oil 0.3, the usual of vegetables on the line between its points (approx, uniroot).
        yield 'a room too damp for borage' => ['drying.room', ['crop' => 'borage', 'rh' => 0.62, 'temperature' => 20], ['stops_at' => 8.934974, 'enough' => 6.4, 'rh_needed' => 0.345863]];
        // By R: the same grid of shares, paces and steepness typed in afresh, with dbinom for what is to come.
        yield 'a test that is settled' => ['germination.stop', ['sown' => 100, 'days' => [5, 8], 'germinated' => [30, 12], 'undecided' => 58, 'first_count' => 5, 'last_count' => 14, 'good' => 0.8, 'poor' => 0.6], ['verdict_now' => 'poor', 'chance_turns' => 0.001010046, 'look_on' => null]];
        yield 'a test that may turn' => ['germination.stop', ['sown' => 25, 'days' => '4 6 8', 'germinated' => '3 5 4', 'undecided' => 12, 'first_count' => 6, 'last_count' => 14], ['verdict_now' => 'open', 'chance_turns' => 0.47117016]];
        yield 'a test of which nothing was up at first' => ['germination.stop', ['sown' => 20, 'days' => [3, 5], 'germinated' => [0, 14], 'undecided' => 6, 'first_count' => 5, 'last_count' => 8], ['verdict_now' => 'open', 'chance_turns' => 0.30025401]];
        yield 'a test at its last count' => ['germination.stop', ['sown' => 20, 'days' => [5, 14], 'germinated' => [8, 5], 'undecided' => 7, 'crop' => 'tomato'], ['verdict_now' => 'fair', 'chance_turns' => 0.0, 'look_on' => null]];
        // By R: the sum of dbinom(x, n1, p1) * dbinom(y, n2, p2) over all tables with fisher.test(...)$p.value <= level.
        yield 'power of 25 against 25' => ['germination.power', ['a_sown' => 25, 'b_sown' => 25, 'a_share' => 0.9, 'b_share' => 0.6], ['power' => 0.590532, 'seeds' => null]];
        yield 'power of 40 against 39' => ['germination.power', ['a_sown' => 40, 'b_sown' => 39, 'a_share' => 0.95, 'b_share' => 0.75], ['power' => 0.724691]];
        yield 'power of tens' => ['germination.power', ['a_sown' => 10, 'b_sown' => 10, 'a_share' => 0.9, 'b_share' => 0.3, 'level' => 0.05, 'comparisons' => 1], ['power' => 0.666917]];
        yield 'seeds for a difference' => ['germination.power', ['a_share' => 0.9, 'b_share' => 0.6, 'power' => 0.8], ['seeds' => 36]];
        yield 'seeds for a large one' => ['germination.power', ['a_share' => 0.95, 'b_share' => 0.5, 'power' => 0.9], ['seeds' => 21]];
        yield 'a card with one spot between' => ['card.reading', ['spots' => [10, 20, 30, 40, 50, 60], 'states' => 'damp damp between dry dry dry'], ['rh' => 0.30, 'low' => 0.25, 'high' => 0.35]];
        yield 'two spots between' => ['card.reading', ['spots' => [30, 40, 50], 'states' => 'between, between, dry'], ['rh' => 0.35, 'low' => 0.25, 'high' => 0.45]];
        yield 'none between' => ['card.reading', ['spots' => [30, 40, 50], 'states' => 'damp dry dry'], ['rh' => 0.35, 'low' => 0.30, 'high' => 0.40]];
        yield 'all dry, in the cold' => ['card.reading', ['spots' => [30, 40, 50], 'states' => 'dry dry dry', 'temperature' => 5], ['rh' => null, 'low' => 0.0, 'high' => 0.35]];
        // By card and jar as moisture.equilibrium gives it; by weight 100 − 55 · 200/120, and 200/120 of a point either way.
        yield 'a card decides' => ['drying.evidence', ['crop' => 'french-bean', 'spots' => [10, 20, 30, 40], 'states' => 'damp damp between dry', 'signs' => 'snaps'], ['moisture' => 6.931595, 'low' => 5.896872, 'high' => 7.794577, 'decided_by' => 'card', 'against' => []]];
        yield 'it snaps, but the jar says 58 %' => ['drying.evidence', ['crop' => 'french-bean', 'jar_rh' => 0.58, 'signs' => 'snaps, cracks'], ['moisture' => 11.847193, 'low' => 10.847193, 'high' => 12.847193, 'decided_by' => 'jar']];
        yield 'a jar that was hardly half full' => ['drying.evidence', ['crop' => 'french-bean', 'jar_rh' => 0.62, 'jar' => 'roughly', 'signs' => 'snaps', 'temperature' => 20], ['moisture' => 12.590159, 'low' => 10.772087, 'high' => 14.596313, 'decided_by' => 'rough_jar', 'against' => []]];
        yield 'nothing but the air' => ['drying.evidence', ['crop' => 'french-bean', 'air' => 0.60, 'hours' => 400, 'begun' => 'dry'], ['decided_by' => 'air', 'against' => []]];
        yield 'weight before jar' => ['drying.evidence', ['crop' => 'french-bean', 'start_mass' => 200, 'start_moisture' => 45, 'mass' => 120, 'jar_rh' => 0.70], ['moisture' => 8.333333, 'low' => 6.666667, 'high' => 10.0, 'decided_by' => 'weight']];
        yield 'all damp' => ['card.reading', ['spots' => [30, 40, 50], 'states' => 'damp damp damp'], ['rh' => null, 'low' => 0.50, 'high' => 1.0]];
        yield 'gel, weighed' => ['desiccant.state', ['dry_mass' => 100, 'mass_now' => 108, 'rh_end' => 0.35], ['held' => 0.08, 'can_take' => 9.5, 'full_share' => 0.457143]];
        yield 'gel that is too wet' => ['desiccant.state', ['dry_mass' => 100, 'mass_now' => 126, 'rh_end' => 0.30], ['held' => 0.26, 'can_take' => 0.0, 'full_share' => 1.733333]];
        yield 'gel that turns' => ['desiccant.state', ['dry_mass' => 50, 'colour' => 'turning', 'rh_end' => 0.40], ['held' => 0.15, 'can_take' => 2.5, 'full_share' => 0.75]];
        yield 'clay, by its jar' => ['desiccant.state', ['kind' => 'clay', 'dry_mass' => 33, 'rh' => 0.10, 'rh_end' => 0.40], ['held' => 0.045, 'can_take' => 4.455, 'full_share' => 0.25]];
        yield 'rice between its points' => ['desiccant.state', ['kind' => 'rice', 'dry_mass' => 200, 'mass_now' => 202, 'rh_end' => 0.50], ['held' => 0.01, 'can_take' => 15.0, 'full_share' => 0.117647]];
        yield 'salt' => ['desiccant.state', ['kind' => 'salt', 'dry_mass' => 200, 'rh' => 0.50], ['held' => 0.0, 'can_take' => 0.0, 'full_share' => null]];
        yield 'a little gel, dried again' => ['desiccant.changes', ['mass' => 500, 'moisture' => 12, 'target' => 7, 'rh_end' => 0.20, 'amount' => 100], ['water' => 26.881720, 'amount_for_one' => 268.817204, 'changes' => 3]];
        yield 'a gel that holds as much, said' => ['desiccant.changes', ['mass' => 500, 'moisture' => 12, 'target' => 7, 'rh_end' => 0.20, 'amount' => 300, 'capacity' => 0.1], ['changes' => 1]];
        yield 'four lots of one store' => ['storage.learn', ['observed' => [1.8, 2.4, 0.9, 1.5], 'spread' => [0.2, 0.3, 0.25, 0.5]], ['factor' => 1.470192, 'low' => 0.994713, 'high' => 2.172954, 'untested_low' => 0.678719, 'untested_high' => 3.184626]];
        yield 'RH of starchy seed' => ['moisture.seed_rh', ['moisture' => 9.64673482287477, 'temperature' => 20, 'oil' => 0.02], ['rh' => 0.30]];

        yield 'by the oven' => ['moisture.oven', ['dish' => 20, 'dish_wet' => 30, 'dish_dry' => 29.2], ['moisture' => 8.0]];
        yield 'air of a room' => ['air.properties', ['temperature' => 22, 'rh' => 0.55], ['vapour_pressure' => 14.505783, 'absolute_humidity' => 10.650189, 'dew_point' => 12.540623]];
        yield 'air in frost' => ['air.properties', ['temperature' => -5, 'rh' => 0.8], ['vapour_pressure' => 3.37747699179, 'absolute_humidity' => 2.72943973195, 'dew_point' => -7.91739842697]];
        yield 'cellar air in a warm room' => ['air.shift', ['temperature' => 12, 'rh' => 0.75, 'to_temperature' => 24], ['rh' => 0.367592]];
        yield 'room air in a fridge is full' => ['air.shift', ['temperature' => 20, 'rh' => 0.5, 'to_temperature' => 5], ['rh' => 1.0]];
        // 40 min × ln((22 − 5)/(22 − 13.540623)).
        yield 'a jar out of the fridge' => ['air.opening', ['store_temperature' => 5, 'room_temperature' => 22, 'room_rh' => 0.55], ['dew_point' => 12.540623, 'dew_forms' => true, 'wait_minutes' => 27.91751267]];
        yield 'a large jar, slow to warm' => ['air.opening', ['store_temperature' => 5, 'room_temperature' => 22, 'room_rh' => 0.55, 'time_constant' => 60], ['wait_minutes' => 41.876269]];
        yield 'a jar out of the cellar' => ['air.opening', ['store_temperature' => 14, 'room_temperature' => 22, 'room_rh' => 0.55], ['dew_forms' => false, 'wait_minutes' => 0.0]];
        yield 'a jar into fog' => ['air.opening', ['store_temperature' => 5, 'room_temperature' => 18, 'room_rh' => 0.99], ['dew_forms' => true, 'wait_minutes' => null]];
        yield 'drying course' => ['drying.curve', ['hours' => '0,6,24,48,72,96,144', 'masses' => '180,171.9,154.8,142.6,136.7,133.8,131.7', 'target_mass' => 135], ['final_mass' => 131.08195, 'start_mass' => 179.99159, 'rate_per_hour' => 0.0301257, 'hours_to_target' => 83.79507, 'residual' => 0.0153275951]];
        yield 'another course, by nls in R' => ['drying.curve', ['hours' => [0, 12, 24, 36, 60, 84], 'masses' => [50, 44.1, 40.3, 37.6, 34.9, 33.6], 'target_mass' => 30], ['final_mass' => 32.6627161291543, 'start_mass' => 49.9965008086973, 'rate_per_hour' => 0.0344863531221, 'hours_to_target' => null]];
        // 50 g from 12 to 8 %: 50 × 4/92 g of water; silica gel holds 0.15 g/g at 30 % RH.
        yield 'desiccant' => ['drying.desiccant', ['mass' => 50, 'moisture' => 12, 'target' => 8, 'rh_end' => 0.3], ['water' => 2.17391304, 'desiccant' => 14.4927536]];
        yield 'desiccant of a known capacity' => ['drying.desiccant', ['mass' => 50, 'moisture' => 12, 'target' => 8, 'rh_end' => 0.3, 'capacity' => 0.2], ['desiccant' => 10.8695652]];
        yield 'silica is full at 60 %' => ['drying.desiccant', ['mass' => 46, 'moisture' => 12, 'target' => 8, 'rh_end' => 0.85], ['water' => 2.0, 'desiccant' => 6.66666667]];

        yield 'onion' => ['storage.life', ['crop' => 'onion', 'moisture' => 9, 'temperature' => 18, 'germination' => 0.94, 'threshold' => 0.70], ['sigma_days' => 638.4200, 'ki' => 1.554774, 'days_to_threshold' => 657.8108, 'rate_after' => null]];
        yield 'onion by its constants' => ['storage.life', ['ke' => 6.975, 'cw' => 3.470, 'ch' => 0.0400, 'cq' => 0.000428, 'moisture' => 9, 'temperature' => 18, 'germination' => 0.94, 'threshold' => 0.70], ['days_to_threshold' => 657.8108]];
        yield 'lettuce in a fridge' => ['storage.life', ['crop' => 'lettuce', 'moisture' => 7, 'temperature' => 5, 'germination' => 0.95, 'threshold' => 0.7, 'after_days' => 3000], ['sigma_days' => 8136.538842893017, 'rate_after' => 0.8990481286730013]];
        yield 'tomato from its ordinary years' => ['storage.life', ['crop' => 'tomato', 'moisture' => 6, 'temperature' => 5, 'germination' => 0.9, 'threshold' => 0.75], ['sigma_days' => 69957.257228475, 'days_to_threshold' => 42468.379569921]];
        // All of 20 came up: the share is taken as 20.5/21, whose probit is 1.98075.
        yield 'a full test' => ['storage.life', ['crop' => 'onion', 'moisture' => 9, 'temperature' => 18, 'germinated' => 20, 'sown' => 20, 'threshold' => 0.70], ['ki' => 1.980752396647278]];
        yield 'below the threshold already' => ['storage.life', ['crop' => 'onion', 'moisture' => 9, 'temperature' => 18, 'germination' => 0.5, 'threshold' => 0.70], ['days_to_threshold' => 0.0]];

        yield 'two stores' => ['storage.history', ['crop' => 'lettuce', 'segments' => '100:8:20,1000:6:5', 'germination' => 0.95], ['rate_after' => 0.921194638004]];
        yield 'two stores, by constants and a test' => ['storage.history', ['ke' => 9.983, 'cw' => 5.896, 'ch' => 0.04, 'cq' => 0.000428, 'segments' => '200:12:20,400:8:10', 'germinated' => 45, 'sown' => 50], ['rate_after' => 0.79056174999]];
        yield 'refit' => ['storage.refit', ['days' => '0,400,1100,1900', 'germinated' => '47,46,41,70', 'sown' => '50,50,50,100'], ['ki' => 1.572381, 'sigma_days' => 1800.022, 'days_to_threshold' => 1886.387]];
        yield 'refit, by glm in R' => ['storage.refit', ['days' => [0, 365, 730], 'germinated' => [95, 80, 50], 'sown' => [100, 100, 100]], ['ki' => 1.65699231317, 'sigma_days' => 441.68837272684, 'days_to_threshold' => 500.25262930857]];
        // optim in R on the same posterior, to its own tolerance.
        yield 'refit with what the crop says' => ['storage.refit', ['days' => '0,365', 'germinated' => '47,44', 'sown' => '50,50', 'crop' => 'onion', 'moisture' => 9, 'temperature' => 18], ['ki' => 1.617796, 'sigma_days' => 758.039]];
        yield 'refit with constants, to 80 %' => ['storage.refit', ['days' => '0,365', 'germinated' => '47,44', 'sown' => '50,50', 'ke' => 6.975, 'cw' => 3.470, 'ch' => 0.0400, 'cq' => 0.000428, 'moisture' => 9, 'temperature' => 18, 'threshold' => 0.8], ['ki' => 1.617796, 'sigma_days' => 758.039, 'days_to_threshold' => 588.3707]];
        yield 'rule of thumb' => ['storage.thumb', ['moisture_change' => -2, 'temperature_change' => -5], ['factor' => 8.0]];
        yield 'rule of thumb, from where it holds' => ['storage.thumb', ['moisture_change' => -2, 'temperature_change' => -5, 'moisture' => 8, 'temperature' => 20], ['factor' => 8.0]];
        yield 'rule of thumb, the wrong way' => ['storage.thumb', ['moisture_change' => 1, 'temperature_change' => 10], ['factor' => 0.125]];
        // In R: the binomial tail integrated over the pace (log-normal, ln 1.5/1.645), σ 442.92 days by the published constants of onion.
        yield 'packets of ageing seed' => ['packets.plan', ['seeds' => 1000, 'reserve' => 100, 'plants' => 12, 'crop' => 'onion', 'moisture' => 10, 'temperature' => 18, 'germination' => 0.9, 'years' => 10, 'price' => 0.5, 'label_price' => 0.1], ['years_covered' => 3, 'per_packet' => [16, 26, 107], 'left' => 851, 'bags' => 3, 'sachets' => 0, 'labels' => 6, 'cost' => 2.1]];
        // The same with the start as a test of 45 of 50 leaves it: mode and curvature by optim() in R, summed over both.
        yield 'packets of tested seed' => ['packets.plan', ['seeds' => 1000, 'plants' => 12, 'crop' => 'onion', 'moisture' => 10, 'temperature' => 18, 'germinated' => 45, 'sown' => 50, 'years' => 10, 'sachets_each' => 1, 'sachet_price' => 0.25], ['per_packet' => [16, 28, 118], 'left' => 838, 'sachets' => 3, 'cost' => 0.75]];
        yield 'nothing priced, nobody knows what it costs' => ['packets.plan', ['seeds' => 100, 'plants' => 10, 'yearly_shares' => '0.9', 'years' => 1, 'sachets_each' => 2, 'labels_each' => 0], ['bags' => 1, 'sachets' => 2, 'labels' => 0, 'cost' => null]];
        yield 'packets by known shares, outdoors' => ['packets.plan', ['seeds' => 100, 'plants' => 10, 'yearly_shares' => '0.9,0.7', 'years' => 2, 'confidence' => 0.9, 'field_factor' => 0.8], ['per_packet' => [17, 23], 'left' => 60]];
        yield 'packets by known shares' => ['packets.plan', ['seeds' => 60, 'plants' => 10, 'yearly_shares' => '0.9,0.7,0.4', 'years' => 3, 'price' => 0.2], ['years_covered' => 2, 'left' => 28, 'cost' => 0.4]];

        // optimize() over integrate() and pnorm() in R; (h/d)(1 − e^(−d/h)) by hand.
        yield 'a pepper in cool water' => ['cleaning.soak', ['crop' => 'squash-pepo', 'temperature' => 28], ['hours' => 13.78438]];
        yield 'a soak is cut at a day' => ['cleaning.soak', ['crop' => 'squash-pepo', 'temperature' => 10], ['hours' => 24.0]];
        yield 'screens by the crop' => ['cleaning.screens', ['crop' => 'squash-pepo'], ['through' => 12.0, 'holding' => 5.5, 'through_inch' => 30, 'holding_inch' => 14, 'slot_through' => 3.5, 'slot_holding' => 1.75, 'lost_through' => null]];
        yield 'screens by five seeds' => ['cleaning.screens', ['breadths' => '2.1,2.4,2.2,2.6,2.3', 'set' => '1.5,2.2,2.5,4'], ['through' => 3.0, 'holding' => 1.75, 'through_inch' => 8, 'holding_inch' => 4, 'set_through' => 2.5, 'set_holding' => 1.5, 'lost_through' => 0.2, 'lost_holding' => 0.0, 'slot_through' => null]];
        yield 'slots by what was measured' => ['cleaning.screens', ['breadths' => '2.1,2.6', 'thicknesses' => '1.2,1.4'], ['slot_through' => 1.5, 'slot_holding' => 1.0]];
        yield 'forty seeds, of which one at either end does not count' => ['cleaning.screens', ['breadths' => [0.5, ...array_fill(0, 38, 2.0), 9.0]], ['through' => 2.25, 'holding' => 1.75, 'lost_through' => 0.025, 'lost_holding' => 0.025]];
        yield 'six of a hundred' => ['cleaning.pick_over', ['looked' => 100, 'bad' => 6, 'half_width' => 0.05], ['share' => 0.06, 'low' => 0.02778612, 'high' => 0.1247682, 'look_at' => 95]];
        yield 'six of a hundred, at 90 %' => ['cleaning.pick_over', ['looked' => 100, 'bad' => 6, 'confidence' => 0.9], ['low' => 0.03134063, 'high' => 0.111841]];
        yield 'none of fifty' => ['cleaning.pick_over', ['looked' => 50, 'bad' => 0], ['low' => 0.0, 'high' => 0.0713476, 'look_at' => null]];
        yield 'a marrow that bore little' => ['harvest.yield', ['crop' => 'squash-pepo', 'mass' => 24, 'plants' => 4, 'fruits' => 6, 'rough_mass' => 30, 'all_taken' => 'all'], ['per_plant' => 6.0, 'per_fruit' => 4.0, 'cleaned_share' => 0.8, 'per_square_metre' => null, 'against' => 'low']];
        yield 'and one of which some was left' => ['harvest.yield', ['crop' => 'squash-pepo', 'mass' => 24, 'plants' => 4], ['against' => 'not known']];
        yield 'as is usual' => ['harvest.yield', ['crop' => 'squash-pepo', 'mass' => 200, 'plants' => 4, 'area' => 5, 'all_taken' => 'all'], ['per_plant' => 50.0, 'per_square_metre' => 40.0, 'against' => 'usual']];
        yield 'a month of ripening' => ['harvest.timing', ['ripe_from' => 0, 'ripe_to' => 28, 'hold_days' => 5, 'finish_days' => 4, 'visit_every' => 4], ['cut_day' => 14.79588, 'kept' => 0.4334548, 'kept_by_visits' => 0.688339]];
        yield 'seed that hardly holds' => ['harvest.timing', ['ripe_from' => 10, 'ripe_to' => 30, 'hold_days' => 2, 'finish_days' => 1], ['cut_day' => 20.95408, 'kept' => 0.2242122, 'kept_by_visits' => null]];
        yield 'two months, a day each' => ['harvest.timing', ['ripe_from' => 0, 'ripe_to' => 60, 'hold_days' => 1], ['cut_day' => 30.99563, 'kept' => 0.0265376]];
        // qbeta in R.
        yield 'a line by its isolation' => ['line.trueness', ['parent_share' => 0, 'cross_share' => 0.01], ['word' => 'near clean', 'share' => 0.01, 'low' => 1.05506903292e-05, 'high' => 0.041405389]];
        yield 'and thirty looked over' => ['line.trueness', ['parent_share' => 0, 'cross_share' => 0.01, 'seen' => 30], ['word' => 'clean', 'share' => 0.005714286, 'high' => 0.023696476]];
        yield 'one of them off' => ['line.trueness', ['parent_share' => 0, 'cross_share' => 0.01, 'seen' => 30, 'off' => 1], ['word' => 'doubtful', 'share' => 0.02, 'low' => 0.002118796, 'high' => 0.052807414]];
        yield 'crossed' => ['line.trueness', ['parent_share' => 0.02, 'cross_share' => 0.3, 'seen' => 40, 'off' => 14, 'weight' => 20], ['word' => 'crossed']];
        yield 'nothing known' => ['line.trueness', [], ['word' => 'not known', 'share' => null, 'low' => null, 'high' => null]];
        yield 'parents not known, thirty looked over' => ['line.trueness', ['cross_share' => 0, 'seen' => 30], ['word' => 'doubtful', 'share' => 0.016129032, 'high' => 0.061516725]];
        // Of which nothing else is known: qbeta(.95, .5, n + .5) in R is 0.0466 and 0.0236.
        yield 'forty looked over, all alike' => ['line.trueness', ['seen' => 40], ['word' => 'near clean']];
        yield 'eighty' => ['line.trueness', ['seen' => 80], ['word' => 'clean']];
        yield 'a selfer of which nothing is on record but its parents' => ['line.trueness', ['parent_share' => 0, 'outcrosses' => 0.01], ['word' => 'near clean', 'share' => 0.01]];
        yield 'an outcrosser of which nothing is' => ['line.trueness', ['parent_share' => 0, 'outcrosses' => 0.4], ['word' => 'not known']];
        // By hand, from the same index: means 6.6, 3.4 and 50, deviations (n − 1) 1.816590, 2.302173 and 7.905694.
        yield 'choosing hard or keeping many' => ['selection.tradeoff', ['weights' => '1,2,-0.5', 'heritabilities' => '0.3,0.5,0.2', 'scores' => '8,3,50;6,4,55;9,1,40;5,5,60;7,2,45', 'keep' => '1,2,5'], ['ne' => [1.0, 2.0, 5.0], 'kept' => [0.0975, 0.18549375, 0.4012630607616]]];
        // By R: friedman.test, and all arrangements enumerated.
        yield 'three tasters' => ['taste.agreement', ['scores' => '4 2 5 3;3 2 5 4;5 1 4 2'], ['ranks' => [3.0, 1.0, 3.6666667, 2.3333333], 'w' => 0.777778, 'chi_square' => 7.0, 'p' => 0.053819444, 'exact' => true, 'least_p' => 0.0017361111]];
        yield 'four tasters, with ties' => ['taste.agreement', ['scores' => '3 3 5 1 2;4 2 4 1 3;2 3 5 1 1;4 4 5 2 3'], ['ranks' => [3.625, 3.25, 4.875, 1.125, 2.125], 'w' => 0.868421053, 'chi_square' => 13.894737, 'p' => 0.0076387, 'exact' => false]];
        yield 'ties, exactly' => ['taste.agreement', ['scores' => '3 3 1;2 2 1;3 2 2;3 1 2'], ['chi_square' => 4.7692308, 'p' => 0.11111111, 'exact' => true]];
        yield 'all of them alike to everybody' => ['taste.agreement', ['scores' => '2 2;4 4'], ['w' => 0.0, 'p' => 1.0]];
        yield 'before it is held' => ['taste.agreement', ['tasters' => 2, 'samples' => 3], ['least_p' => 0.166666667, 'p' => null]];
        yield 'midnight sun' => ['sun.times', ['latitude' => 70, 'longitude' => 25, 'date' => '2026-06-21', 'zone' => 'Europe/Oslo'], ['rise' => null, 'set' => null, 'day_hours' => 24.0]];
        yield 'polar night' => ['sun.times', ['latitude' => 70, 'longitude' => 25, 'date' => '2026-12-21', 'zone' => 'Europe/Oslo'], ['rise' => null, 'set' => null, 'day_hours' => 0.0]];

        yield 'a rare form among 20' => ['population.alleles', ['plants' => 20, 'frequency' => 0.05], ['kept' => 0.871488]];
        yield 'parents for a rare form' => ['population.plants', ['frequency' => 0.05, 'confidence' => 0.95], ['plants' => 30]];
        yield 'unequal parents' => ['population.effective', ['contributions' => '40,10,10,20,5'], ['ne' => 3.247191]];
        yield 'equal parents' => ['population.effective', ['contributions' => '7,7,7,7'], ['ne' => 4.0]];
        yield 'two fathers, eight mothers' => ['population.effective', ['males' => 2, 'females' => 8], ['ne' => 6.4]];
        yield 'kin over three lots' => ['population.kinship', ['lots' => 'A=:12,B=A:5,C=B:20', 'of' => 'C'], ['kinship' => 0.1590625]];
        yield 'selfed over three lots' => ['population.kinship', ['lots' => 'A=:12,B=A:5,C=B:20', 'of' => 'C', 'outcrossing' => 0], ['kinship' => 0.303333333]];
        yield 'through a narrow place' => ['population.kinship', ['lots' => 'A=:10,B=A:4,C=A:30,D=B*0.6+C*0.4', 'of' => 'B'], ['kinship' => 0.16875]];
        yield 'beside it' => ['population.kinship', ['lots' => 'A=:10,B=A:4,C=A:30,D=B*0.6+C*0.4', 'of' => 'C'], ['kinship' => 0.065833333]];
        yield 'two lots of one' => ['population.kinship', ['lots' => 'A=:10,B=A:4,C=A:30,D=B*0.6+C*0.4', 'of' => 'B,C'], ['kinship' => 0.05]];
        yield 'a mixture' => ['population.kinship', ['lots' => 'A=:10,B=A:4,C=A:30,D=B*0.6+C*0.4', 'of' => 'D'], ['kinship' => 0.095283333]];
        yield 'a bottleneck' => ['population.history', ['sizes' => '12,5,20'], ['ne' => 9.0, 'heterozygosity_kept' => 0.840938]];
        yield 'F6, ten genes' => ['line.fixation', ['generation' => 6, 'loci' => 10], ['heterozygosity' => 0.03125, 'all_fixed' => 0.727976]];
        yield 'the F1 is all mixed' => ['line.fixation', ['generation' => 1, 'loci' => 3], ['heterozygosity' => 1.0, 'all_fixed' => 0.0]];
        yield 'two traits in the F2' => ['line.search', ['traits' => 2], ['plants' => 47]];
        yield 'one trait, very surely' => ['line.search', ['traits' => 1, 'confidence' => 0.99], ['plants' => 17]];
        yield 'purity' => ['seed.purity', ['pure' => 95, 'inert' => 4, 'other' => 1, 'germination' => 0.8], ['purity' => 0.95, 'pure_live' => 0.76]];
        yield 'purity alone' => ['seed.purity', ['pure' => 95, 'inert' => 4, 'other' => 1], ['purity' => 0.95, 'pure_live' => null]];
        // ln 0.05 / ln 0.98 = 148.28 in R.
        yield 'roguing' => ['roguing.plants', ['share' => 0.02, 'confidence' => 0.95], ['plants' => 149]];
        yield 'half are off-type' => ['roguing.plants', ['share' => 0.5, 'confidence' => 0.75], ['plants' => 2]];
        yield 'all are off-type' => ['roguing.plants', ['share' => 1, 'confidence' => 0.95], ['plants' => 1]];
        yield 'selection' => ['selection.index', ['weights' => '1,2,-0.5', 'heritabilities' => '0.3,0.5,0.2', 'scores' => '8,3,50;6,4,55;9,1,40;5,5,60;7,2,45', 'keep' => 2], ['ranking' => [1, 4, 2, 3, 5], 'differential' => [-0.5, 1.0, 5.0], 'response' => [-0.15, 0.5, 1.0]]];
        yield 'selection without the sick one' => ['selection.index', ['weights' => [1], 'heritabilities' => [0.5], 'scores' => [[3], [5], [4]], 'keep' => 1, 'culls' => [2]], ['ranking' => [3, 1], 'differential' => [0.0], 'response' => [0.0]]];

        yield 'ferment at 21 °C' => ['ferment.window', ['temperature' => 21], ['earliest_hours' => 48.0, 'typical_hours' => 72.0, 'latest_hours' => 144.0]];
        yield 'ferment at 31 °C' => ['ferment.window', ['temperature' => 31], ['earliest_hours' => 24.0, 'typical_hours' => 36.0, 'latest_hours' => 72.0]];
        yield 'ferment in the cold' => ['ferment.window', ['temperature' => 11], ['earliest_hours' => 96.0, 'typical_hours' => 144.0, 'latest_hours' => 168.0]];

        // x₀·(0.005/x₀)^(d/careful) and its factors, typed in afresh in R.
        yield 'two marrows 100 m apart' => ['isolation.pair', ['crop' => 'squash-pepo', 'distance' => 100], ['crosses' => 'freely', 'overlap_days' => null, 'needed_distance' => 800.0, 'share' => 0.3298022351, 'verdict' => 'act']];
        yield 'behind a hedge, half the bloom, fewer plants' => ['isolation.pair', ['crop' => 'squash-pepo', 'source' => 'squash-pepo', 'distance' => 300, 'plants' => 10, 'source_plants' => 4, 'first_bloom' => '2026-07-01', 'last_bloom' => '2026-07-31', 'source_first_bloom' => '2026-07-20', 'source_last_bloom' => '2026-08-20', 'barrier' => 'hedge'], ['crosses' => 'freely', 'overlap_days' => 12, 'needed_distance' => 400.0, 'share' => 0.006612429296, 'verdict' => 'watch']];
        yield 'peas, by a home gardener' => ['isolation.pair', ['crop' => 'pea', 'distance' => 2.5, 'standard' => 'home'], ['crosses' => 'rarely', 'needed_distance' => 1.0, 'share' => 0.003535533906, 'verdict' => 'clear']];
        yield 'at the careful distance exactly' => ['isolation.pair', ['crop' => 'carrot', 'distance' => 800, 'allowed' => 0.02], ['share' => 0.005, 'verdict' => 'clear']];
        yield 'in the tropics' => ['isolation.pair', ['crop' => 'leek', 'distance' => 1000, 'climate' => 'tropical', 'allowed' => 0.2], ['needed_distance' => 2000.0, 'share' => 0.05916079783, 'verdict' => 'watch']];
        yield 'bloom apart' => ['isolation.pair', ['crop' => 'leek', 'distance' => 0, 'first_bloom' => '2026-07-01', 'last_bloom' => '2026-07-10', 'source_first_bloom' => '2026-07-11', 'source_last_bloom' => '2026-07-20'], ['crosses' => 'freely', 'overlap_days' => 0, 'needed_distance' => 0.0, 'share' => 0.0, 'verdict' => 'clear']];
        yield 'strangers' => ['isolation.pair', ['crop' => 'leek', 'source' => 'carrot', 'distance' => 0], ['crosses' => 'never', 'share' => 0.0, 'verdict' => 'clear']];
        yield 'caged' => ['isolation.pair', ['crop' => 'carrot', 'distance' => 0, 'protection' => 'caged'], ['crosses' => 'freely', 'share' => 0.0, 'verdict' => 'clear']];

        $plan = static fn (array $plantings): array => [
            'year' => 2027, 'ground' => ['width' => 60, 'depth' => 40, 'north' => 0, 'wind' => 225, 'last_frost' => '04-20', 'first_frost' => '10-28'], 'isolation' => [],
            'plantings' => array_map(static fn (array $p): array => ['id' => $p[0], 'variety' => $p[0], 'crop' => $p[1], 'plants' => 6, 'purpose' => 'seed', 'sow' => '2027-05-01', 'spot' => ['x' => $p[2], 'y' => 0, 'width' => 2, 'depth' => 1]], $plantings),
        ];
        $squashes = $plan([['a', 'squash-pepo', 0], ['b', 'squash-pepo', 32], ['c', 'squash-moschata', 16]]);
        yield 'a garden of squashes' => ['isolation.garden', ['plan' => $squashes], ['at_risk' => 2]];
        // Neither may be covered, moved or shifted: one waits a year, which costs ten mornings.
        yield 'one waits' => ['isolation.remedies', ['plan' => json_encode($squashes), 'shift_days' => 0, 'move' => 'no', 'cage' => 'no', 'alternate' => 'no', 'bag' => 'no', 'not_before' => '2027-01-01'], ['possible' => true, 'cost' => 10.0, 'cheapest' => true]];
        yield 'nothing fits' => ['isolation.remedies', ['plan' => $squashes, 'shift_days' => 0, 'move' => 'no', 'cage' => 'no', 'alternate' => 'no', 'bag' => 'no', 'leave_out' => 'no'], ['possible' => false, 'cost' => null, 'cheapest' => null]];

        yield 'seed mass' => ['seed.mass', ['counted' => 100, 'masses' => '0.29,0.30,0.29', 'mass' => 8.8], ['tsm' => 2.933333333333334, 'cv' => 1.968239554055544, 'seeds' => 3000.0]];
        yield 'a single sample' => ['seed.mass', ['counted' => 50, 'masses' => [10.0]], ['tsm' => 200.0, 'cv' => null, 'seeds' => null]];
    }

    /** @param  array<string, mixed>  $inputs */
    #[DataProvider('refusals')]
    public function test_refusal_names_the_input_and_its_bound(string $name, array $inputs, string $input, string $says): void
    {
        try {
            Registry::standard(self::crops())->named($name)->reckon($inputs);
        } catch (Refused $refused) {
            self::assertSame($input, $refused->path);
            self::assertStringContainsString($says, $refused->getMessage());

            return;
        }
        self::fail('It was not refused.');
    }

    /** @return iterable<string, array{string, array<string, mixed>, string, string}> */
    public static function refusals(): iterable
    {
        yield 'missing' => ['germination.rate', ['germinated' => 3], 'sown', 'Seeds set to germinate is missing'];
        yield 'unknown' => ['germination.rate', ['germinated' => 3, 'sown' => 5, 'plants' => 2], 'plants', 'not an input'];
        yield 'not a number' => ['germination.rate', ['germinated' => 'many', 'sown' => 5], 'germinated', '"many" was given'];
        yield 'not whole' => ['germination.rate', ['germinated' => 2.5, 'sown' => 5], 'germinated', 'whole number'];
        yield 'negative' => ['germination.rate', ['germinated' => -1, 'sown' => 5], 'germinated', "0 to 1\u{00A0}000\u{00A0}000"];
        yield 'more up than sown' => ['germination.rate', ['germinated' => 6, 'sown' => 5], 'germinated', 'from 0 to 5'];
        yield 'one replicate' => ['germination.replicates', ['germinated' => [5], 'sown' => 10], 'germinated', 'at least 2'];
        yield 'days that fall' => ['germination.speed', ['days' => '5,4', 'counts' => '1,1'], 'days', 'must rise'];
        yield 'a count without its day' => ['germination.speed', ['days' => '5', 'counts' => '1,1'], 'counts', '1 days and 2 counts'];
        yield 'nothing up' => ['germination.speed', ['days' => '5', 'counts' => '0'], 'counts', 'Nothing has germinated'];
        yield 'share and test both' => ['sowing.seeds', ['plants' => 5, 'rate' => 0.5, 'germinated' => 5, 'sown' => 9], 'rate', 'either rate'];
        yield 'neither' => ['sowing.seeds', ['plants' => 5], 'rate', 'either rate'];
        yield 'hopeless seed' => ['sowing.seeds', ['plants' => 1_000_000, 'rate' => 0.00001], 'rate', 'not even'];
        yield 'field factor with a test' => ['sowing.seeds', ['plants' => 5, 'germinated' => 5, 'sown' => 9, 'field_factor' => 0.5], 'germinated', 'either rate and field_factor, or germinated and sown'];
        yield 'lighter than dry' => ['moisture.now', ['start_mass' => 100, 'start_moisture' => 20, 'mass' => 70], 'mass', 'dry matter alone is 80 g'];
        yield 'air too damp' => ['moisture.equilibrium', ['rh' => 0.99, 'temperature' => 20, 'oil' => 0.2], 'rh', '0.01 to 0.98'];
        yield 'not a number at all' => ['moisture.equilibrium', ['rh' => 'NAN', 'temperature' => 20, 'oil' => 0.2], 'rh', 'must be a share'];
        yield 'too damp to forecast' => ['storage.life', ['crop' => 'onion', 'moisture' => 16, 'temperature' => 18, 'germination' => 0.9, 'threshold' => 0.7], 'moisture', '3 to 15'];
        yield 'unknown crop' => ['storage.life', ['crop' => 'plum', 'moisture' => 9, 'temperature' => 18, 'germination' => 0.9, 'threshold' => 0.7], 'crop', 'no crop "plum"'];
        yield 'a kind that dies when it dries' => ['storage.life', ['crop' => 'chayote', 'moisture' => 9, 'temperature' => 18, 'germination' => 0.9, 'threshold' => 0.7], 'crop', 'does not bear drying'];
        yield 'a crop misspelt' => ['storage.life', ['crop' => 'onoin', 'moisture' => 9, 'temperature' => 18, 'germination' => 0.9, 'threshold' => 0.7], 'crop', 'Did you mean onion?'];
        yield 'half the constants' => ['storage.life', ['ke' => 7, 'cw' => 3, 'moisture' => 9, 'temperature' => 18, 'germination' => 0.9, 'threshold' => 0.7], 'ch', 'C_H is missing'];
        yield 'compare beyond its seeds' => ['germination.compare', ['a_germinated' => 3, 'a_sown' => 5, 'b_germinated' => 9, 'b_sown' => 5], 'b_germinated', 'from 0 to 5'];
        yield 'a half-width of nothing' => ['germination.test_size', ['expected' => 0.5, 'half_width' => 0], 'half_width', '0.001 to 0.5'];
        yield 'more undecided than seeds' => ['germination.outlook', ['germinated' => 5, 'sown' => 10, 'undecided' => 6], 'undecided', 'from 0 to 5'];
        yield 'a dish that gained' => ['moisture.oven', ['dish' => 20, 'dish_wet' => 30, 'dish_dry' => 31], 'dish_dry', 'cannot gain weight'];
        yield 'an empty dish' => ['moisture.oven', ['dish' => 20, 'dish_wet' => 20, 'dish_dry' => 20], 'dish_wet', 'more than the empty dish'];
        yield 'air over 100 %' => ['air.properties', ['temperature' => 20, 'rh' => 1.1], 'rh', '0.01 to 1'];
        yield 'too few weighings' => ['drying.curve', ['hours' => '0,6,24', 'masses' => '9,8,7'], 'masses', 'at least 4 weighings; there are 3'];
        yield 'a course that rises' => ['drying.curve', ['hours' => '0,6,24,48', 'masses' => '7,7.5,8,9'], 'masses', 'getting heavier'];
        yield 'a course that stands' => ['drying.curve', ['hours' => '0,6,24,48', 'masses' => '7,7,7,7'], 'masses', 'Every weighing is the same'];
        yield 'a course in a straight line' => ['drying.curve', ['hours' => '0,10,20,30', 'masses' => '40,39,38,37'], 'masses', 'nothing shows yet where it will end'];
        yield 'hours out of order' => ['drying.curve', ['hours' => '0,10,5,30', 'masses' => '40,39,38,37'], 'hours', 'must rise'];
        yield 'desiccant that wets' => ['drying.desiccant', ['mass' => 50, 'moisture' => 8, 'target' => 12, 'rh_end' => 0.3], 'target', 'only dries'];
        yield 'a store half described' => ['storage.history', ['crop' => 'onion', 'segments' => '100:8', 'germination' => 0.9], 'segments', 'days:moisture:temperature'];
        yield 'a store too damp' => ['storage.history', ['crop' => 'onion', 'segments' => '100:18:20', 'germination' => 0.9], 'moisture', '3 to 15'];
        yield 'one test alone' => ['storage.refit', ['days' => '0', 'germinated' => '40', 'sown' => '50'], 'days', 'At least 2 tests'];
        yield 'tests of one day' => ['storage.refit', ['days' => '5,5', 'germinated' => '40,30', 'sown' => '50,50'], 'days', 'of one day'];
        yield 'tests that rise' => ['storage.refit', ['days' => '0,300', 'germinated' => '30,40', 'sown' => '50,50'], 'germinated', 'no lower than the earlier'];
        yield 'tests all full' => ['storage.refit', ['days' => '0,300', 'germinated' => '50,50', 'sown' => '50,50'], 'germinated', 'no fall can be read'];
        yield 'all, then none' => ['storage.refit', ['days' => '0,300', 'germinated' => '50,0', 'sown' => '50,50'], 'germinated', 'so sharp'];
        yield 'a prior without a store' => ['storage.refit', ['days' => '0,300', 'germinated' => '45,40', 'sown' => '50,50', 'crop' => 'onion'], 'moisture', 'Moisture of the seed is missing'];
        yield 'more off than were looked over' => ['line.trueness', ['seen' => 10, 'off' => 11], 'off', 'from 0 to 10'];
        yield 'more clean than rough' => ['harvest.yield', ['mass' => 10, 'rough_mass' => 8], 'rough_mass', 'cannot be'];
        yield 'a yield of nothing' => ['harvest.yield', ['mass' => 10], 'plants', 'of how many plants'];
        yield 'dry seed does not soak' => ['cleaning.soak', ['crop' => 'pea', 'temperature' => 20], 'crop', 'not cleaned in water'];
        yield 'damp after dry' => ['card.reading', ['spots' => [30, 40], 'states' => 'dry damp'], 'states', 'look again'];
        yield 'a count of a test without its day' => ['germination.stop', ['sown' => 20, 'days' => [3], 'germinated' => [0, 14], 'undecided' => 6, 'crop' => 'tomato'], 'germinated', '1 days and 2 counts'];
        yield 'days of a test that fall' => ['germination.stop', ['sown' => 20, 'days' => [5, 3], 'germinated' => [0, 14], 'undecided' => 6, 'crop' => 'tomato'], 'days', 'rise'];
        yield 'no difference to be shown' => ['germination.power', ['a_share' => 0.8, 'b_share' => 0.8, 'power' => 0.8], 'b_share', 'Both are the same'];
        yield 'too small a difference' => ['germination.power', ['a_share' => 0.9, 'b_share' => 0.88, 'power' => 0.9], 'power', 'More than 400'];
        yield 'seeds of one alone' => ['germination.power', ['a_share' => 0.9, 'b_share' => 0.6, 'a_sown' => 20], 'b_sown', ''];
        yield 'nothing known of it' => ['drying.evidence', ['crop' => 'french-bean'], 'signs', 'Nothing is known'];
        yield 'a card without its states' => ['drying.evidence', ['crop' => 'french-bean', 'spots' => [30, 40]], 'states', 'go together'];
        yield 'no sign' => ['drying.evidence', ['crop' => 'french-bean', 'signs' => 'snaps, shiny'], 'signs', 'shiny'];
        yield 'a state too few' => ['card.reading', ['spots' => [30, 40], 'states' => 'dry'], 'states', '2 spots'];
        yield 'a spot of no state' => ['card.reading', ['spots' => [30], 'states' => 'pink'], 'states', 'no state'];
        yield 'spots in no order' => ['card.reading', ['spots' => [40, 30], 'states' => 'dry dry'], 'spots', 'driest'];
        yield 'gel lighter than dry' => ['desiccant.state', ['dry_mass' => 100, 'mass_now' => 98], 'mass_now', 'not dry then'];
        yield 'clay has no colour' => ['desiccant.state', ['kind' => 'clay', 'dry_mass' => 100, 'colour' => 'dry'], 'colour', 'Only gel'];
        yield 'a desiccant of which nothing is known' => ['desiccant.state', ['dry_mass' => 100], 'mass_now', 'Give either'];
        yield 'more bad than looked at' => ['cleaning.pick_over', ['looked' => 10, 'bad' => 11], 'bad', ''];
        yield 'a hole of nothing' => ['cleaning.screens', ['crop' => 'pea', 'set' => '0'], 'set', '0.1'];
        yield 'ripe before it begins' => ['harvest.timing', ['ripe_from' => 20, 'ripe_to' => 10, 'hold_days' => 5], 'ripe_to', 'from 20.5'];
        yield 'a count without its test' => ['germination.compare', ['germinated' => '5,6,7', 'sown' => '10,10'], 'sown', '3 counts of seedlings and 2 of seeds'];
        yield 'one test, compared with nothing' => ['germination.compare', ['germinated' => '5', 'sown' => '10'], 'germinated', 'two tests or more'];
        yield 'two ways of comparing' => ['germination.compare', ['germinated' => '5,6', 'sown' => '10,10', 'a_germinated' => 5], 'a_germinated', 'either'];
        yield 'a zone that there is not' => ['sun.times', ['latitude' => 50, 'longitude' => 0, 'date' => '2026-06-21', 'zone' => 'Mars/North'], 'zone', 'no time zone'];
        yield 'a reserve beyond the lot' => ['packets.plan', ['seeds' => 50, 'reserve' => 60, 'plants' => 5, 'yearly_shares' => '0.9', 'years' => 1], 'reserve', 'from 0 to 50'];
        yield 'shares for too few years' => ['packets.plan', ['seeds' => 50, 'plants' => 5, 'yearly_shares' => '0.9', 'years' => 3], 'yearly_shares', '1 yearly shares for 3 years'];
        yield 'its own forebear' => ['population.kinship', ['lots' => 'A=A:3', 'of' => 'A'], 'lots', 'A cannot come from itself'];
        yield 'of what is told later' => ['population.kinship', ['lots' => 'A=B:3,B=:4', 'of' => 'A'], 'lots', 'B, which is not told before it'];
        yield 'told twice' => ['population.kinship', ['lots' => 'A=:3,A=:4', 'of' => 'A'], 'lots', 'told twice'];
        yield 'shares that are no whole' => ['population.kinship', ['lots' => 'A=:3,B=:4,C=A*0.6+B*0.6', 'of' => 'C'], 'lots', 'must come to 1'];
        yield 'nonsense for a lot' => ['population.kinship', ['lots' => 'the red one', 'of' => 'A'], 'lots', 'is none of these'];
        yield 'of a lot that is not there' => ['population.kinship', ['lots' => 'A=:3', 'of' => 'B'], 'of', 'no lot B'];
        yield 'of three lots' => ['population.kinship', ['lots' => 'A=:3', 'of' => 'A,A,A'], 'of', 'one lot, or two'];
        yield 'no parents' => ['population.kinship', ['lots' => 'A=:0', 'of' => 'A'], 'lots', 'from 1'];
        yield 'parents that gave nothing' => ['population.effective', ['contributions' => '0,0'], 'contributions', 'No parent gave'];
        yield 'contributions and sexes both' => ['population.effective', ['contributions' => '1,2', 'males' => 2, 'females' => 2], 'contributions', 'either contributions'];
        yield 'a weightless sample' => ['seed.purity', ['pure' => 0, 'inert' => 0, 'other' => 0], 'pure', 'weighs nothing'];
        yield 'a score missing' => ['selection.index', ['weights' => '1,1', 'heritabilities' => '0.5,0.5', 'scores' => '1,2;3', 'keep' => 1], 'scores', 'Plant 2 has 1 scores'];
        yield 'more kept than there are' => ['selection.index', ['weights' => '1', 'heritabilities' => '0.5', 'scores' => '1;2', 'keep' => 2, 'culls' => '1'], 'keep', 'from 1 to 1'];
        yield 'a day that does not exist' => ['isolation.pair', ['crop' => 'pea', 'distance' => 1, 'first_bloom' => '2026-02-31', 'last_bloom' => '2026-07-10', 'source_first_bloom' => '2026-07-11', 'source_last_bloom' => '2026-07-20'], 'first_bloom', 'must be a day of the calendar, as 14 September 2026 or 2026-09-14; "2026-02-31"'];
        yield 'bloom that ends before it begins' => ['isolation.pair', ['crop' => 'pea', 'distance' => 1, 'first_bloom' => '2026-07-01', 'last_bloom' => '2026-07-10', 'source_first_bloom' => '2026-07-11', 'source_last_bloom' => '2026-07-02'], 'source_last_bloom', 'must not lie before the first bloom'];
        yield 'half the bloom' => ['isolation.pair', ['crop' => 'pea', 'distance' => 1, 'first_bloom' => '2026-07-01', 'last_bloom' => '2026-07-10'], 'source_first_bloom', 'First bloom of the other is missing'];
        yield 'an unknown barrier' => ['isolation.pair', ['crop' => 'pea', 'distance' => 1, 'barrier' => 'moat'], 'barrier', 'one of these, none, hedge, building; "moat"'];
        yield 'a source that is no crop' => ['isolation.pair', ['crop' => 'pea', 'distance' => 1, 'source' => 'plum'], 'source', 'no crop "plum"'];
        yield 'a plan that is none' => ['isolation.garden', ['plan' => 'garden'], 'plan', 'cannot be read'];
        yield 'a plan with a mistake' => ['isolation.garden', ['plan' => '{"year":2027,"ground":{"width":0}}'], 'plan', 'plan, ground.width: The width of the garden must be from 1 to 2000 m.'];
        yield 'a cold ferment' => ['ferment.window', ['temperature' => 4], 'temperature', '10 to 40'];
        yield 'weightless seed' => ['seed.mass', ['counted' => 100, 'masses' => '0'], 'masses', "0.0001 to 100\u{00A0}000"];
    }

    public function test_unknown_reckoning(): void
    {
        $this->expectException(UnknownReckoning::class);
        Registry::standard(self::crops())->named('germination.luck');
    }

    public function test_every_reckoning_gives_exactly_the_outputs_it_declares(): void
    {
        $registry = Registry::standard(self::crops());
        $tried = [];
        foreach (self::values() as [$name, $inputs]) {
            $declared = array_map(static fn ($output): string => $output->key, $registry->named($name)->outputs);
            self::assertSame($declared, array_keys($registry->named($name)->reckon($inputs)), $name);
            $tried[$name] = true;
        }
        self::assertCount(count($tried), $registry->all(), 'every reckoning has a worked value');
    }
}
