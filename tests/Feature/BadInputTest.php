<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\JournalEntry;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Keeper;
use Tests\TestCase;

/** What is refused, where the message stands, and that nothing is kept of it. */
final class BadInputTest extends TestCase
{
    /** @param  array<string, mixed>  $payload */
    #[DataProvider('mistakes')]
    public function test_refused_at_its_field(string $kind, string $at, array $payload, string $field, string $says): void
    {
        $lot = (new Keeper($this))->storedTomato();
        $kept = JournalEntry::query()->count();
        $sheet = $this->getJson("/api/lots/$lot")->json();

        $answer = (new Keeper($this))->tries($lot, $kind, $at, $payload)->assertStatus(422);
        self::assertStringContainsString($says, str_replace("\u{00A0}", ' ', $answer->json("answers.0.errors.$field") ?? 'no message at '.$field.': '.$answer->content()));
        self::assertSame($kept, JournalEntry::query()->count());
        self::assertSame($sheet, $this->getJson("/api/lots/$lot")->json());
    }

    /** @return iterable<string, array{string, string, array<string, mixed>, string, string}> */
    public static function mistakes(): iterable
    {
        $gift = ['purpose' => 'gift', 'seeds' => 5];
        yield 'tomorrow' => ['withdrawn', '2026-09-15T09:00', $gift, 'happened_at', 'still to come'];
        yield 'the 31st of September' => ['withdrawn', '2026-09-31T09:00', $gift, 'happened_at', 'not a day of the calendar'];
        yield 'no day' => ['withdrawn', '', $gift, 'happened_at', 'Say when'];
        yield 'last century' => ['withdrawn', '1926-09-01T09:00', $gift, 'happened_at', 'before 1950'];
        yield 'before it was picked' => ['withdrawn', '2026-07-01T09:00', $gift, 'happened_at', 'nothing had been picked'];
        yield 'picked before it was sown' => ['picked', '2026-03-01T09:00', ['plants' => 1, 'fruits' => 2], 'happened_at', 'sown on 20 March 2026'];
        yield 'more than there is' => ['withdrawn', '2026-09-10T09:00', ['purpose' => 'gift', 'seeds' => 3601], 'seeds', 'Only 3 600 seeds left, by what is recorded'];
        yield 'a negative mass' => ['withdrawn', '2026-09-10T09:00', ['purpose' => 'gift', 'mass_g' => '-1'], 'mass_g', 'from 0.001 to 100 000 g'];
        yield 'words for a mass' => ['withdrawn', '2026-09-10T09:00', ['purpose' => 'gift', 'mass_g' => 'some'], 'mass_g', 'must be a number'];
        yield 'an unknown kind' => ['sung_to', '2026-09-10T09:00', [], 'kind', 'Nothing of that kind'];
        yield 'a sowing of a lot' => ['sown', '2026-09-10T09:00', ['plants' => 5], 'kind', 'of a planting, not of a lot'];
    }

    public function test_unknown_codes_are_said_to_be_unknown(): void
    {
        $this->getJson('/api/lots/L99')->assertNotFound()->assertJsonPath('message', 'There is no lot with the code "L99". Codes of lots look like L7.');
        $this->getJson('/api/lots/tomato')->assertNotFound();
        $this->getJson('/api/plantings/P99')->assertNotFound();
        $this->getJson('/api/places/attic')->assertNotFound();
        $this->postJson('/api/entries/nothing/strike', ['id' => (string) Str::uuid7()])->assertNotFound();
    }

    public function test_a_code_may_be_typed_as_it_is_read_off_a_tag(): void
    {
        $lot = (new Keeper($this))->storedTomato();
        foreach ([$lot, 'l1', 'L%201', '1'] as $typed) {
            $this->getJson("/api/lots/$typed")->assertOk()->assertJsonPath('tag.code', 'L1');
        }
    }

    public function test_a_variety_without_crop_or_kind_is_refused_at_each_field(): void
    {
        $this->postJson('/api/varieties', ['id' => (string) Str::uuid7(), 'name' => 'Night', 'type' => 'nice'])
            ->assertStatus(422)
            ->assertJsonPath('errors.crop.0', 'Choose the crop.')
            ->assertJsonValidationErrorFor('type');
        $this->postJson('/api/varieties', ['id' => (string) Str::uuid7(), 'crop' => 'moonflower', 'type' => 'unknown'])->assertStatus(422)
            ->assertJsonPath('errors.crop.0', 'There is no such crop in the crop reference.');
        $this->postJson('/api/varieties', ['id' => (string) Str::uuid7(), 'crop' => 'moonflower', 'name' => 'Night', 'type' => 'unknown'])->assertStatus(422)
            ->assertJsonPath('errors.crop.0', 'There is no such crop in the crop reference.');
        (new Keeper($this))->variety();
        $this->postJson('/api/varieties', ['id' => (string) Str::uuid7(), 'crop' => 'tomato', 'name' => 'sluice gate', 'type' => 'unknown'])
            ->assertStatus(422)
            ->assertJsonPath('errors.name.0', 'There is a variety of this crop with that name already.');
    }

    public function test_a_planting_needs_a_variety_plants_and_a_past_day(): void
    {
        $keeper = new Keeper($this);
        $planting = ['about' => ['subject' => 'planting', 'id' => (string) Str::uuid7()], 'begins' => ['variety' => (string) Str::uuid7()], 'kind' => 'sown', 'happened_at' => '2026-05-01', 'payload' => ['plants' => 5]];
        self::assertSame(['variety' => 'There is no such variety. Add it first.'], $keeper->sends($planting)->assertStatus(422)->json('answers.0.errors'));
        $begins = ['variety' => $keeper->variety()];
        self::assertSame(['plants'], array_keys($keeper->sends([...$planting, 'begins' => $begins, 'payload' => ['plants' => 0]])->assertStatus(422)->json('answers.0.errors')));
        self::assertSame(['happened_at'], array_keys($keeper->sends([...$planting, 'begins' => $begins, 'happened_at' => '2027-05-01'])->assertStatus(422)->json('answers.0.errors')));
        self::assertSame(0, $this->getJson('/api/places/plot')->json('total'), 'a refused sowing leaves no planting behind');
    }

    public function test_an_entry_is_struck_only_once(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato();
        $entry = $keeper->records($lot, 'noted', '2026-09-01', ['text' => 'Good colour']);
        $keeper->strikes($entry);
        $this->postJson("/api/entries/$entry/strike", ['id' => (string) Str::uuid7()])->assertOk();
        $line = collect($this->getJson("/api/lots/$lot")->json('entries'))->firstWhere('id', $entry);
        self::assertTrue($line['struck'], 'struck twice, by two who did not know of each other, it is struck');
    }

    public function test_a_look_ahead_to_a_day_that_is_none_or_too_far_is_refused(): void
    {
        foreach (['2026-13-01', 'soon', '2026-09-13', '2029-01-01'] as $on) {
            $this->getJson("/api/today?on=$on")->assertStatus(422)->assertJsonValidationErrorFor('on');
        }
    }

    public function test_a_form_of_another_page_cannot_write(): void
    {
        $this->call('POST', '/api/varieties', ['name' => 'x'], server: ['CONTENT_TYPE' => 'application/x-www-form-urlencoded'])->assertStatus(415);
    }

    public function test_what_an_entry_refers_to_must_be_there(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->pick($keeper->sow($keeper->variety()), '2026-08-01T10:00');
        $keeper->records($lot, 'rinsed', '2026-08-02');
        $keeper->tries($lot, 'stored', '2026-08-03', ['container' => 'jar', 'place_id' => 'nowhere', 'mass_g' => 10])
            ->assertStatus(422)->assertJsonPath('answers.0.errors.place_id', 'There is no such place.');
        self::assertSame(0, DB::table('containers')->count());
    }
}
