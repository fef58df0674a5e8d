<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Http\PassCookie;
use App\Keeping\KeepersBook;
use App\Keeping\Passes;
use App\Keeping\Purpose;
use App\Keeping\Role;
use App\Models\Keeper as Somebody;

/** A garden with an owner and others, of whom one asks. */
trait SignsInAs
{
    private const PASSWORD = 'four words in a row';

    private function owned(string $name = 'Maren'): string
    {
        return app(KeepersBook::class)->first($name, self::PASSWORD, 'Firefox on Linux');
    }

    /** @return string the word by which the browser of somebody of that role is known */
    private function comes(Role $role, string $name): string
    {
        [, $word] = app(KeepersBook::class)->invite($role, $name);

        return app(KeepersBook::class)->join($word, $name, self::PASSWORD, 'Chrome on Android');
    }

    /** What is asked from now on is asked by that browser; nothing by a stranger. */
    private function as(string $word): static
    {
        $this->defaultHeaders = [];
        $this->unencryptedCookies = $word === '' ? [] : [PassCookie::name() => $word];

        return $this->withCredentials();
    }

    /** @return string a token of somebody who is known by name */
    private function tokenOf(string $name, Purpose $purpose): string
    {
        return app(Passes::class)->make($purpose, Somebody::query()->where('name', $name)->firstOrFail(), $purpose->role(), 'a program')[1];
    }
}
