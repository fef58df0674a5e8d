<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Journal\Subjects;
use App\Things\ThingSort;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Marrow\Core\Folding\Folded;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Things\Registered;
use Tests\Support\Keeper;
use Tests\TestCase;

/** Whatever entries can be about: each sort is found, shown, followed and put right in the same way. */
final class ThingsTest extends TestCase
{
    private Keeper $keeper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->keeper = new Keeper($this);
    }

    /** A sort that is declared and not answered for, or of which nothing can be recorded, is named here. */
    public function test_every_sort_of_thing_is_answered_for(): void
    {
        $sorts = app(Subjects::class);
        $kinds = Registered::kinds()->all();
        foreach (Subject::cases() as $subject) {
            $sort = $sorts->of($subject);
            self::assertInstanceOf(ThingSort::class, $sort, "App\\Things answers for a $subject->value.");
            self::assertTrue(DB::getSchemaBuilder()->hasTable($sort->table()), "$subject->value has a table.");
            self::assertNotSame([], array_filter($kinds, static fn (Kind $kind): bool => in_array($subject, $kind->of, true)), "Something can be recorded of a $subject->value.");
        }
        $letters = array_filter(array_map(static fn (Subject $subject): ?string => $subject->letter(), Subject::cases()));
        self::assertSame($letters, array_unique($letters), 'a code says what it is of');
        self::assertCount(count(Subject::cases()), Registered::SORTS, 'each is folded by a course of its own');
    }

    /** What does not fit is kept, shown, and wants a decision, whatever it is of; settled, nothing of it is left. */
    public function test_what_does_not_fit_is_shown_and_wants_a_decision_for_every_sort_of_thing(): void
    {
        foreach (Subject::cases() as $subject) {
            [$id, $page, $name] = $this->one($subject);
            $entry = $this->late($subject, $id, 'put_off', ['task' => 'settle', 'how' => 'later', 'until' => '2026-01-01']);
            $said = 'That day is past: say done already, or a day to come.';

            self::assertSame($said, collect($this->getJson($page)->assertOk()->json('entries'))->firstWhere('id', $entry)['adrift'] ?? null, "the page of a $subject->value");
            $line = collect($this->getJson('/api/journal')->json('lines'))->firstWhere('entry.id', $entry);
            self::assertSame([$subject->value, $name, $said], [$line['subject'], $line['name'], $line['entry']['adrift']], 'the journal');
            $task = collect($this->getJson('/api/today')->json('now'))->where('kind', 'settle')->firstWhere('of', $id);
            self::assertSame(['settle', $subject->value, $name, $entry], [$task['kind'], $task['subject'], $task['name'], $task['about']], 'Today');
            self::assertStringContainsString($name, $this->get('/api/calendar.ics')->assertOk()->getContent() ?: '');
            $sort = app(Subjects::class)->of($subject);
            self::assertInstanceOf(ThingSort::class, $sort);
            self::assertInstanceOf(Folded::class, $sort->folded($id));
            self::assertSame([$id => $name], array_map(static fn ($shown): string => $shown->name, $sort->shown([$id])));

            $was = DB::table('tasks')->where('subject', $subject->value)->get(['subject_id', 'kind', 'best_at'])->all();
            Artisan::call('marrow:rebuild');
            self::assertEquals($was, DB::table('tasks')->where('subject', $subject->value)->get(['subject_id', 'kind', 'best_at'])->all(), 'reckoned anew it is the same');

            $this->keeper->strikes($entry);
            self::assertNull(collect($this->getJson('/api/today')->json('now'))->where('of', $id)->firstWhere('kind', 'settle'));
        }
    }

    public function test_a_tin_that_was_put_into_itself_is_adrift_and_everybody_is_told(): void
    {
        [$tin] = $this->one(Subject::Container);
        $entry = $this->late(Subject::Container, $tin, 'placed', ['inside' => $tin]);
        self::assertSame('Blue tin cannot lie in itself.', $this->getJson("/api/holders/$tin")->json('entries.0.adrift'));
        self::assertSame('Blue tin cannot lie in itself.', collect($this->getJson('/api/journal')->json('lines'))->firstWhere('entry.id', $entry)['entry']['adrift'] ?? null);
        $task = $this->getJson("/api/holders/$tin")->json('tasks.0');
        self::assertSame(['Settle an entry that does not fit', $entry], [$task['do'], $task['about']]);
        // Not now, as of anything else.
        $this->late(Subject::Container, $tin, 'put_off', ['task' => 'settle', 'about' => $entry, 'how' => 'later', 'until' => '2026-12-01'], false);
        self::assertNull(collect($this->getJson('/api/today')->json('now'))->firstWhere('of', $tin));
    }

    /** The bag lay in the tin; that the tin lay in the bag by then comes to be known later. */
    public function test_two_that_lie_in_one_another_are_told_of_where_it_does_not_fit_whichever_came_first(): void
    {
        [$tin] = $this->one(Subject::Container);
        $bag = $this->container('Bag 3');
        $this->late(Subject::Container, $bag, 'placed', ['inside' => $tin], false, '2026-08-02T09:00');
        self::assertNull($this->getJson("/api/holders/$bag")->json('entries.0.adrift'));
        $this->late(Subject::Container, $tin, 'placed', ['inside' => $bag], false, '2026-08-01T09:00');
        self::assertSame('Blue tin lay in Bag 3 then: neither can be in the other.', $this->getJson("/api/holders/$bag")->json('entries.0.adrift'));
        self::assertNotNull(collect($this->getJson('/api/today')->json('now'))->where('kind', 'settle')->firstWhere('of', $bag), 'though nothing was recorded of the bag');
        self::assertSame('Bag 3', $this->getJson("/api/holders/$bag")->json('holder.path'), 'and nobody has said where the bag is then');
    }

    /** @return array{string, string, string} its id, its page, and what it is called */
    private function one(Subject $subject): array
    {
        // A new sort of thing is tried here, too.
        [$id, $name, $page] = match ($subject) {
            Subject::Lot => [$this->keeper->idOf($code = $this->keeper->storedTomato()), $code, "/api/lots/$code"],
            Subject::Planting => [$this->keeper->idOf($code = $this->keeper->sow($this->keeper->variety('pea', 'Slack Tide'))), $code, "/api/plantings/$code"],
            Subject::Place => [$id = $this->place('Attic'), 'Attic', "/api/holders/$id"],
            Subject::Container => [$id = $this->container('Blue tin'), 'Blue tin', "/api/holders/$id"],
        };

        return [$id, $page, $name];
    }

    private function place(string $name): string
    {
        $id = (string) Str::uuid7();
        $this->postJson('/api/store-places', ['id' => $id, 'name' => $name, 'temperature' => 15, 'rh' => 55])->assertOk();

        return $id;
    }

    private function container(string $name): string
    {
        $id = (string) Str::uuid7();
        $this->postJson('/api/containers', ['id' => $id, 'name' => $name, 'kind' => 'tin'])->assertOk();

        return $id;
    }

    /**
     * @param  array<string, mixed>  $payload
     * @return string id of the entry
     */
    private function late(Subject $subject, string $id, string $kind, array $payload, bool $late = true, string $at = '2026-09-01T09:00'): string
    {
        return $this->keeper->sends(['about' => ['subject' => $subject->value, 'id' => $id], 'kind' => $kind, 'happened_at' => $at, 'payload' => $payload, 'late' => $late, 'even_so' => ! $late])->assertOk()->json('answers.0.entry');
    }
}
