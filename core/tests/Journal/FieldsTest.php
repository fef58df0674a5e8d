<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Journal;

use Marrow\Core\Journal\EntryKind;
use Marrow\Core\Journal\EntryRefused;
use Marrow\Core\Journal\Fields;
use Marrow\Core\Journal\Payload\DryingSurface;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What people type into a form, and what becomes of it. */
final class FieldsTest extends TestCase
{
    #[DataProvider('masses')]
    public function test_a_mass_is_read_as_it_is_written(mixed $typed, float $grams): void
    {
        self::assertSame($grams, (new Fields(['m' => $typed]))->mass('m', 'The mass'));
    }

    /** @return iterable<string, array{mixed, float}> */
    public static function masses(): iterable
    {
        yield 'a whole number' => ['12', 12.0];
        yield 'a decimal point' => ['12.5', 12.5];
        yield 'a decimal comma' => ['12,5', 12.5];
        yield 'blanks around it' => [' 0.25 ', 0.25];
        yield 'a number already' => [3, 3.0];
        yield 'the least a scale shows' => [0.001, 0.001];
        yield 'the most' => [100_000, 100_000.0];
    }

    #[DataProvider('badMasses')]
    public function test_a_mass_that_cannot_be_is_refused(mixed $typed, string $says): void
    {
        $this->refused('m', $says, static fn (Fields $fields): float => $fields->mass('m', 'The mass'), ['m' => $typed]);
    }

    /** @return iterable<string, array{mixed, string}> */
    public static function badMasses(): iterable
    {
        yield 'nothing' => [null, 'The mass is missing'];
        yield 'blank' => ['  ', 'The mass is missing'];
        yield 'zero' => ['0', 'more than 0 g'];
        yield 'negative' => [-2, 'more than 0 g'];
        yield 'dust' => [0.0001, 'less than 0.001 g'];
        yield 'a lorry' => ['100001', 'more than 100 kg. Is it in grams?'];
        yield 'words' => ['half a cup', 'must be a number'];
        yield 'with its unit' => ['12 g', 'must be a number'];
        yield 'a list' => [[12], 'must be a number'];
        yield 'beyond all numbers' => ['1e999', 'ordinary size'];
        yield 'yes' => [true, 'must be a number'];
    }

    public function test_optional_figures_may_be_left_out_but_not_mistyped(): void
    {
        $fields = new Fields(['empty' => '', 'bad' => 'x']);
        self::assertNull($fields->optionalMass('empty', 'The mass'));
        self::assertNull($fields->optionalMass('absent', 'The mass'));
        self::assertNull($fields->optionalWhole('empty', 'The count', 0, 5));
        $this->refused('bad', 'must be a number', static fn (Fields $f): ?float => $f->optionalMass('bad', 'The mass'), ['bad' => 'x']);
    }

    public function test_whole_numbers_are_whole_and_within_bounds(): void
    {
        self::assertSame(5, (new Fields(['n' => '5']))->whole('n', 'The count', 1, 10));
        $read = static fn (Fields $fields): int => $fields->whole('n', 'The count', 1, 10);
        $this->refused('n', 'whole number', $read, ['n' => '2.5']);
        $this->refused('n', 'from 1 to 10', $read, ['n' => 0]);
        $this->refused('n', 'from 1 to 10', $read, ['n' => 11]);
        $this->refused('n', 'missing', $read, []);
    }

    public function test_lists_are_read_item_by_item(): void
    {
        self::assertSame([0, 3, 12], (new Fields(['n' => ['0', 3, '12']]))->wholes('n', 'The counts', 20));
        self::assertSame([0.4, 0.41], (new Fields(['m' => ['0,4', 0.41]]))->masses('m', 'The sample'));
        $this->refused('n', 'missing', static fn (Fields $f): array => $f->wholes('n', 'The counts', 20), ['n' => []]);
        $this->refused('n', 'missing', static fn (Fields $f): array => $f->wholes('n', 'The counts', 20), ['n' => [1, '']]);
        $this->refused('n', 'from 0 to 20', static fn (Fields $f): array => $f->wholes('n', 'The counts', 20), ['n' => [1, 21]]);
        $this->refused('m', 'more than 0 g', static fn (Fields $f): array => $f->masses('m', 'The sample'), ['m' => [0.4, 0]]);
    }

    public function test_a_choice_must_be_one_of_those_offered(): void
    {
        $read = static fn (Fields $fields): \BackedEnum => $fields->one('on', 'what it is spread on', DryingSurface::class);
        self::assertSame(DryingSurface::Mesh, $read(new Fields(['on' => 'mesh'])));
        $this->refused('on', 'Choose what it is spread on.', $read, ['on' => 'the roof']);
        $this->refused('on', 'Choose', $read, []);
        $this->refused('on', 'Choose', $read, ['on' => 3]);
    }

    public function test_text_is_trimmed_and_bounded(): void
    {
        self::assertSame('red wool', (new Fields(['t' => '  red wool ']))->text('t', 'The note'));
        self::assertSame('', (new Fields([]))->optionalText('t', 'The note'));
        $this->refused('t', 'missing', static fn (Fields $f): string => $f->text('t', 'The note'), ['t' => '   ']);
        $this->refused('t', 'at most 10 letters', static fn (Fields $f): string => $f->text('t', 'The note', 10), ['t' => str_repeat('é', 11)]);
        self::assertSame(str_repeat('é', 10), (new Fields(['t' => str_repeat('é', 10)]))->text('t', 'The note', 10), 'letters, not bytes');
        $this->refused('t', 'must be a text', static fn (Fields $f): string => $f->text('t', 'The note'), ['t' => ['x']]);
    }

    /** @param  array<string, mixed>  $payload */
    #[DataProvider('payloads')]
    public function test_what_is_kept_of_an_entry_can_be_read_again(string $kind, array $payload): void
    {
        $class = EntryKind::from($kind)->payload();
        $read = $class::read(new Fields($payload));
        self::assertEquals($read, $class::read(new Fields($read->toArray())));
        $through = json_decode(json_encode($read->toArray(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), true);
        self::assertIsArray($through);
        self::assertEquals($read, $class::read(new Fields($through)), 'as the journal keeps it');
        foreach ($payload as $key => $value) {
            self::assertArrayHasKey($key, $read->toArray(), 'nothing typed is dropped');
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function payloads(): iterable
    {
        yield 'sown' => ['sown', ['plants' => '30', 'sown_from' => 'L3']];
        yield 'first bloom' => ['first_bloom', []];
        yield 'last bloom' => ['last_bloom', []];
        yield 'off-types seen' => ['off_types_seen', ['seen' => 5, 'off' => 2, 'how' => 'warted fruit']];
        yield 'picked' => ['picked', ['plants' => 4, 'fruits' => '', 'mass_g' => '350,5']];
        yield 'ferment started' => ['ferment_started', ['temperature_c' => 24.5, 'cover' => 'loose_lid']];
        yield 'poured off' => ['poured_off', ['passes' => 3, 'sprouted' => true]];
        yield 'rinsed' => ['rinsed', ['water' => 'clear']];
        yield 'threshed' => ['threshed', ['mass_g' => 40]];
        yield 'winnowed' => ['winnowed', ['mass_g' => null]];
        yield 'spread' => ['spread', ['surface' => 'coffee_filter', 'mass_g' => 12, 'moisture' => 44]];
        yield 'weighed' => ['weighed', ['mass_g' => 11.68]];
        yield 'jar read' => ['jar_read', ['rh' => 33, 'temperature_c' => 19]];
        yield 'sample weighed' => ['sample_weighed', ['counted' => 100, 'masses_g' => [0.31, 0.3]]];
        yield 'test started' => ['test_started', ['test' => 't', 'seeds' => 25, 'replicates' => 4, 'temperature_c' => 20, 'method' => 'sand']];
        yield 'test counted' => ['test_counted', ['test' => 't', 'normal' => [3, 0], 'abnormal' => [0, 1]]];
        yield 'test ended' => ['test_ended', ['test' => 't']];
        yield 'stored' => ['stored', ['container' => 'foil_pouch', 'place' => 'Freezer', 'temperature_c' => -18, 'rh' => 60, 'mass_g' => 20, 'seeds' => 400]];
        yield 'withdrawn' => ['withdrawn', ['purpose' => 'swap', 'seeds' => 20, 'mass_g' => null, 'to' => 'a friend']];
        yield 'noted' => ['noted', ['text' => 'Good colour']];
        yield 'struck' => ['struck', ['entry' => 'e', 'reason' => 'wrong lot']];
    }

    public function test_every_kind_has_been_tried(): void
    {
        $tried = array_map(static fn (array $case): string => $case[0], array_values(iterator_to_array(self::payloads())));
        $kinds = array_map(static fn (EntryKind $kind): string => $kind->value, EntryKind::cases());
        sort($tried);
        sort($kinds);
        self::assertSame($kinds, $tried);
    }

    /**
     * @param  \Closure(Fields): mixed  $read
     * @param  array<string, mixed>  $typed
     */
    private function refused(string $field, string $says, \Closure $read, array $typed): void
    {
        try {
            $read(new Fields($typed));
        } catch (EntryRefused $refused) {
            self::assertSame($field, $refused->field);
            self::assertStringContainsString($says, $refused->getMessage());

            return;
        }
        self::fail('It was not refused: '.json_encode($typed));
    }
}
