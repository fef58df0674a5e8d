<?php

declare(strict_types=1);

namespace Marrow\Core\Dictation;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldType;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/**
 * An entry as one line that says all of it and reads back as it was: of what, what, and each field by its own name with "="
 * behind it. Texts are in quotes, a list has spaces between its figures, and figures have their unit.
 */
final class CanonicalLine
{
    /**
     * @param  string  $of  the code of the thing, or its name where it has none
     * @param  string  $at  when: a day, or a day and an hour with a space between; empty for none
     */
    public static function of(Subject $subject, string $of, Kind $kind, Payload $payload, string $at = ''): string
    {
        $told = [];
        foreach ($kind->keep($payload) as $key => $value) {
            $field = $kind->fields->field($key);
            if ($value !== null && $value !== '' && $value !== [] && $value !== false) {
                $told[] = self::called($field).' = '.implode(' ', array_map(static fn (mixed $one): string => self::value($field, $one), is_array($value) ? $value : [$value]));
            }
        }
        $of = $subject->letter() === null ? Tokens::quoted($of) : $of;

        return trim("$of ".mb_strtolower($kind->title).($told === [] ? '' : ': '.implode(', ', $told)).($at === '' ? '' : " on $at"));
    }

    /** By which name a field goes in such a line: its own, without what is no word. */
    public static function called(Field $field): string
    {
        return implode(' ', array_map(static fn (Token $token): string => $token->plain, array_filter(Tokens::of($field->label), static fn (Token $token): bool => $token->isWord())));
    }

    private static function value(Field $field, mixed $value): string
    {
        return match (true) {
            $value === true => 'yes',
            $field->type === FieldType::Choice && (is_string($value) || is_int($value)) => Tokens::quoted($field->options[$value] ?? (string) $value),
            $field->type === FieldType::Share && is_float($value) => self::number(round($value * 100, 10)).' %',
            is_int($value), is_float($value) => trim(self::number((float) $value).' '.($field->unit === 'share' ? '' : $field->unit)),
            $field->type === FieldType::Date => (string) (is_string($value) ? $value : ''),
            default => Tokens::quoted(is_scalar($value) ? (string) $value : ''),
        };
    }

    /** All its digits, and no power of ten. */
    private static function number(float $value): string
    {
        // The shortest that reads back as it was.
        $text = (string) json_encode($value);

        return str_contains($text, 'e') ? rtrim(rtrim(sprintf('%.12F', $value), '0'), '.') : (string) preg_replace('/\.0$/', '', $text);
    }
}
