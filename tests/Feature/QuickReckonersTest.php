<?php

declare(strict_types=1);

namespace Tests\Feature;

use Marrow\Core\Reckoning\Registry;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The reckonings through the application's door. */
final class QuickReckonersTest extends TestCase
{
    public function test_it_offers_exactly_what_the_registry_holds(): void
    {
        $offered = $this->getJson('/api/reckonings')->assertOk()->json();
        $registry = app(Registry::class);
        $names = array_map(static fn ($reckoning): string => $reckoning->name, $registry->all());
        // Those of a whole plan are asked on the plot, where the plan is.
        self::assertSame(array_values(array_diff($names, ['isolation.garden', 'isolation.remedies'])), array_column($offered, 'name'));
        foreach ($offered as $reckoning) {
            self::assertSame(
                array_map(static fn ($input): string => $input->key, $registry->named($reckoning['name'])->inputs),
                array_column($reckoning['inputs'], 'key'),
            );
        }
    }

    /** @param  list<string>  $says */
    #[DataProvider('questions')]
    public function test_an_answer_is_said_with_its_unit(string $query, array $says): void
    {
        $figures = $this->getJson("/api/reckonings/$query")->assertOk()->json('figures');
        self::assertSame($says, array_map(static fn (array $figure): string => str_replace("\u{00A0}", ' ', $figure['said']), $figures));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function questions(): iterable
    {
        yield 'a share' => ['germination.rate?inputs[germinated]=27&inputs[sown]=30', ['90 %', '74.4 %', '96.5 %']];
        yield 'a count' => ['sowing.seeds?inputs[plants]=24&inputs[germinated]=41&inputs[sown]=50', ['36 seeds']];
        yield 'hours' => ['ferment.window?inputs[temperature]=24', ['39 h', '58.5 h', '117 h']];
        yield 'yes or no, and nothing where there is nothing' => ['air.opening?inputs[store_temperature]=5&inputs[room_temperature]=18&inputs[room_rh]=0.99', ['17.8 °C', 'yes']];
        yield 'a list' => ['packets.plan?inputs[seeds]=60&inputs[plants]=10&inputs[yearly_shares]=0.9,0.7,0.4&inputs[years]=3', ['2 years', '13, 19 seeds', '28 seeds', '2 bags', '0 sachets', '4 labels']];
        yield 'a very small chance' => ['germination.compare?inputs[a_germinated]=0&inputs[a_sown]=10&inputs[b_germinated]=10&inputs[b_sown]=10', ['-100 %', '-100 %', '-60.8 %', '0.00108 %']];
        yield 'shares, each in per cent' => ['germination.compare?inputs[germinated]=31,47,40&inputs[sown]=36,48,50', ['2.18 %', '86.1, 97.9, 80 %', '71.3, 89.1, 67 %', '93.9, 99.6, 88.8 %', '7.65', 'yes', '15.9, 57, 2.36 %']];
        yield 'a word' => ['germination.outlook?inputs[germinated]=42&inputs[sown]=50&inputs[undecided]=7', ['good', '84 %', '98 %']];
    }

    public function test_a_mistake_stands_at_its_input_with_the_bound(): void
    {
        $this->getJson('/api/reckonings/sowing.cell?inputs[rate]=1.7&inputs[max_empty]=0.1')->assertStatus(422)->assertJsonPath('errors.rate.0', 'Share that germinates must be from 0.1 to 100 %.');
        $this->getJson('/api/reckonings/ferment.window?inputs[temperature]=4')->assertJsonPath('errors.temperature.0', 'Temperature of the room must be from 10 to 40 °C.');
        $this->getJson('/api/reckonings/germination.rate?inputs[germinated]=6&inputs[sown]=5')->assertJsonPath('errors.germinated.0', 'Normal seedlings must be from 0 to 5 seeds; 6 was given.');
        $this->getJson('/api/reckonings/germination.rate?inputs[germinated]=lots&inputs[sown]=5')->assertJsonPath('errors.germinated.0', 'Normal seedlings must be a whole number, 0 to 1 000 000 seeds; "lots" was given.');
        $this->getJson('/api/reckonings/sowing.cell?inputs[rate]=0.7')->assertStatus(422)->assertJsonValidationErrorFor('max_empty');
        $this->getJson('/api/reckonings/sowing.cell?inputs[rate]=0.7&inputs[max_empty]=0.1&inputs[moon]=full')->assertStatus(422)->assertJsonValidationErrorFor('moon');
        $this->getJson('/api/reckonings/sowing.cell?inputs[rate][]=0.7&inputs[max_empty]=0.1')->assertStatus(422)->assertJsonValidationErrorFor('rate');
        $this->getJson('/api/reckonings/sowing.cell')->assertStatus(422);
        $this->getJson('/api/reckonings/germination.luck')->assertNotFound()->assertJsonPath('message', 'There is no reckoning called "germination.luck".');
    }
}
