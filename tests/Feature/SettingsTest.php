<?php

declare(strict_types=1);

namespace Tests\Feature;

use Marrow\Core\Fields\FieldType;
use Marrow\Core\Settings\SettingList;
use Tests\Support\Keeper;
use Tests\TestCase;

/** What a keeper sets is gone by everywhere at once, and can be left to Marrow again. */
final class SettingsTest extends TestCase
{
    public function test_every_setting_can_be_set_within_its_bounds_only_and_given_back(): void
    {
        foreach (SettingList::all() as $key => $field) {
            $before = $this->setting($key);
            self::assertNull($before['typed'], $key);
            [$good, $bad] = match ($field->type) {
                FieldType::Choice => [array_key_last($field->options), 'sideways'],
                FieldType::YearDay => ['5 May', '31 April'],
                FieldType::Text => [['time_zone' => 'Europe/London', 'label_printer' => '192.168.1.40:9100', 'screens' => '1.5, 2.5', 'desiccants' => 'gel 300'][$key] ?? 'kr', str_repeat('x', (int) $field->max + 1)],
                FieldType::Share => [(string) (100 * $field->max), '101'],
                default => [(string) $field->max, (string) ($field->max + 1)],
            };
            $this->putJson("/api/settings/$key", ['value' => $bad])->assertStatus(422)->assertJsonValidationErrorFor('value');
            self::assertSame($before, $this->setting($key), $key);
            $this->putJson("/api/settings/$key", ['value' => $good])->assertOk();
            self::assertNotNull($this->setting($key)['typed'], $key);
            $this->putJson("/api/settings/$key", ['value' => ''])->assertOk();
            self::assertSame($before, $this->setting($key), $key);
        }
        $this->putJson('/api/settings/moon', ['value' => 'full'])->assertNotFound();
    }

    public function test_a_pass_mark_moves_the_advice_on_every_lot(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato();
        $keeper->records($lot, 'test_started', '2026-08-10T18:00', ['test' => 't', 'replicates' => 1, 'seeds' => 50, 'temperature_c' => 24, 'method' => 'dish']);
        $keeper->records($lot, 'test_counted', '2026-08-20T09:00', ['test' => 't', 'normal' => [42], 'abnormal' => [0]]);
        $keeper->records($lot, 'test_ended', '2026-08-24T09:00', ['test' => 't']);
        $advice = fn (): string => $this->getJson("/api/lots/$lot")->json('advice');
        self::assertStringStartsWith('Sow it as usual', $advice());
        $this->putJson('/api/settings/good', ['value' => '90'])->assertOk();
        self::assertStringStartsWith('Sow it thicker', $advice());
    }

    public function test_when_a_first_test_is_wanted_is_for_the_keeper_to_say(): void
    {
        $lot = (new Keeper($this))->storedTomato();
        $best = fn (): string => substr(collect($this->getJson("/api/lots/$lot")->json('tasks'))->firstWhere('kind', 'test_first')['best'], 0, 10);
        self::assertSame('2026-09-06', $best());
        $this->putJson('/api/settings/first_test_days', ['value' => '60'])->assertOk();
        self::assertSame('2026-10-08', $best());
    }

    /** @return array{typed: ?string, now: string, usual: string} */
    private function setting(string $key): array
    {
        return collect($this->getJson('/api/settings')->assertOk()->json())->flatMap(static fn (array $section): array => $section['settings'])
            ->firstWhere('field.key', $key);
    }
}
