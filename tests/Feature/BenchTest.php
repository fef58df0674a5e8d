<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Words\CautionWords;
use Illuminate\Support\Facades\Artisan;
use Marrow\Core\Botany\CropReference;
use Tests\TestCase;

/** The bench of the demo garden: what stands there, what could be mixed up, and what is next. */
final class BenchTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Artisan::call('marrow:demo');
    }

    public function test_two_lots_whose_seed_cannot_be_told_apart_are_said_before_either_is_opened(): void
    {
        self::assertSame('L61 Ballast stands on the bench as well, and once open the seed cannot be told apart. One at a time, its tag beside it, and wipe every bowl and sieve in between.', $this->cleaning('L16')['alike']);
        self::assertStringStartsWith('L14 Lightship stands', (string) $this->cleaning('L13')['alike']);
        self::assertNull($this->cleaning('L15')['alike'], 'lettuce is alone of its look');
        self::assertNull($this->cleaning('L10')['alike'], 'what is on the racks is done with');
    }

    public function test_what_soaks_has_its_clock_and_the_bench_says_what_to_have_ready(): void
    {
        self::assertSame(
            ['started' => '2026-09-13T22:00', 'opens' => '2026-09-13T22:00', 'usual' => null, 'latest' => '2026-09-14T22:00', 'ended' => null, 'end' => 'out of the water'],
            array_diff_key($this->cleaning('L61')['vessel'], ['sentence' => 1]),
        );
        self::assertSame(['3 drying filters', '1 sieve', '1 drying tray', '1 threshing sheet'], array_map(static fn (string $one): string => str_replace("\u{00A0}", ' ', $one), $this->getJson('/api/places/bench')->json('ready')));
    }

    public function test_hot_peppers_are_opened_with_gloves_and_squash_with_care(): void
    {
        $at = static fn (string $crop): array => CautionWords::at(app(CropReference::class)->get($crop)->cautions, 'fruit_opened');
        self::assertSame(['Hot kinds burn skin and eyes: gloves, open air, and no hand to the eyes until it is washed.'], $at('pepper'));
        self::assertCount(2, $at('squash-pepo'));
        self::assertSame([], $at('tomato'));
    }

    public function test_of_fruit_from_elsewhere_it_is_said_what_its_seed_may_be(): void
    {
        $facts = static fn (array $sections): array => array_column(array_merge(...array_column($sections, 'facts')), 'said', 'label');
        self::assertSame('not known: a hybrid as likely as not, and surely crossed where others of its kind bloomed', $facts($this->getJson('/api/lots/L61')->json('sections'))['Its parents']);
    }

    public function test_what_was_cut_early_is_said_to_be_finishing_until_it_is_threshed(): void
    {
        $sheet = $this->getJson('/api/lots/L63')->assertOk()->json();
        self::assertSame('finishing under cover', $sheet['stage']);
        self::assertSame(['Turn it over', 'Thresh it'], array_column($sheet['tasks'], 'do'));
        self::assertContains('finishing under cover', array_column($this->getJson('/api/places/bench')->json('items'), 'label'));
    }

    public function test_of_ones_own_screens_the_nearest_are_named(): void
    {
        self::assertStringNotContainsString('your screens', (string) $this->cleaning('L15')['note']);
        foreach (['0' => 'from 0.1 to 100 mm', '1.5, wide' => '"wide" is no hole'] as $typed => $said) {
            self::assertStringContainsStringIgnoringCase($said, (string) $this->putJson('/api/settings/screens', ['value' => (string) $typed])->assertUnprocessable()->json('errors.value.0'));
        }
        $this->putJson('/api/settings/screens', ['value' => '0.5, 0.8, 1.5, 2.5'])->assertOk();
        // Lettuce seed is 0.8 to 1.2 mm broad: 1.284 and 0.744 mm with something to spare.
        self::assertStringContainsString('Of your screens first the round holes of 1.5 mm, then the round holes of 0.8 mm.', str_replace("\u{00A0}", ' ', (string) $this->cleaning('L15')['note']));
    }

    /** @return array<string, mixed> */
    private function cleaning(string $code): array
    {
        $sections = array_filter($this->getJson("/api/lots/$code")->assertOk()->json('sections'), static fn (array $section): bool => $section['section'] === 'cleaning');

        return array_values($sections)[0];
    }
}
