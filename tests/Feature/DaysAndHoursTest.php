<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Journal\Moments;
use Marrow\Core\Fields\Refused;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Keeper;
use Tests\TestCase;

/** Days and hours in the one form that the keeper chose, said and read. It is 14 September 2026, 10:00. */
final class DaysAndHoursTest extends TestCase
{
    #[DataProvider('typed')]
    public function test_what_is_typed_is_understood(string $typed, ?string $at, string $form = 'words'): void
    {
        $this->putJson('/api/settings/day_form', ['value' => $form])->assertOk();
        try {
            self::assertSame($at, app(Moments::class)->read($typed)->format('Y-m-d H:i'));
        } catch (Refused $refused) {
            self::assertNull($at, $refused->getMessage());
            self::assertSame('happened_at', $refused->path);
        }
    }

    /** @return iterable<array{0: string, 1: ?string, 2?: string}> */
    public static function typed(): iterable
    {
        yield ['2026-09-01T18:30', '2026-09-01 18:30'];
        yield ['2026-09-01 18:30', '2026-09-01 18:30'];
        yield ['1 September 2026, 18:30', '2026-09-01 18:30'];
        yield ['1 Sep 2026 6:30 pm', '2026-09-01 18:30'];
        yield ['September 1, 2026, 12:05 am', '2026-09-01 00:05'];
        yield ['September 1, 2026', '2026-09-01 12:00'];
        yield ['1.9.2026', '2026-09-01 12:00'];
        yield ['14 September 2026', '2026-09-14 10:00'];
        yield ['14 September 2026, 10:05', '2026-09-14 10:00'];
        yield ['1/9/2026', null];
        yield ['1/9/2026', '2026-01-09 12:00', 'us'];
        yield ['1/9/2026', '2026-09-01 12:00', 'numbers'];
        yield ['1 September 2026, 24:10', null];
        yield ['1 September 2026, 13:10 pm', null];
        yield ['14 September 2026, 18:00', null];
        yield ['31 August', '2026-08-31 12:00'];
        yield ['31 December', '2025-12-31 12:00'];
        yield ['32 August', null];
        yield ['yesterday', '2026-09-13 12:00'];
        yield ['yesterday, 18:30', '2026-09-13 18:30'];
        yield ['tomorrow', null];
        yield ['10.3.24', '2024-03-10 12:00'];
    }

    public function test_the_server_says_days_in_the_form_that_was_set_and_tells_the_interface_which(): void
    {
        $lot = (new Keeper($this))->storedTomato();
        $since = fn (): string => collect((new Keeper($this))->section($lot, 'store')['facts'])->firstWhere('label', 'Since')['said'];
        self::assertSame('Sunday 9 August', $since());
        $this->putJson('/api/settings/day_form', ['value' => 'us'])->assertOk();
        $this->putJson('/api/settings/hour_form', ['value' => 'h12'])->assertOk();
        self::assertSame('Sunday, August 9', $since());
        $this->getJson('/api/frame')->assertJsonPath('day_form', 'us')->assertJsonPath('hour_form', 'h12');
        $refused = (new Keeper($this))->tries($lot, 'noted', 'September 15, 2026, 6:00 pm', ['text' => 'x'])->json('answers.0.errors.happened_at');
        self::assertSame('September 15, 2026, 6:00 pm is still to come. The journal holds what has happened; today is September 14, 2026.', $refused);
    }
}
