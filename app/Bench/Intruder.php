<?php

declare(strict_types=1);

namespace App\Bench;

use App\Keeping\KeepersBook;
use App\Keeping\Passes;
use App\Keeping\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

/** Somebody who may write nothing in a garden where one signs in, and what of it was written all the same. */
final readonly class Intruder
{
    /** With these a reader leaves, as everybody may, and what came after would be a stranger's. */
    private const WAYS_OUT = ['signOut', 'endPass', 'signOutEverywhere', 'keeperLeaves'];

    /** What the garden notes by itself of who comes. */
    private const NOTED = ['passes', 'comings', 'sessions', 'cache', 'cache_locks', 'sqlite_sequence', 'sqlite_stat1'];

    /**
     * @param  array<string, string>  $headers  with which it asks
     * @param  array<string, string>  $owner  with which the owner asks
     * @param  list<string>  $without  operations that are not tried, by their ids
     * @param  array<string, string>  $before
     */
    private function __construct(public array $headers, public array $owner, public array $without, private array $before) {}

    /** @param  string  $as  stranger or reader */
    public static function into(string $as): self
    {
        $cookie = Passes::name();
        $book = app(KeepersBook::class);
        $password = Str::password(20);
        $owner = $book->first('Fenn', $password, 'a program');
        [, $word] = $book->invite(Role::Reader, 'Looker');
        $reader = $book->join($word, 'Looker', $password, 'a program');

        return new self($as === 'reader' ? ['Cookie' => "$cookie=$reader"] : [], ['Cookie' => "$cookie=$owner"], $as === 'reader' ? self::WAYS_OUT : [], self::state());
    }

    /** @return list<string> tables that are not as they were */
    public function written(): array
    {
        return array_keys(array_diff_assoc(self::state(), $this->before));
    }

    /** @return array<string, string> of each table what is in it, as a hash */
    private static function state(): array
    {
        $state = [];
        foreach (Schema::getTables() as $table) {
            $name = $table['name'];
            if (in_array($name, self::NOTED, true)) {
                continue;
            }
            $hash = hash_init('sha256');
            foreach (DB::table($name)->get() as $row) {
                hash_update($hash, json_encode($row, JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR));
            }
            $state[$name] = hash_final($hash);
        }

        return $state;
    }
}
