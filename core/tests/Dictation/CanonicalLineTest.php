<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Dictation;

use DateTimeImmutable;
use Marrow\Core\Dictation\CanonicalLine;
use Marrow\Core\Dictation\Clause;
use Marrow\Core\Dictation\LineReader;
use Marrow\Core\Dictation\Named;
use Marrow\Core\Dictation\Thing;
use Marrow\Core\Dictation\Tokens;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldType;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Things\Registered;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Every kind has a line that says all of an entry and reads back as it was. */
final class CanonicalLineTest extends CoreTestCase
{
    /** They are said where what they are about stands, and of that: what is struck, what is due, who was given seed; or are only of before. */
    private const EXCEPTED = LineReader::NO_LINES;

    private const TIMES = 25;

    /** Names and words that hold whatever a line is made of. */
    private const TEXTS = ['plain', 'two words', 'a; b', 'x, y and z', 'she said "no"', 'L7', 'P12 to L3', '41 g', 'rh 38 %', 'yesterday 18:00', '12 sep', 'it weighs = 9 g', 'Étoile d’été', '“curled”', "it's", 'to Ada', '3 of 40', 'note', '"', 'weighed: 4', '°C'];

    #[DataProvider('kinds')]
    public function test_it_reads_back_as_it_was(string $name): void
    {
        $kind = Registered::kinds()->named($name) ?? self::fail();
        $chance = new Randomizer(new Mt19937(crc32($name)));
        $reader = new LineReader(Registered::kinds());
        $now = new DateTimeImmutable('2026-09-14 10:00');
        for ($time = 0; $time < self::TIMES; $time++) {
            $payload = self::payload($kind, $chance);
            foreach ($kind->of as $subject) {
                $of = ['lot' => 'L7', 'planting' => 'P4'][$subject->value] ?? self::TEXTS[$chance->getInt(0, count(self::TEXTS) - 1)];
                [$at, $read] = [['', null], ['2026-08-03', '2026-08-03'], ['2026-08-03 18:30', '2026-08-03T18:30']][$time % 3];
                $line = CanonicalLine::of($subject, $of, $kind, $payload, $at);
                self::assertSame([$line], Tokens::clauses($line), $line);
                $clause = Clause::of($line, $now);
                self::assertSame($subject->letter() === null ? [] : [$of], $clause->codes, $line);
                self::assertSame($read, $clause->time->at($now), $line);
                $filling = $reader->read($clause, new Thing($subject, 'id', $of, []), new Named(['Blue tin' => ['blue']]));
                self::assertSame($name, $filling?->kind->name, $line);
                self::assertSame([], $filling->leftOver(), $line);
                self::assertEquals($kind->keep($payload), $kind->keep($kind->revive($payload::class, $kind->keep(Registered::kinds()->read($name, $filling->payload)))), $line);
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function kinds(): iterable
    {
        foreach (Registered::kinds()->all() as $kind) {
            if (! in_array($kind->name, self::EXCEPTED, true)) {
                yield $kind->name => [$kind->name];
            }
        }
    }

    public function test_no_more_than_five_kinds_have_none(): void
    {
        self::assertLessThanOrEqual(5, count(self::EXCEPTED));
    }

    private static function payload(Kind $kind, Randomizer $chance): Payload
    {
        for ($tries = 0; ; $tries++) {
            $given = [];
            foreach ($kind->fields->fields as $key => $field) {
                if ($field->required || $chance->getInt(0, 1) === 1) {
                    $given[$key] = $field->each === null ? self::value($field, $chance) : array_map(static fn (): mixed => self::value($field, $chance), range(1, $field->each->count > 0 ? $field->each->count : $chance->getInt(1, 3)));
                }
            }
            try {
                return Registered::kinds()->read($kind->name, $given);
            } catch (Refused $refused) {
                if ($tries > 200) {
                    throw $refused;
                }
            }
        }
    }

    private static function value(Field $field, Randomizer $chance): mixed
    {
        $one = static fn (array $of): mixed => $of[$chance->getInt(0, count($of) - 1)];

        return match ($field->type) {
            FieldType::Integer => $chance->getInt((int) $field->min, (int) min($field->max, $field->min + 5000)),
            FieldType::Number => round($field->min + ($field->max - $field->min) * $chance->getInt(0, 1_000_000) / 1_000_000, 3),
            FieldType::Share => round($field->min + ($field->max - $field->min) * $chance->getInt(0, 1000) / 1000, 3),
            FieldType::Flag => $chance->getInt(0, 1) === 1,
            FieldType::Choice => (string) $one(array_keys($field->options)),
            FieldType::Date => sprintf('2026-%02d-%02d', $chance->getInt(1, 12), $chance->getInt(1, 28)),
            default => $field->max > 0 ? mb_substr((string) $one(self::TEXTS), 0, (int) $field->max) : $one(self::TEXTS),
        };
    }
}
