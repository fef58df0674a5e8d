<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Fields\Refused;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;
use PHPUnit\Framework\Attributes\DataProvider;

/** What a keeper may mistype, and what they are told. */
final class RefusalsTest extends CoreTestCase
{
    /** @param  array<string, mixed>  $payload */
    #[DataProvider('mistakes')]
    public function test_refused_at_its_field_with_a_reason(string $crop, string $kind, string $at, array $payload, string $field, string $says): void
    {
        $diary = $this->diary($crop);
        $before = $diary->course();
        try {
            $diary->record($kind, $at, $payload);
        } catch (Refused $refused) {
            self::assertSame($field, $refused->path, $refused->getMessage());
            self::assertStringContainsString($says, $refused->getMessage());
            self::assertEquals($before, $diary->course(), 'nothing changed');

            return;
        }
        self::fail('It was not refused.');
    }

    /** @return iterable<string, array{string, string, string, array<string, mixed>, string, string}> */
    public static function mistakes(): iterable
    {
        $test = ['test' => 't', 'abnormal' => [0, 0]];
        yield 'picked before it was sown' => ['onion', 'picked', '2024-01-01', ['plants' => 1, 'fruits' => 1], 'happened_at', 'sown on 1 March 2024'];
        yield 'picked nothing' => ['onion', 'picked', '2025-08-21', ['plants' => 1], 'fruits', 'number of fruits'];
        yield 'no plants' => ['onion', 'picked', '2025-08-21', ['plants' => 0, 'fruits' => 1], 'plants', 'from 1 to'];
        yield 'threshed before it was picked' => ['onion', 'threshed', '2025-08-01', [], 'happened_at', 'nothing had been picked'];
        yield 'a dry crop fermented' => ['onion', 'ferment_started', '2026-09-01', ['temperature_c' => 21, 'cover' => 'cloth'], 'kind', 'threshed dry'];
        yield 'a negative mass' => ['onion', 'withdrawn', '2026-09-01', ['purpose' => 'gift', 'mass_g' => -3], 'mass_g', 'from 0.001 to'];
        yield 'an absurd mass' => ['onion', 'stored', '2026-09-01', ['container' => 'jar', 'place' => 'x', 'temperature_c' => 5, 'rh' => 50, 'mass_g' => 5_000_000], 'mass_g', "to 100\u{00A0}000 g"];
        yield 'a mass that is no number' => ['onion', 'withdrawn', '2026-09-01', ['purpose' => 'gift', 'mass_g' => 'a handful'], 'mass_g', 'must be a number'];
        yield 'more taken than there is' => ['onion', 'withdrawn', '2026-09-01', ['purpose' => 'gift', 'mass_g' => 25], 'mass_g', 'Only 18.4 g left'];
        yield 'more seeds taken than there are' => ['onion', 'withdrawn', '2026-09-01', ['purpose' => 'gift', 'seeds' => 5000], 'seeds', 'Only 4 600 seeds left, by what is recorded'];
        yield 'taken, but not how much' => ['onion', 'withdrawn', '2026-09-01', ['purpose' => 'gift'], 'seeds', 'how much'];
        yield 'for no purpose' => ['onion', 'withdrawn', '2026-09-01', ['purpose' => 'magic', 'seeds' => 1], 'purpose', 'must be one of these'];
        yield 'a test of more seeds than there are' => ['onion', 'test_started', '2026-09-01', ['test' => 'u', 'replicates' => 20, 'seeds' => 400, 'temperature_c' => 18, 'method' => 'dish'], 'seeds', '8 000 seeds would leave none'];
        yield 'more seedlings than seeds' => ['onion', 'test_counted', '2026-02-10', [...$test, 'normal' => [1, 26]], 'normal', '46 from the 25 seeds of replicate 2'];
        yield 'a count missing' => ['onion', 'test_counted', '2026-02-10', [...$test, 'normal' => [5]], 'normal', '2 replicates'];
        yield 'a count before the start' => ['onion', 'test_counted', '2026-01-31', [...$test, 'normal' => [1, 1]], 'test', 'no such test'];
        yield 'a count of an unknown test' => ['onion', 'test_counted', '2026-02-10', [...$test, 'test' => 'x', 'normal' => [1, 1]], 'test', 'no such test'];
        yield 'a negative count' => ['onion', 'test_counted', '2026-02-10', [...$test, 'normal' => [-1, 1]], 'normal', 'from 0 to'];
        yield 'a weighing of seed in store' => ['onion', 'weighed', '2026-09-01', ['mass_g' => 18], 'kind', 'in store'];
        yield 'an unlikely count for its mass' => ['onion', 'stored', '2026-09-01', ['container' => 'jar', 'place' => 'x', 'temperature_c' => 5, 'rh' => 50, 'mass_g' => 18, 'seeds' => 20], 'seeds', '1 000 seeds weigh'];
        yield 'humidity over 97 %' => ['onion', 'jar_read', '2026-09-01', ['rh' => 130, 'temperature_c' => 20], 'rh', 'from 2 to 97 % RH'];
        yield 'a sample of another crop' => ['onion', 'sample_weighed', '2026-09-01', ['counted' => 10, 'masses_g' => [2.5]], 'masses_g', 'onion weigh about 3 to 4.6 g'];
        yield 'a lot stored without saying how much' => ['tomato', 'stored', '2026-09-01', ['container' => 'jar', 'place' => 'x', 'temperature_c' => 5, 'rh' => 50], 'kind', 'after it has been cleaned'];
        yield 'poured off without a ferment' => ['tomato', 'poured_off', '2026-08-21', ['passes' => 2], 'kind', 'Only a working ferment'];
        yield 'threshed tomatoes' => ['tomato', 'threshed', '2026-08-21', [], 'kind', 'nothing to thresh'];
        yield 'a ferment in the fridge' => ['tomato', 'ferment_started', '2026-08-21', ['temperature_c' => 4, 'cover' => 'cloth'], 'temperature_c', 'from 10 to 40'];
        yield 'more seed than fruit' => ['tomato', 'withdrawn', '2026-08-21', ['purpose' => 'gift', 'seeds' => 5], 'kind', 'after it has been cleaned'];
    }

    public function test_drying_seed_does_not_gain_weight_nor_lose_more_than_its_water(): void
    {
        $diary = new Diary(self::crop('tomato'));
        $diary->record('picked', '2026-08-20', ['plants' => 3, 'fruits' => 9]);
        $diary->record('rinsed', '2026-08-20 10:00');
        $diary->record('spread', '2026-08-20 11:00', ['surface' => 'mesh', 'mass_g' => 20, 'moisture' => 50]);
        foreach ([[27.0, 'gets lighter'], [9.9, 'dry matter alone is 10 g']] as [$mass, $says]) {
            try {
                $diary->record('weighed', '2026-08-21', ['mass_g' => $mass]);
                self::fail('It was not refused.');
            } catch (Refused $refused) {
                self::assertSame('mass_g', $refused->path);
                self::assertStringContainsString($says, $refused->getMessage());
            }
        }
    }

    public function test_an_entry_that_would_leave_too_little_for_a_later_one_is_asked_about(): void
    {
        $diary = $this->diary('onion');
        $this->expectException(Refused::class);
        $this->expectExceptionMessage('something recorded for a later time would be doubtful');
        // All of it given away last autumn, when a test was started from it in February.
        $diary->record('withdrawn', '2025-10-05', ['purpose' => 'gift', 'mass_g' => 18.55]);
    }

    /** An onion lot in store with a running test of 2 × 25; or tomatoes just picked. */
    private function diary(string $crop): Diary
    {
        $diary = new Diary(self::crop($crop), $crop === 'onion' ? '2024-03-01' : null);
        if ($crop === 'tomato') {
            $diary->record('picked', '2026-08-20', ['plants' => 3, 'fruits' => 9]);

            return $diary;
        }
        $diary->record('picked', '2025-08-20', ['plants' => 20, 'fruits' => 20, 'mass_g' => 200]);
        $diary->record('threshed', '2025-09-20', ['mass_g' => 40]);
        $diary->record('winnowed', '2025-09-21', ['mass_g' => 19]);
        $diary->record('sample_weighed', '2025-09-22', ['counted' => 100, 'masses_g' => [0.4]]);
        $diary->record('stored', '2025-10-01', ['container' => 'paper_envelope', 'place' => 'Cupboard', 'temperature_c' => 18, 'rh' => 50, 'mass_g' => 18.6]);
        $diary->record('test_started', '2026-02-01', ['test' => 't', 'replicates' => 2, 'seeds' => 25, 'temperature_c' => 18, 'method' => 'dish']);
        $diary->record('test_counted', '2026-02-07', ['test' => 't', 'normal' => [18, 20], 'abnormal' => [0, 0]]);

        return $diary;
    }
}
