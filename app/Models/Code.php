<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Facades\DB;
use Marrow\Core\Journal\Subject;

/** Codes of things that have a number, as they stand on a tag and as they are typed: "L7", "l 7" or "7". */
final class Code
{
    public static function of(Subject $subject, mixed $number): string
    {
        return ($subject->letter() ?? '').(is_int($number) ? $number : '');
    }

    /** The number of a code of such a thing, with its letter or without. */
    public static function number(string $code, Subject $subject): ?int
    {
        return preg_match('/^'.$subject->letter().'?\s*(\d{1,9})$/i', trim($code), $found) === 1 ? (int) $found[1] : null;
    }

    /** @return array{Subject, int}|null what a code is of, by its letter; a number alone is of a lot, which most tags are of */
    public static function read(string $code): ?array
    {
        if (preg_match('/^([a-z]?)\s*(\d{1,9})$/i', trim($code), $found) !== 1) {
            return null;
        }
        $letter = mb_strtoupper($found[1]);
        foreach (Subject::cases() as $subject) {
            if ($letter === '' ? $subject === Subject::Lot : $subject->letter() === $letter) {
                return [$subject, (int) $found[2]];
            }
        }

        return null;
    }

    /** The number of the next of a table. */
    public static function next(string $table): int
    {
        $highest = DB::table($table)->max('number');

        return (is_numeric($highest) ? (int) $highest : 0) + 1;
    }
}
