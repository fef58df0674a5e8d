<?php

declare(strict_types=1);

namespace Marrow\Core\Fields;

/** Reads what was typed or handed over for a field. */
final class Reading
{
    /** Bytes; no key or id is longer. */
    private const LONGEST_KEY = 100;

    /** @throws Refused */
    public static function one(Field $field, mixed $given): mixed
    {
        return match ($field->type) {
            FieldType::Number, FieldType::Share => self::number($field, $given),
            FieldType::Integer => self::integer($field, $given),
            FieldType::Flag => self::flag($field, $given),
            FieldType::Text, FieldType::Prose, FieldType::Id, FieldType::Reference => self::text($field, $given),
            FieldType::Choice => self::choice($field, $given),
            FieldType::Date => self::day($field, $given),
            FieldType::YearDay => self::yearDay($field, $given),
            FieldType::Crop => is_string($given) && strlen($given) <= self::LONGEST_KEY ? $given : throw self::unreadable($field, $given),
            FieldType::Plan => self::plan($field, $given),
            FieldType::Rows => array_map(
                static fn (mixed $row): array => array_map(static fn (mixed $one): float => self::number($field, $one), self::parts($field, $row)),
                self::parts($field, $given, ';'),
            ),
            FieldType::Segments => array_map(static fn (mixed $one): array => self::segment($field, $one), self::parts($field, $given)),
        };
    }

    /**
     * @return list<mixed>
     *
     * @throws Refused
     */
    public static function many(Field $field, mixed $given): array
    {
        $parts = self::parts($field, $given);
        if ($field->each?->grows === true && $field->each->count > 0) {
            // An empty line of a form that grows is none; a hole in a list is a slip.
            $parts = array_values(array_filter($parts, static fn (mixed $part): bool => ! is_string($part) || trim($part) !== ''));
        }
        if ($parts === []) {
            throw $field->missing();
        }

        return array_map(static function (mixed $part) use ($field): mixed {
            $part = is_string($part) ? trim(self::cleaned($part)) : $part;

            return $part === null || $part === '' ? throw $field->missing() : self::one($field, $part);
        }, $parts);
    }

    /** Without what is not seen: control signs and marks that turn the direction of writing, which hide or disguise text. */
    public static function cleaned(string $text): string
    {
        return preg_replace('/[\x{0000}-\x{0008}\x{000B}\x{000C}\x{000E}-\x{001F}\x{007F}\x{200B}-\x{200F}\x{202A}-\x{202E}\x{2060}-\x{2069}\x{FEFF}]/u', '', $text) ?? '';
    }

    public static function unreadable(Field $field, mixed $given): Refused
    {
        $shown = is_scalar($given) ? (string) $given : (string) json_encode($given);

        return Refused::at($field->key, sprintf('%s must be %s, %s; "%s" was given.', $field->subject(), $field->describe(), $field->bounds(), mb_substr($shown, 0, 60)));
    }

    /** @throws Refused */
    private static function number(Field $field, mixed $given): float
    {
        $value = match (true) {
            is_int($given), is_float($given) => (float) $given,
            is_string($given) => NumberText::read($given, $field),
            default => throw self::unreadable($field, $given),
        };
        if (is_nan($value)) {
            throw self::unreadable($field, 'NAN');
        }
        if (! ($value >= $field->min && $value <= $field->max)) {
            throw Refused::outside($field);
        }

        return $value;
    }

    /** @throws Refused */
    private static function integer(Field $field, mixed $given): int
    {
        $value = self::number($field, $given);

        return $value === floor($value) ? (int) $value : throw Refused::at($field->key, $field->subject().' must be a whole number.');
    }

    /** @throws Refused */
    private static function flag(Field $field, mixed $given): bool
    {
        return match (is_string($given) ? mb_strtolower($given) : $given) {
            true, 'true', 'yes', '1', 1 => true,
            false, 'false', 'no', '0', 0 => false,
            default => throw self::unreadable($field, $given),
        };
    }

    /** @throws Refused */
    private static function text(Field $field, mixed $given): string
    {
        if (! is_string($given)) {
            throw Refused::at($field->key, $field->subject().' must be a text.');
        }
        if ($field->max > 0 && mb_strlen($given) > $field->max) {
            throw Refused::at($field->key, sprintf('%s is too long: at most %d letters.', $field->subject(), $field->max));
        }

        // A name is one line, whatever it was pasted from.
        return $field->type === FieldType::Text ? trim((string) preg_replace('/\s*[\r\n\t]+\s*/u', ' ', $given)) : $given;
    }

    /** @throws Refused */
    private static function choice(Field $field, mixed $given): string|Choice
    {
        $key = is_string($given) && isset($field->options[$given]) ? $given : throw self::unreadable($field, $given);

        return $field->choice === null ? $key : $field->choice::from($key);
    }

    /** @throws Refused */
    private static function day(Field $field, mixed $given): string
    {
        $day = is_string($given) ? DayText::read($given) : null;

        return $day ?? throw Refused::at($field->key, sprintf('%s must be a day of the calendar, as 14 September 2026 or 2026-09-14; "%s" was given.', $field->subject(), is_scalar($given) ? mb_substr((string) $given, 0, 40) : '…'));
    }

    /** @throws Refused */
    private static function yearDay(Field $field, mixed $given): string
    {
        $day = is_string($given) ? DayText::ofYear($given) : null;
        if ($day === null) {
            throw Refused::at($field->key, $field->subject().' must be a day of the year, as 20 April or 04-20.');
        }

        return $day === '02-29' ? '02-28' : $day;
    }

    /**
     * @return array<array-key, mixed>
     *
     * @throws Refused
     */
    private static function plan(Field $field, mixed $given): array
    {
        $plan = is_string($given) ? json_decode($given, true) : $given;

        return is_array($plan) ? $plan : throw Refused::at($field->key, $field->subject().' must be a plan as JSON; what was given cannot be read as that.');
    }

    /**
     * @return list<float> days, moisture, temperature
     *
     * @throws Refused
     */
    private static function segment(Field $field, mixed $given): array
    {
        $parts = is_string($given) ? explode(':', $given) : $given;
        if (! is_array($parts) || count($parts) !== 3) {
            throw self::unreadable($field, $given);
        }
        [$days, $moisture, $temperature] = array_values($parts);
        $free = Field::number($field->key, $field->label, '', -1e6, 1e6);

        return [self::number($field, $days), self::number($free, $moisture), self::number($free, $temperature)];
    }

    /**
     * Values typed one after another into one line, as people part them: by semicolons, by commas, by spaces. Where something
     * else parts them, a comma is a decimal mark: "0,35 0,36", "0,35; 0,36".
     *
     * @return non-empty-list<string>
     */
    public static function split(string $text): array
    {
        $text = trim($text);
        $number = '[+-]?(?:\d+(?:[.,]\d+)?|[.,]\d+)';

        return match (true) {
            str_contains($text, ';') => array_map(trim(...), explode(';', $text)),
            preg_match("/^$number(?:\s+$number)+$/u", $text) === 1 => preg_split('/\s+/u', $text) ?: [$text],
            // "0,35, 0,36": a comma with a space behind it parts, one without is within a number.
            preg_match("/^\d+,\d+(?:,\s+\d+,\d+)+$/u", $text) === 1 => preg_split('/,\s+/u', $text) ?: [$text],
            default => array_map(trim(...), explode(',', $text)),
        };
    }

    /**
     * @param  ','|';'  $between
     * @return list<mixed>
     *
     * @throws Refused
     */
    private static function parts(Field $field, mixed $given, string $between = ','): array
    {
        if (is_string($given)) {
            $given = $between === ',' ? self::split($given) : array_map('trim', explode($between, $given));
        } elseif (is_int($given) || is_float($given)) {
            $given = [$given];
        }
        if (! is_array($given) || $given === []) {
            throw self::unreadable($field, $given);
        }

        return array_values($given);
    }
}
