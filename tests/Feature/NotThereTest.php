<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Keeper;
use Tests\TestCase;

/** What is asked for and is not there, and what cannot be: said in words, at the field, and nothing is changed by it. */
final class NotThereTest extends TestCase
{
    private const NOBODY = '0190f6a0-0000-7000-8000-00000000dead';

    /** @return iterable<string, array{string}> */
    public static function addresses(): iterable
    {
        foreach ([
            'places/moon', 'places/moon/table', 'lots/L999', 'lots/banana', 'lots/L999/portions', 'plantings/P99', 'plantings/L1', 'rounds/midnight', 'intakes/'.self::NOBODY, 'forms/moon',
            'crops/moon-cheese', 'crops/moon-cheese/figures', 'crops/moon-cheese/file', 'holders/'.self::NOBODY, 'plans/2031', 'plans/2031/calendar.ics', 'reckonings/moon.phase', 'nothing', 'lots',
        ] as $address) {
            yield $address => [$address];
        }
    }

    #[DataProvider('addresses')]
    public function test_what_is_not_there_is_said_not_to_be_there(string $address): void
    {
        $this->lay('marrow:demo');
        $answer = $this->getJson("/api/$address");
        self::assertSame(404, $answer->status(), (string) $answer->getContent());
        $said = $answer->json('message');
        self::assertMatchesRegularExpression('/^[A-Z].*\.$/', $said, 'a sentence');
        self::assertStringNotContainsString('App\\', $said);
        self::assertStringNotContainsString('route', $said, 'in the words of a gardener');
    }

    public function test_an_address_takes_only_what_it_is_there_for(): void
    {
        $this->deleteJson('/api/lots/L1')->assertStatus(405)->assertJsonPath('message', 'That cannot be done at this address.');
        $this->postJson('/api/today')->assertStatus(405);
        self::assertSame('GET, HEAD', $this->putJson('/api/today')->headers->get('Allow'));
    }

    /** @return iterable<string, array{string, array<string, mixed>, int}> address, what is sent, and how it is refused */
    public static function writes(): iterable
    {
        $id = self::NOBODY;
        yield 'a variety of no crop' => ['POST varieties', ['id' => $id, 'crop' => 'moon-cheese', 'name' => 'X', 'type' => 'open_pollinated'], 422];
        yield 'a variety of no kind' => ['POST varieties', ['id' => $id, 'crop' => 'leek', 'name' => 'X', 'type' => 'moonlit'], 422];
        yield 'a change of no variety' => ["PUT varieties/$id", ['id' => $id, 'crop' => 'leek', 'name' => 'X', 'type' => 'open_pollinated'], 404];
        yield 'no two to be made one' => ["POST varieties/$id/merge", ['into' => $id], 404];
        yield 'a place without a name' => ['POST store-places', ['id' => $id, 'name' => ''], 422];
        yield 'a change of no place' => ["PUT store-places/$id", ['id' => $id, 'name' => 'Shed'], 404];
        yield 'a setting that there is not' => ['PUT settings/moon', ['value' => '1'], 404];
        yield 'a figure that there is not' => ['PUT crops/tomato/figures', ['path' => 'moon.phase', 'value' => '1'], 422];
        yield 'a figure of no crop' => ['PUT crops/moon-cheese/figures', ['path' => 'storage.ordinary_years', 'value' => '1'], 404];
        yield 'a strike of nothing' => ["POST entries/$id/strike", ['id' => (string) Str::uuid7()], 404];
        yield 'an intake that there is not' => ["POST intakes/$id/take-back", [], 404];
        yield 'a plan that there is not' => ['POST plans/2031/undo', ['version' => 1], 404];
        yield 'remedies for no plan' => ['POST plans/2031/remedies', ['shift_days' => 0, 'move' => false, 'cage' => true, 'alternate' => false, 'bag' => true, 'leave_out' => true], 404];
        yield 'a sowing of no plan' => ['POST plans/2031/plantings/a/put-off', ['until' => '2031-04-01'], 404];
        yield 'nobody to be forgotten' => ['POST people/forget', ['name' => 'Nobody At All'], 422];
        yield 'a printing that there is not' => ["POST print-jobs/$id/send", [], 404];
        yield 'a copy that there is not' => ['POST copies/moon.sqlite/restore', ['lost' => 0], 422];
        yield 'a container that there is not' => ["PUT containers/$id", ['name' => 'Tin', 'kind' => 'jar'], 404];
        yield 'no container to be removed' => ["POST holders/$id/remove", [], 404];
    }

    /** @param  array<string, mixed>  $sent */
    #[DataProvider('writes')]
    public function test_what_cannot_be_changed_is_refused_in_words_and_nothing_is_changed(string $where, array $sent, int $status): void
    {
        $this->lay('marrow:demo');
        $before = self::everything();
        [$method, $address] = explode(' ', $where);
        $answer = $this->json($method, "/api/$address", $sent);
        self::assertSame($status, $answer->status(), (string) $answer->getContent());
        self::assertMatchesRegularExpression('/^[A-Z"].*[.?]$/s', (string) $answer->json('message'));
        self::assertSame($before, self::everything());
    }

    /** @return iterable<string, array{array<string, string>, string, string}> what differs from a sound one, the field, and what is said there */
    public static function crops(): iterable
    {
        yield 'a name that is taken' => [['name' => 'Tomato'], 'name', 'There is a crop of that name already.'];
        yield 'a Latin name in one word' => [['latin' => 'Tigridia'], 'latin', 'Give its Latin name, genus and epithet, as Solanum lycopersicum.'];
        yield 'a Latin name in small letters' => [['latin' => 'tigridia pavonia'], 'latin', 'Give its Latin name, genus and epithet, as Solanum lycopersicum.'];
        yield 'a family by its common name' => [['family' => 'Irises'], 'family', 'Give its family by its Latin name, as Solanaceae.'];
        yield 'like nothing that is there' => [['like' => 'moon-cheese'], 'like', 'Choose the crop that it is most like.'];
    }

    /** @param  array<string, string>  $change */
    #[DataProvider('crops')]
    public function test_a_crop_that_cannot_be_added_is_refused_at_the_field(array $change, string $field, string $said): void
    {
        $sound = ['name' => 'Tiger flower', 'latin' => 'Tigridia pavonia', 'family' => 'Iridaceae', 'like' => 'onion'];
        $answer = $this->postJson('/api/crops', [...$sound, ...$change])->assertStatus(422);
        self::assertSame($said, $answer->json("errors.$field.0"));
        self::assertSame(0, DB::table('own_crops')->count());
        $this->postJson('/api/crops', $sound)->assertOk();
        $this->postJson('/api/crops', $sound)->assertStatus(422)->assertJsonPath('errors.name.0', 'There is a crop of that name already.');
    }

    public function test_entries_that_cannot_be_are_refused_at_the_field_and_what_they_are_of_stays(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato();
        $other = $keeper->storedTomato('Pilot Boat');
        $before = self::everything();
        $id = (string) Str::uuid7();
        $tin = (string) Str::uuid7();
        $keeper->tries($lot, 'stored', '2026-08-20T10:00', ['container' => 'jar', 'mass_g' => 10, 'inside' => $tin, 'into' => $tin])->assertStatus(422);
        $keeper->sends(['about' => ['subject' => 'lot', 'id' => self::NOBODY], 'kind' => 'noted', 'happened_at' => '2026-08-20T10:00', 'payload' => ['text' => 'x']])
            ->assertStatus(422)->assertJsonPath('answers.0.errors.kind', 'There is no such lot.');
        $keeper->tries($lot, 'moon_seen', '2026-08-20T10:00')->assertStatus(422)->assertJsonPath('answers.0.errors.kind', 'Nothing of that kind can be recorded.');
        $keeper->tries($lot, 'first_bloom', '2026-08-20T10:00')->assertStatus(422)->assertJsonPath('answers.0.errors.kind', 'That is recorded of a planting, not of a lot.');
        $entry = $this->getJson("/api/lots/$other")->json('entries.0.id');
        $keeper->tries($lot, 'struck', '2026-08-20T10:00', ['entry' => $entry])->assertStatus(422)->assertJsonPath('answers.0.errors.entry', 'That entry is of something else.');
        self::assertSame($before, self::everything());
        $keeper->tries($lot, 'noted', '2026-08-20T10:00', ['text' => 'Mine'], $id)->assertOk();
        $keeper->tries($other, 'noted', '2026-08-20T10:00', ['text' => 'Mine'], $id)->assertStatus(409);
        $keeper->tries($lot, 'noted', '2026-08-20T10:00', ['text' => 'Mine'], $id)->assertOk();
        self::assertSame(1, DB::table('journal_entries')->where('id', $id)->count());
    }

    /** @return array<string, int|string> how much there is of everything that is kept */
    private static function everything(): array
    {
        $counts = [];
        foreach (['journal_entries', 'lots', 'plantings', 'varieties', 'places', 'containers', 'settings', 'crop_figures', 'own_crops', 'plan_versions', 'acts', 'print_jobs'] as $table) {
            $counts[$table] = DB::table($table)->count();
        }

        return [...$counts, 'names' => (string) json_encode(DB::table('varieties')->orderBy('id')->pluck('name'))];
    }
}
