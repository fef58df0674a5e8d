<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Keeping\Present;
use App\Keeping\Purpose;
use App\Keeping\Role;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** Whom a route answers: each names the least role, or that anyone may ask, and which tokens of programs open it besides. */
final readonly class Needs
{
    /** Also of strangers: the way in, and nothing of the garden. */
    public const ANYONE = 'anyone';

    private const SOMEBODY = 'somebody';

    public function __construct(private Present $present) {}

    /** As it stands in the routes. */
    public static function least(Role $role, Purpose ...$tokens): string
    {
        return self::class.':'.implode(',', [$role->value, ...array_map(static fn (Purpose $purpose): string => $purpose->value, $tokens)]);
    }

    /** Of the keepers themselves: no token of a program opens it. */
    public static function somebody(Role $role): string
    {
        return self::class.":$role->value,".self::SOMEBODY;
    }

    public static function nothing(): string
    {
        return self::class.':'.self::ANYONE;
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next, string $need, string ...$tokens): Response
    {
        if ($need === self::ANYONE) {
            return $next($request);
        }
        $role = Role::from($need);
        if ($this->present->role() === null) {
            throw new HttpException(401, 'Sign in first.');
        }
        $purpose = $this->present->pass === null ? Purpose::Pages : Purpose::from($this->present->pass->purpose);
        $isOpen = match (true) {
            $purpose === Purpose::Pages => true,
            in_array(self::SOMEBODY, $tokens, true) => false,
            $purpose === Purpose::Reading => $role === Role::Reader && $request->isMethodSafe(),
            $purpose === Purpose::Recording => in_array($role, [Role::Reader, Role::Helper], true),
            default => in_array($purpose->value, $tokens, true),
        };
        throw_unless($isOpen, new HttpException(403, "This token is for {$purpose->label()}."));
        // What a token opens by name it opens as long as whoever made it may do that.
        $isEnough = in_array($purpose->value, $tokens, true) ? $this->present->own()?->may($role) === true : $this->present->may($role);

        return $isEnough ? $next($request) : throw new HttpException(403, $role->wanted());
    }
}
