<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Models\Garden;
use Illuminate\Support\Facades\Hash;
use Marrow\Core\Fields\Refused;

/** A password, as it is chosen and as it is asked for. Length is asked of it and no kinds of letters: what is long is hard to guess. */
final class Secret
{
    public const SHORTEST = 10;

    public const LONGEST = 200;

    /** Letters that differ; "aaaaaaaaaa" is soon tried. */
    private const DIFFERENT = 5;

    /** What is tried first everywhere, as long as it is long enough. */
    private const FIRST_TRIED = ['1234567890', 'qwertyuiop', 'password12', 'password123', 'passwordpassword', '12345678910', 'qwerty1234', 'abcdefghij', 'iloveyou12', 'administrator', 'letmein123', 'gardengarden'];

    /**
     * @return string its digest
     *
     * @throws Refused
     */
    public static function chosen(string $password, string $name): string
    {
        $plain = mb_strtolower($password);
        $garden = mb_strtolower(Garden::query()->first()->name ?? '');
        throw_if(mb_strlen($password) < self::SHORTEST, Refused::at('password', sprintf('A password of %d letters or more: four words one after another are easy to keep in mind.', self::SHORTEST)));
        throw_if(strlen($password) > self::LONGEST, Refused::at('password', sprintf('No longer than %d letters.', self::LONGEST)));
        throw_if(count(array_unique(mb_str_split($plain))) < self::DIFFERENT || in_array($plain, self::FIRST_TRIED, true), Refused::at('password', 'That is one of the first that is tried. Take four words one after another.'));
        throw_if(in_array($plain, array_filter([mb_strtolower(trim($name)), $garden, str_repeat(mb_strtolower(trim($name)), 2)]), true), Refused::at('password', 'Not your own name, and not that of the garden.'));

        return Hash::make(self::short($password));
    }

    /** Takes as long where there is nobody of that name. */
    public static function is(string $password, string $digest): bool
    {
        static $none = null;
        $none ??= Hash::make('nobody has this one');

        return Hash::check(self::short($password), $digest === '' ? $none : $digest) && $digest !== '';
    }

    /** What digests it reads no more than 72 bytes: of a longer one they are made from all of it. */
    private static function short(string $password): string
    {
        return base64_encode(hash('sha384', $password, true));
    }
}
