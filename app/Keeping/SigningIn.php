<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Models\Keeper;
use App\Models\WriteLock;
use Illuminate\Cache\RateLimiter;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;

/** A name and a password; how often one may try is limited by the name and by the address. */
final readonly class SigningIn
{
    private const BY_NAME = 8;

    private const BY_ADDRESS = 40;

    /** s */
    private const WHILE = 900;

    public function __construct(private RateLimiter $limiter, private Passes $passes, private Comings $comings) {}

    /** @return ?string the word by which the browser is known; null where name or password is another */
    public function try(string $name, string $password, string $browser, string $address): ?string
    {
        $name = trim($name);
        $keys = ['name '.hash('sha256', mb_strtolower($name)) => self::BY_NAME, "address $address" => self::BY_ADDRESS];
        foreach ($keys as $key => $most) {
            if ($this->limiter->tooManyAttempts("in $key", $most)) {
                $wait = (int) ceil($this->limiter->availableIn("in $key") / 60);

                throw new TooManyRequestsHttpException($wait * 60, "That was tried too often. Try again in $wait minutes.");
            }
        }
        foreach (array_keys($keys) as $key) {
            $this->limiter->hit("in $key", self::WHILE);
        }
        $keeper = Keeper::query()->where('name', $name)->where('role', '!=', '')->first();
        $isIn = Secret::is($password, $keeper->password ?? '');
        if (! $isIn || $keeper === null) {
            // Who is nobody here is not written down: a password is soon typed in the wrong field.
            $keeper === null || WriteLock::hold(fn () => $this->comings->note($keeper->name, 'refused'));

            return null;
        }
        $this->limiter->clear('in '.array_key_first($keys));

        return WriteLock::hold(function () use ($keeper, $browser): string {
            $this->comings->note($keeper->name, 'in');

            return $this->passes->make(Purpose::Pages, $keeper, Role::from($keeper->role), $browser)[1];
        });
    }
}
