<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Reckoning;

use Marrow\Core\Reckoning\InputRefused;
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
     * @param  array<string, float|int|bool|null>  $outputs
     */
    #[DataProvider('values')]
    public function test_worked_value(string $name, array $inputs, array $outputs): void
    {
        $result = Registry::standard(self::crops())->named($name)->reckon($inputs);
        foreach ($outputs as $key => $expected) {
            self::assertArrayHasKey($key, $result);
            is_float($expected)
                ? self::assertSixDigits($expected, $result[$key], $key)
                : self::assertSame($expected, $result[$key], $key);
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>, array<string, float|int|bool|null>}> */
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
        // All 10 on day 4: half of them by interpolation from (0, 0) on day 2.
        yield 'all on one day' => ['germination.speed', ['days' => [4], 'counts' => [10]], ['mean_days' => 4.0, 't50' => 2.0, 'index' => 2.5]];

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
        yield 'RH of starchy seed' => ['moisture.seed_rh', ['moisture' => 9.64673482287477, 'temperature' => 20, 'oil' => 0.02], ['rh' => 0.30]];

        yield 'onion' => ['storage.life', ['crop' => 'onion', 'moisture' => 9, 'temperature' => 18, 'germination' => 0.94, 'threshold' => 0.70], ['sigma_days' => 638.4200, 'ki' => 1.554774, 'days_to_threshold' => 657.8108, 'rate_after' => null]];
        yield 'onion by its constants' => ['storage.life', ['ke' => 6.975, 'cw' => 3.470, 'ch' => 0.0400, 'cq' => 0.000428, 'moisture' => 9, 'temperature' => 18, 'germination' => 0.94, 'threshold' => 0.70], ['days_to_threshold' => 657.8108]];
        yield 'lettuce in a fridge' => ['storage.life', ['crop' => 'lettuce', 'moisture' => 7, 'temperature' => 5, 'germination' => 0.95, 'threshold' => 0.7, 'after_days' => 3000], ['sigma_days' => 8136.538842893017, 'rate_after' => 0.8990481286730013]];
        yield 'tomato from its ordinary years' => ['storage.life', ['crop' => 'tomato', 'moisture' => 6, 'temperature' => 5, 'germination' => 0.9, 'threshold' => 0.75], ['sigma_days' => 54057.52198098227, 'days_to_threshold' => 32816.25742701757]];
        // All of 20 came up: the share is taken as 20.5/21, whose probit is 1.98075.
        yield 'a full test' => ['storage.life', ['crop' => 'onion', 'moisture' => 9, 'temperature' => 18, 'germinated' => 20, 'sown' => 20, 'threshold' => 0.70], ['ki' => 1.980752396647278]];
        yield 'below the threshold already' => ['storage.life', ['crop' => 'onion', 'moisture' => 9, 'temperature' => 18, 'germination' => 0.5, 'threshold' => 0.70], ['days_to_threshold' => 0.0]];

        yield 'ferment at 21 °C' => ['ferment.window', ['temperature' => 21], ['earliest_hours' => 48.0, 'typical_hours' => 72.0, 'latest_hours' => 144.0]];
        yield 'ferment at 31 °C' => ['ferment.window', ['temperature' => 31], ['earliest_hours' => 24.0, 'typical_hours' => 36.0, 'latest_hours' => 72.0]];
        yield 'ferment in the cold' => ['ferment.window', ['temperature' => 11], ['earliest_hours' => 96.0, 'typical_hours' => 144.0, 'latest_hours' => 168.0]];

        yield 'seed mass' => ['seed.mass', ['counted' => 100, 'masses' => '0.29,0.30,0.29', 'mass' => 8.8], ['tsm' => 2.933333333333334, 'cv' => 1.968239554055544, 'seeds' => 3000.0]];
        yield 'a single sample' => ['seed.mass', ['counted' => 50, 'masses' => [10.0]], ['tsm' => 200.0, 'cv' => null, 'seeds' => null]];
    }

    /** @param  array<string, mixed>  $inputs */
    #[DataProvider('refusals')]
    public function test_refusal_names_the_input_and_its_bound(string $name, array $inputs, string $input, string $says): void
    {
        try {
            Registry::standard(self::crops())->named($name)->reckon($inputs);
        } catch (InputRefused $refused) {
            self::assertSame($input, $refused->input);
            self::assertStringContainsString($says, $refused->getMessage());

            return;
        }
        self::fail('It was not refused.');
    }

    /** @return iterable<string, array{string, array<string, mixed>, string, string}> */
    public static function refusals(): iterable
    {
        yield 'missing' => ['germination.rate', ['germinated' => 3], 'sown', 'sown is missing'];
        yield 'unknown' => ['germination.rate', ['germinated' => 3, 'sown' => 5, 'plants' => 2], 'plants', 'not an input'];
        yield 'not a number' => ['germination.rate', ['germinated' => 'many', 'sown' => 5], 'germinated', '"many" was given'];
        yield 'not whole' => ['germination.rate', ['germinated' => 2.5, 'sown' => 5], 'germinated', 'whole number'];
        yield 'negative' => ['germination.rate', ['germinated' => -1, 'sown' => 5], 'germinated', '0 to 1000000'];
        yield 'more up than sown' => ['germination.rate', ['germinated' => 6, 'sown' => 5], 'germinated', 'from 0 to 5'];
        yield 'one replicate' => ['germination.replicates', ['germinated' => [5], 'sown' => 10], 'germinated', 'at least 2'];
        yield 'days that fall' => ['germination.speed', ['days' => '5,4', 'counts' => '1,1'], 'days', 'must rise'];
        yield 'a count without its day' => ['germination.speed', ['days' => '5', 'counts' => '1,1'], 'counts', '1 days and 2 counts'];
        yield 'nothing up' => ['germination.speed', ['days' => '5', 'counts' => '0'], 'counts', 'Nothing has germinated'];
        yield 'share and test both' => ['sowing.seeds', ['plants' => 5, 'rate' => 0.5, 'germinated' => 5, 'sown' => 9], 'rate', 'either rate'];
        yield 'neither' => ['sowing.seeds', ['plants' => 5], 'rate', 'either rate'];
        yield 'hopeless seed' => ['sowing.seeds', ['plants' => 1_000_000, 'rate' => 0.00001], 'rate', 'not even'];
        yield 'field factor with a test' => ['sowing.seeds', ['plants' => 5, 'germinated' => 5, 'sown' => 9, 'field_factor' => 0.5], 'field_factor', 'goes with rate only'];
        yield 'lighter than dry' => ['moisture.now', ['start_mass' => 100, 'start_moisture' => 20, 'mass' => 70], 'mass', 'dry matter alone is 80 g'];
        yield 'air too damp' => ['moisture.equilibrium', ['rh' => 0.99, 'temperature' => 20, 'oil' => 0.2], 'rh', '0.01 to 0.98'];
        yield 'not a number at all' => ['moisture.equilibrium', ['rh' => 'NAN', 'temperature' => 20, 'oil' => 0.2], 'rh', 'must be a share'];
        yield 'too damp to forecast' => ['storage.life', ['crop' => 'onion', 'moisture' => 16, 'temperature' => 18, 'germination' => 0.9, 'threshold' => 0.7], 'moisture', '3 to 15'];
        yield 'unknown crop' => ['storage.life', ['crop' => 'plum', 'moisture' => 9, 'temperature' => 18, 'germination' => 0.9, 'threshold' => 0.7], 'crop', 'no crop "plum"'];
        yield 'half the constants' => ['storage.life', ['ke' => 7, 'cw' => 3, 'moisture' => 9, 'temperature' => 18, 'germination' => 0.9, 'threshold' => 0.7], 'ch', 'go together'];
        yield 'a cold ferment' => ['ferment.window', ['temperature' => 4], 'temperature', '10 to 40'];
        yield 'weightless seed' => ['seed.mass', ['counted' => 100, 'masses' => '0'], 'masses', '0.0001 to 100000'];
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
