<?php

declare(strict_types=1);

namespace Marrow\Core\Dictation;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldType;

/** "it weighs = 41.2 g": fields that are told by their whole name. */
final class Assigned
{
    /**
     * @param  list<Field>  $fields
     * @return array<string, mixed> by field, as it would be typed
     */
    public static function in(Line $line, array $fields): array
    {
        $starts = self::starts($line, $fields);
        $ends = array_keys($starts);
        $payload = [];
        foreach ($ends as $n => $end) {
            [$from, $field] = $starts[$end];
            $until = isset($ends[$n + 1]) ? $starts[$ends[$n + 1]][0] : count($line->tokens);
            $at = [];
            for ($i = $end + 1; $i < $until; $i++) {
                if ($line->isFree($i) && ! $line->tokens[$i]->is(',')) {
                    $at[] = $i;
                }
            }
            if ($at !== []) {
                $payload[$field->key] = self::value($line, $field, $at);
            }
            $line->use([...range($from, $end), ...$at]);
        }

        return $payload;
    }

    /**
     * @param  list<Field>  $fields
     * @return array<int, array{int, Field}> by where the sign stands: where the name begins, and whose it is
     */
    private static function starts(Line $line, array $fields): array
    {
        $starts = [];
        foreach ($fields as $field) {
            $words = explode(' ', CanonicalLine::called($field));
            foreach (array_keys($line->tokens) as $i) {
                $end = $i + count($words);
                if (($line->tokens[$end] ?? null)?->is('=') !== true || ! array_all($words, static fn (string $word, int $at): bool => $line->tokens[$i + $at]->plain === $word)) {
                    continue;
                }
                // Of two names of which one is the end of the other the longer is meant.
                if (! isset($starts[$end]) || $starts[$end][0] > $i) {
                    $starts[$end] = [$i, $field];
                }
            }
        }
        ksort($starts);

        return $starts;
    }

    /** @param  non-empty-list<int>  $at */
    private static function value(Line $line, Field $field, array $at): mixed
    {
        if ($field->each !== null) {
            $starts = array_values(array_filter($at, static fn (int $i): bool => $line->tokens[$i]->isNumber() || $line->tokens[$i]->sort === TokenSort::Quoted));

            return array_map(static fn (int $i): string => $line->tokens[$i]->isNumber() ? $line->figure($field, $i) : $line->tokens[$i]->text, $starts);
        }
        $written = $line->written($at);
        if ($field->type === FieldType::Choice) {
            foreach ($field->options as $key => $label) {
                if (mb_strtolower($label) === mb_strtolower($written) || (string) $key === $written) {
                    return (string) $key;
                }
            }
        }

        return $field->type === FieldType::Flag ? in_array(mb_strtolower($written), ['yes', 'true', '1'], true) : $written;
    }
}
