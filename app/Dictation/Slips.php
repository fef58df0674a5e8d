<?php

declare(strict_types=1);

namespace App\Dictation;

use App\Reading\PeopleNames;
use Marrow\Core\Dictation\Filling;
use Marrow\Core\Dictation\Likeness;
use Marrow\Core\Dictation\Named;

/** A name is never taken for another: one that is a slip away is asked. */
final class Slips
{
    /** @return list<string> what is asked of the places that were not known, and of people who were not heard of before */
    public static function in(Filling $filling, Named $names): array
    {
        $asked = self::of(implode(' ', $filling->leftOver()), array_keys($names->places));
        foreach ($filling->fields as $field) {
            $told = $field->isPerson ? $filling->payload[$field->key] ?? null : null;
            if (is_string($told) && $told !== '') {
                array_push($asked, ...self::of($told, PeopleNames::all()));
            }
        }

        return $asked;
    }

    /**
     * @param  list<int|string>  $known
     * @return list<string> which of the names that are known may be meant; none where it is one of them
     */
    public static function of(string $said, array $known): array
    {
        $said = mb_strtolower($said);
        $meant = [];
        foreach ($known as $name) {
            $plain = mb_strtolower((string) $name);
            if ($plain === $said) {
                return [];
            }
            if (Likeness::areSlips($said, $plain)) {
                $meant[] = "Is it $name that is meant? Write it so.";
            }
        }

        return $meant;
    }
}
