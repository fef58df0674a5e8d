<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\PassCookie;
use App\Keeping\Purpose;
use App\Keeping\Role;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Support\Keeper;
use Tests\Support\SignsInAs;
use Tests\TestCase;

/** Who keeps the garden: the way in, roles, and who recorded what. */
final class KeepingTest extends TestCase
{
    use SignsInAs;

    private function word(mixed $answer): string
    {
        $cookie = $answer->getCookie(PassCookie::name(), false);
        self::assertNotNull($cookie);
        self::assertTrue($cookie->isHttpOnly());
        self::assertSame('strict', $cookie->getSameSite());

        return (string) $cookie->getValue();
    }

    public function test_a_single_keeper_needs_no_password_and_nobody_else_gets_near(): void
    {
        $this->getJson('/api/me')->assertOk()->assertExactJson(['signed' => false, 'keeper' => null]);
        $this->getJson('/api/frame')->assertOk();
        $this->call('GET', '/api/frame', server: ['REMOTE_ADDR' => '192.168.1.20', 'HTTP_ACCEPT' => 'application/json'])->assertForbidden();
        $this->call('GET', '/api/me', server: ['REMOTE_ADDR' => '192.168.1.20', 'HTTP_ACCEPT' => 'application/json'])->assertForbidden();
        $this->postJson('/api/keepers/invite', ['role' => 'keeper'])->assertConflict();
        $this->postJson('/api/tokens', ['purpose' => 'calendar', 'name' => 'x'])->assertConflict();
    }

    public function test_the_first_becomes_the_owner_and_from_then_on_everybody_signs_in(): void
    {
        foreach (['short' => 'password', 'aaaaaaaaaaaa' => 'password', 'password123' => 'password', 'MarenMaren' => 'password'] as $bad => $at) {
            $this->postJson('/api/keepers/first', ['name' => 'Maren', 'password' => $bad])->assertUnprocessable()->assertJsonValidationErrors($at);
        }
        $this->postJson('/api/keepers/first', ['name' => 'M', 'password' => self::PASSWORD])->assertUnprocessable()->assertJsonValidationErrors('name');
        $answer = $this->postJson('/api/keepers/first', ['name' => 'Maren', 'password' => self::PASSWORD])->assertOk();
        self::assertSame('owner', $answer->json('keeper.role'));
        $word = $this->word($answer);
        $this->getJson('/api/frame')->assertUnauthorized();
        $this->getJson('/api/me')->assertExactJson(['signed' => true, 'keeper' => null]);
        $this->as($word)->getJson('/api/frame')->assertOk();
        // Nothing of it can be read in the file.
        $kept = (string) file_get_contents($this->database).(string) @file_get_contents("$this->database-wal");
        self::assertStringNotContainsString($word, $kept);
        self::assertStringNotContainsString(self::PASSWORD, $kept);
        $this->as($word)->postJson('/api/keepers/first', ['name' => 'Tove', 'password' => self::PASSWORD])->assertUnprocessable();
    }

    public function test_one_signs_in_by_name_and_password_and_out_again(): void
    {
        $this->owned();
        $this->as('')->postJson('/api/sign-in', ['name' => 'Maren', 'password' => 'four words in a ro'])->assertUnprocessable()->assertJsonValidationErrors('password');
        $nobody = $this->postJson('/api/sign-in', ['name' => 'Nobody', 'password' => self::PASSWORD])->assertUnprocessable();
        self::assertSame('Name or password is another. Whoever owns the garden can make a link for a new password.', $nobody->json('message'));
        $word = $this->word($this->postJson('/api/sign-in', ['name' => ' maren ', 'password' => self::PASSWORD])->assertOk());
        self::assertSame('Maren', $this->as($word)->getJson('/api/me')->json('keeper.name'));
        $this->as($word)->postJson('/api/sign-out')->assertOk();
        $this->as($word)->getJson('/api/frame')->assertUnauthorized();
    }

    public function test_trying_is_limited_by_name_and_by_address(): void
    {
        $this->owned();
        $this->comes(Role::Keeper, 'Tove');
        $tries = fn (string $name, string $password) => $this->as('')->postJson('/api/sign-in', ['name' => $name, 'password' => $password])->status();
        $statuses = array_map(static fn (int $i): int => $tries('Maren', "wrong one $i"), range(1, 9));
        self::assertSame([...array_fill(0, 8, 422), 429], $statuses);
        // Not even with the right one; but somebody else gets in.
        self::assertSame(429, $tries('MAREN', self::PASSWORD));
        self::assertSame(200, $tries('Tove', self::PASSWORD));
        foreach (range(1, 40) as $i) {
            $last = $tries("nobody $i", 'x');
        }
        self::assertSame(429, $last);
        self::assertSame(429, $tries('Tove', self::PASSWORD));
        $this->travel(16)->minutes();
        self::assertSame(200, $tries('Maren', self::PASSWORD));
    }

    public function test_one_comes_by_an_invitation_once(): void
    {
        $owner = $this->owned();
        $link = $this->as($owner)->postJson('/api/keepers/invite', ['role' => 'helper', 'name' => 'Tove'])->assertOk()->json('word');
        self::assertSame(['name' => 'Tove', 'role' => Role::Helper->label(), 'is_new' => true], $this->as('')->postJson('/api/join/look', ['link' => $link])->assertOk()->json());
        // What the sender says of the role is nothing.
        $this->postJson('/api/join', ['link' => $link, 'name' => 'maren', 'password' => self::PASSWORD])->assertUnprocessable()->assertJsonValidationErrors('name');
        $answer = $this->postJson('/api/join', ['link' => $link, 'name' => 'Tove', 'password' => self::PASSWORD, 'role' => 'owner'])->assertOk();
        self::assertSame('helper', $answer->json('keeper.role'));
        $this->postJson('/api/join', ['link' => $link, 'name' => 'Kees', 'password' => self::PASSWORD])->assertUnprocessable()->assertJsonValidationErrors('link');
        // It ends by itself, and can be taken back.
        $late = $this->as($owner)->postJson('/api/keepers/invite', ['role' => 'reader'])->json('word');
        $back = $this->as($owner)->postJson('/api/keepers/invite', ['role' => 'reader', 'name' => 'Kees'])->json('word');
        $page = $this->as($owner)->getJson('/api/keepers')->assertOk();
        $this->as($owner)->postJson('/api/passes/'.collect($page->json('invitations'))->firstWhere('name', 'Kees')['id'].'/end')->assertOk();
        $this->as('')->postJson('/api/join/look', ['link' => $back])->assertUnprocessable();
        $this->postJson('/api/join/look', ['link' => $late])->assertOk();
        self::assertSame('2026-09-21 10:00:00', DB::table('passes')->where('purpose', 'invitation')->value('ends_at'));
        DB::table('passes')->where('purpose', 'invitation')->update(['ends_at' => '2026-09-14 10:00:00']);
        $this->as('')->postJson('/api/join/look', ['link' => $late])->assertUnprocessable();
    }

    public function test_who_recorded_is_who_signed_in_and_nobody_else(): void
    {
        $this->owned();
        $this->as($this->comes(Role::Helper, 'Tove'));
        $keeper = new Keeper($this);
        $this->withHeader('X-Keeper', 'Maren');
        $variety = $keeper->variety('pea', 'Bell Buoy');
        $keeper->sends([
            'about' => ['subject' => 'planting', 'id' => (string) Str::uuid7()], 'begins' => ['variety' => $variety], 'by' => 'Maren',
            'kind' => 'sown', 'happened_at' => '2026-04-01', 'payload' => ['plants' => 10],
        ])->assertOk();
        self::assertSame(['Tove'], DB::table('journal_entries')->distinct()->pluck('recorded_by')->all());
    }

    public function test_a_helper_takes_back_only_their_own_and_a_keeper_all(): void
    {
        $owner = $this->owned();
        $helper = $this->comes(Role::Helper, 'Tove');
        $other = $this->comes(Role::Keeper, 'Kees');
        $keeper = new Keeper($this);
        $this->as($owner);
        $planting = $keeper->sow($keeper->variety('pea', 'Bell Buoy'));
        $keeper->records($planting, 'watered', '2026-05-01T10:00', []);
        $theirs = DB::table('journal_entries')->where('kind', 'watered')->value('id');
        $strike = fn (string $entry) => $this->postJson("/api/entries/$entry/strike", ['id' => (string) Str::uuid7()]);
        $this->as($helper);
        $keeper->records($planting, 'noted', '2026-05-02T10:00', ['text' => 'slugs']);
        $own = DB::table('journal_entries')->where('kind', 'noted')->value('id');
        self::assertSame('That was recorded by Maren. A helper takes back only what was their own: tell a keeper.', $strike($theirs)->assertUnprocessable()->json('message'));
        // Nor by the door itself, nor by correcting it.
        $id = DB::table('plantings')->value('id');
        $keeper->sends(['about' => ['subject' => 'planting', 'id' => $id], 'kind' => 'struck', 'happened_at' => '2026-09-01', 'payload' => ['entry' => $theirs, 'reason' => '']])->assertUnprocessable();
        $keeper->sends(['about' => ['subject' => 'planting', 'id' => $id], 'kind' => 'watered', 'happened_at' => '2026-05-03', 'payload' => [], 'replaces' => $theirs])->assertUnprocessable();
        $strike($own)->assertOk();
        $this->as($other);
        $strike($theirs)->assertOk();
    }

    public function test_a_role_changes_somebody_leaves_and_stays_by_name(): void
    {
        $owner = $this->owned();
        $tove = $this->comes(Role::Keeper, 'Tove');
        $ids = DB::table('keepers')->pluck('id', 'name');
        $this->as($tove)->putJson("/api/keepers/{$ids['Tove']}", ['role' => 'owner'])->assertForbidden();
        $this->as($owner)->putJson("/api/keepers/{$ids['Maren']}", ['role' => 'reader'])->assertUnprocessable();
        $this->as($owner)->postJson("/api/keepers/{$ids['Maren']}/leave")->assertUnprocessable();
        $this->as($owner)->putJson("/api/keepers/{$ids['Tove']}", ['role' => 'reader'])->assertOk();
        $this->as($tove)->putJson('/api/settings/units', ['value' => 'us'])->assertForbidden();
        $this->as($tove)->postJson("/api/keepers/{$ids['Maren']}/leave")->assertForbidden();
        $this->as($tove)->postJson("/api/keepers/{$ids['Tove']}/leave")->assertOk();
        $this->as($tove)->getJson('/api/frame')->assertUnauthorized();
        self::assertSame('Tove', DB::table('keepers')->where('id', $ids['Tove'])->value('name'));
        self::assertContains('Tove left', $this->as($owner)->getJson('/api/keepers')->json('comings.*.said'));
    }

    public function test_a_lost_phone_is_signed_out_from_elsewhere(): void
    {
        $phone = $this->owned();
        $desk = $this->word($this->as('')->postJson('/api/sign-in', ['name' => 'Maren', 'password' => self::PASSWORD]));
        $browsers = $this->as($desk)->getJson('/api/keepers')->assertOk()->json('browsers');
        self::assertCount(2, $browsers);
        $lost = array_values(array_filter($browsers, static fn (array $browser): bool => ! $browser['here']))[0];
        self::assertSame('Firefox on Linux', $lost['name']);
        $this->as($desk)->postJson("/api/passes/{$lost['id']}/end")->assertOk();
        $this->as($phone)->getJson('/api/frame')->assertUnauthorized();
        $this->as($desk)->getJson('/api/frame')->assertOk();
        // A new password puts all others out.
        $third = $this->word($this->as('')->postJson('/api/sign-in', ['name' => 'Maren', 'password' => self::PASSWORD]));
        $this->as($desk)->putJson('/api/me/password', ['old' => 'not this one', 'password' => 'five words in a row'])->assertUnprocessable()->assertJsonValidationErrors('old');
        $new = $this->word($this->as($desk)->putJson('/api/me/password', ['old' => self::PASSWORD, 'password' => 'five words in a row'])->assertOk());
        $this->as($third)->getJson('/api/frame')->assertUnauthorized();
        $this->as($new)->getJson('/api/frame')->assertOk();
        $this->as($new)->postJson('/api/keepers/'.DB::table('keepers')->value('id').'/sign-out')->assertOk();
        $this->as($new)->getJson('/api/frame')->assertUnauthorized();
    }

    public function test_a_forgotten_password_is_chosen_anew_by_a_link_of_the_owner_or_of_the_command(): void
    {
        $owner = $this->owned();
        $tove = $this->comes(Role::Keeper, 'Tove');
        $id = DB::table('keepers')->where('name', 'Tove')->value('id');
        $link = $this->as($owner)->postJson("/api/keepers/$id/password-link")->assertOk()->json('word');
        $this->as('')->postJson('/api/join', ['link' => $link, 'name' => 'Somebody', 'password' => 'five words in a row'])->assertOk()->assertJsonPath('keeper.name', 'Tove');
        $this->as($tove)->getJson('/api/frame')->assertUnauthorized();
        self::assertSame(1, Artisan::call('marrow:password', ['name' => 'Nobody']));
        self::assertSame(0, Artisan::call('marrow:password', ['name' => 'maren']));
        self::assertSame(1, preg_match('~/join#(mrw_\w{43})$~', trim(Artisan::output()), $found));
        $this->as('')->postJson('/api/join', ['link' => $found[1] ?? '', 'password' => 'six words in a row'])->assertOk()->assertJsonPath('keeper.role', 'owner');
    }

    public function test_a_token_is_for_one_purpose_and_is_taken_back(): void
    {
        $owner = $this->owned();
        $token = $this->as($owner)->postJson('/api/tokens', ['purpose' => 'calendar', 'name' => 'Kitchen calendar'])->assertOk()->json('word');
        $this->as('')->get("/api/calendar.ics?token=$token")->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8');
        $this->as('')->getJson("/api/frame?token=$token")->assertForbidden();
        $this->as('')->getJson('/api/frame?token=mrw_'.str_repeat('x', 43))->assertUnauthorized();
        self::assertSame('Kitchen calendar', $this->as($owner)->getJson('/api/keepers')->json('tokens.0.name'));
        self::assertNotSame('', $this->as($owner)->getJson('/api/keepers')->json('tokens.0.used'));
        $this->as($owner)->postJson('/api/passes/'.$this->as($owner)->getJson('/api/keepers')->json('tokens.0.id').'/end')->assertOk();
        $this->as('')->get("/api/calendar.ics?token=$token")->assertUnauthorized();
        // A reader makes none that records.
        $reader = $this->comes(Role::Reader, 'Kees');
        $this->as($reader)->postJson('/api/tokens', ['purpose' => 'recording', 'name' => 'x'])->assertUnprocessable();
        $this->as($reader)->postJson('/api/tokens', ['purpose' => 'pages', 'name' => 'x'])->assertUnprocessable()->assertJsonValidationErrors('purpose');
        // It does no more than whoever made it may by now.
        $program = $this->tokenOf('Maren', Purpose::Recording);
        DB::table('keepers')->where('name', 'Maren')->update(['role' => 'reader']);
        DB::table('keepers')->where('name', 'Kees')->update(['role' => 'owner']);
        $this->as('')->withHeader('Authorization', "Bearer $program")->postJson('/api/entries', ['drafts' => []])->assertForbidden();
    }

    public function test_who_keeps_the_garden_leaves_before_they_are_forgotten(): void
    {
        $owner = $this->owned();
        $tove = $this->comes(Role::Keeper, 'Tove');
        $this->as($owner)->postJson('/api/people/forget', ['name' => 'maren'])->assertUnprocessable()->assertJsonValidationErrors('name');
        $this->as('')->getJson('/api/frame')->assertUnauthorized();
        $this->as($owner)->postJson('/api/people/forget', ['name' => 'Tove'])->assertUnprocessable();
        $this->as($tove)->postJson('/api/keepers/'.DB::table('keepers')->where('name', 'Tove')->value('id').'/leave')->assertOk();
        $this->as($owner)->postJson('/api/people/forget', ['name' => 'Tove'])->assertOk();
        self::assertSame([], array_filter($this->as($owner)->getJson('/api/keepers')->json('comings.*.said'), static fn (string $said): bool => str_contains($said, 'Tove')));
        self::assertSame(1, DB::table('keepers')->count());
    }
}
