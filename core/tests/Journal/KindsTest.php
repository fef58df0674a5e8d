<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Journal;

use LogicException;
use Marrow\Core\Fields\Choice;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldType;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Kinds;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Struck;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Things\Registered;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every kind that can happen: declared once, and whole. */
final class KindsTest extends TestCase
{
    #[DataProvider('kinds')]
    public function test_what_was_typed_is_kept_and_read_again_unchanged(Kind $kind): void
    {
        $kinds = Registered::kinds();
        $payload = $kinds->read($kind->name, self::typed($kind));
        $kept = json_decode((string) json_encode($kind->keep($payload), JSON_PRESERVE_ZERO_FRACTION), true);
        self::assertIsArray($kept);
        self::assertSame(array_keys($kind->fields->fields), array_keys($kept));
        self::assertEquals($payload, $kinds->revive($kind->name, $kept));
    }

    #[DataProvider('kinds')]
    public function test_a_figure_that_was_kept_is_read_though_its_bounds_were_drawn_in_since(Kind $kind): void
    {
        $kept = $kind->keep(Registered::kinds()->read($kind->name, self::typed($kind)));
        foreach ($kind->fields->fields as $key => $field) {
            if ($field->type->isNumeric() && $field->each === null) {
                $kept[$key] = $field->max * 2 + 1;
            }
        }
        $revived = Registered::kinds()->revive($kind->name, $kept);
        self::assertInstanceOf(Payload::class, $revived);
        foreach ($kept as $key => $value) {
            self::assertEquals($value, ($held = $kind->value($revived, $key)) instanceof Choice ? $held->value : $held, $key);
        }
    }

    #[DataProvider('kinds')]
    public function test_it_has_words_and_says_only_what_it_asks(Kind $kind): void
    {
        self::assertMatchesRegularExpression('/^[A-Z]/', $kind->title);
        self::assertMatchesRegularExpression('/^[A-Z]/', $kind->act);
        self::assertNotSame([], $kind->of);
        foreach ($kind->says as $part) {
            preg_match_all('/\{(\w+)\}/', $part, $found);
            self::assertNotSame([], $found[1], $part);
            foreach ($found[1] as $key) {
                self::assertArrayHasKey($key, $kind->fields->fields);
            }
        }
        foreach ($kind->fields->fields as $field) {
            self::assertNotSame('', $field->label, $field->key);
            self::assertTrue($field->usual === null || $field->each !== null || self::canBeRead($field), "$field->key: what is usual can be read");
        }
    }

    /** @return iterable<string, array{Kind}> */
    public static function kinds(): iterable
    {
        foreach (Registered::kinds()->all() as $name => $kind) {
            yield $name => [$kind];
        }
    }

    public function test_every_payload_is_of_its_own_kind(): void
    {
        $kinds = Registered::kinds();
        foreach (array_keys($kinds->all()) as $name) {
            $payload = $kinds->read($name, self::typed($kinds->all()[$name]));
            self::assertInstanceOf(Payload::class, $payload);
            self::assertSame($name, Kind::declared($payload::class)->name);
        }
    }

    public function test_one_that_is_called_otherwise_than_its_class_is_refused_rather_than_kept_twice(): void
    {
        $kinds = Kinds::of([Misnamed::class]);
        self::assertNull($kinds->named('something_else'));
        $this->expectException(LogicException::class);
        $kinds->named('misnamed');
    }

    public function test_what_is_not_registered_has_no_name_here_and_is_known_by_its_payload(): void
    {
        $kinds = Kinds::of([]);
        self::assertNull($kinds->named('struck'));
        self::assertSame('struck', Kind::declared(Struck::class)->name);
    }

    public function test_every_task_that_a_strand_may_want_has_a_name_of_its_own(): void
    {
        $names = array_map(static fn ($kind): string => (string) $kind->value, Registered::taskKinds());
        self::assertSame(array_values(array_unique($names)), $names);
        self::assertContains('settle', $names);
    }

    /** @return array<string, mixed> something fitting in every field, though not the usual thing */
    private static function typed(Kind $kind): array
    {
        $typed = [];
        foreach ($kind->fields->fields as $key => $field) {
            $one = match (true) {
                $field->type === FieldType::Integer => (string) (int) max(1, ceil($field->min)),
                $field->type->isNumeric() => (string) ($field->min + ($field->max - $field->min) / 4),
                $field->type === FieldType::Choice => array_key_last($field->options),
                $field->type === FieldType::Flag => true,
                $field->type === FieldType::Date => '2024-11-03',
                default => "some $key",
            };
            $typed[$key] = $field->each === null ? $one : [$one, $one];
        }

        // Either seeds or a mass is taken; a thing lies in a place, or in a container.
        return match ($kind->name) {
            'withdrawn', 'divided' => [...$typed, 'mass_g' => null],
            'test_result' => [...$typed, 'seeds' => '40', 'up' => '12'],
            'sown' => [...$typed, 'sprouts' => false],
            'card_read' => [...$typed, 'damp_to' => '10', 'dry_from' => '30'],
            'placed' => [...$typed, 'inside' => null],
            'seen' => [...$typed, 'gone' => false],
            'tasting_set' => [...$typed, 'samples' => ['3', '8']],
            default => $typed,
        };
    }

    private static function canBeRead(Field $field): bool
    {
        $field->read($field->usual);

        return true;
    }
}

final readonly class Misnamed implements Payload
{
    public static function kind(): Kind
    {
        return Kind::of('something_else', Subject::Lot, 'Something else');
    }
}
