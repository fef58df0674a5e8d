<?php

declare(strict_types=1);

namespace App\Dictation;

use App\Documents\LineKindDocument;
use App\Voice\Speaking;
use App\Voice\UnitSystem;
use App\Words\StepWords;
use DateTimeImmutable;
use Marrow\Core\Dictation\CanonicalLine;
use Marrow\Core\Dictation\Clause;
use Marrow\Core\Dictation\LineReader;
use Marrow\Core\Dictation\Named;
use Marrow\Core\Dictation\Thing;
use Marrow\Core\Dictation\Tokens;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldType;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Things\Registered;

/** Every kind with a line that tells of one, made from its fields; each reads as what it is an example of. */
final class LineExamples
{
    /** In the units of the core; of anything else a dozen. */
    private const SAMPLES = ['g' => 41.2, '°C' => 20.0, '% RH' => 38.0, '%' => 50.0, 'm' => 200.0, 'minutes' => 25.0, 'share' => 0.85];

    private const DOZEN = 12.0;

    /** @return list<LineKindDocument> */
    public static function all(DateTimeImmutable $now): array
    {
        $all = [];
        foreach (Registered::kinds()->all() as $kind) {
            $example = in_array($kind->name, LineReader::NO_LINES, true) ? null : self::of($kind, $now);
            if ($example !== null) {
                $all[] = new LineKindDocument($kind->name, $kind->title, StepWords::of(Registered::kinds()->step($kind->name)), $kind->called, $example);
            }
        }

        return $all;
    }

    /** @return ?string null where no hurried line tells of it */
    public static function of(Kind $kind, DateTimeImmutable $now): ?string
    {
        $letter = $kind->of[0]->letter();
        if ($letter === null) {
            return null;
        }
        $code = $letter.($letter === 'P' ? '4' : '7');
        $told = [];
        $counts = [];
        foreach ($kind->fields->fields as $field) {
            if ($field->hidden || ! $field->required) {
                continue;
            }
            $said = self::said($field, Speaking::forms()->units);
            if ($field->type === FieldType::Integer && $field->each === null) {
                $counts[] = $said;
            }
            $told[] = $said;
        }
        // Of two counts the one is part of the other.
        $line = trim("$code ".mb_strtolower(explode(',', $kind->title)[0]).' '.implode(', ', count($counts) > 1 && count($counts) === count($told) ? ['3 of 40'] : array_filter($told)));
        $clause = Clause::of($line, $now);
        $read = (new LineReader(Registered::kinds()))->read($clause, new Thing($kind->of[0], '', $code, []), new Named);

        return $read !== null && $read->kind->name === $kind->name && $read->leftOver() === [] && array_all($read->missing(), static fn (Field $field): bool => $field->hidden) ? $line : null;
    }

    private static function said(Field $field, UnitSystem $units): string
    {
        if ($field->type === FieldType::Choice) {
            return mb_strtolower((string) preg_replace('/[,:(].*/', '', array_values($field->options)[0] ?? ''));
        }
        if (! $field->type->isNumeric()) {
            return match ($field->type) {
                FieldType::Prose => 'aphids on the tips',
                FieldType::Text => CanonicalLine::called($field).' = '.Tokens::quoted($field->key === 'mark' ? 'A' : 'three weeks earlier'),
                default => '',
            };
        }
        $value = round($units->fromCore($field->unit, is_numeric($field->usual) && (float) $field->usual > 1.0 ? (float) $field->usual : self::SAMPLES[$field->unit] ?? self::DOZEN), 1);
        $figure = Field::show($field->type === FieldType::Share ? $value * 100 : $value);

        return match (true) {
            $field->type === FieldType::Share => "$figure %",
            $field->noun !== '' => "$figure {$field->noun}s",
            $field->unit === '' => mb_strtolower($field->label)." $figure",
            default => $figure.' '.$units->unit($field->unit),
        };
    }
}
