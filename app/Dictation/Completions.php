<?php

declare(strict_types=1);

namespace App\Dictation;

use App\Documents\CompletionDocument;
use App\Reading\PeopleNames;
use App\Voice\Speaking;
use Marrow\Core\Dictation\Filling;
use Marrow\Core\Dictation\Named;
use Marrow\Core\Dictation\Thing;
use Marrow\Core\Fields\Field;

/** What may follow in a line as far as it is written. */
final class Completions
{
    /** So much of it stands below at once. */
    private const MOST = 8;

    private const PEOPLE = 4;

    /** @return list<CompletionDocument> */
    public static function after(Thing $thing, ?Filling $filling, Named $names): array
    {
        if ($filling === null) {
            $acts = [];
            foreach ($thing->offers as $offer) {
                $acts[] = new CompletionDocument(mb_strtolower($offer->kind->title), $offer->act ?? $offer->kind->act);
            }

            return array_slice($acts, 0, self::MOST);
        }
        $follows = [];
        foreach ($filling->fields as $field) {
            if ($field->hidden || array_key_exists($field->key, $filling->payload)) {
                continue;
            }
            array_push($follows, ...self::ofField($field, $names));
        }

        return array_slice($follows, 0, self::MOST);
    }

    /** @return list<CompletionDocument> what may be told for a field */
    private static function ofField(Field $field, Named $names): array
    {
        if ($field->options !== []) {
            return array_values(array_map(static fn (string $label): CompletionDocument => new CompletionDocument(mb_strtolower((string) preg_replace('/[,:(].*/', '', $label)), "$field->label: $label"), $field->options));
        }
        if ($field->of === 'place') {
            return array_map(static fn (int|string $name): CompletionDocument => new CompletionDocument("to $name", "$field->label: $name"), array_keys($names->places));
        }
        if ($field->isPerson) {
            $before = mb_strtolower(explode(' ', $field->label)[0]);

            return array_map(static fn (string $name): CompletionDocument => new CompletionDocument("$before $name", "$field->label: $name"), array_slice(PeopleNames::all(), 0, self::PEOPLE));
        }
        $unit = Speaking::forms()->units->unit($field->unit);

        return [new CompletionDocument(mb_strtolower($field->label).' ', trim($field->label.($unit === '' || $unit === 'share' ? '' : ", $unit")))];
    }
}
