<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\PassCookie;
use App\Keeping\Passes;
use App\Keeping\Present;
use App\Keeping\Purpose;
use App\Models\Keeper;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\IpUtils;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Throwable;

/**
 * Who asks. A garden without an owner answers the machine that it lies on, and no other; one with an owner answers whoever has
 * a pass. It comes before all else that looks into the garden, and before the demo garden beside it is chosen.
 */
final readonly class SignsIn
{
    private const HERE = ['127.0.0.0/8', '::1'];

    public function __construct(private Present $present, private Passes $passes) {}

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $this->present->nobody();
        if (! $this->isSigned()) {
            return IpUtils::checkIp((string) $request->ip(), self::HERE) ? $next($request) : throw new HttpException(403, 'This garden has no owner yet, and answers at its own machine alone.');
        }
        [$word, $purposes] = $this->shown($request);
        $pass = $word === '' ? null : $this->passes->find($word, ...$purposes);
        $keeper = $pass?->keeper_id === null ? null : Keeper::query()->find($pass->keeper_id);
        if ($pass !== null && $keeper !== null && $keeper->role !== '') {
            [$this->present->pass, $this->present->keeper] = [$pass, $keeper];
        }
        $response = $next($request);
        // A browser forgets its cookie in the end; whoever comes by keeps it.
        if ($pass?->purpose === Purpose::Pages->value && $this->present->pass === $pass && $this->passes->used($pass)) {
            $response->headers->setCookie(PassCookie::of($word, $request));
        } elseif ($pass !== null && $this->present->pass === $pass) {
            $this->passes->used($pass);
        }

        return $response;
    }

    /** A garden that cannot be read, or is of another program's form, is asked for no names: it is looked after at its own machine. */
    private function isSigned(): bool
    {
        try {
            return $this->present->isSigned();
        } catch (Throwable) {
            $this->present->isUnknown();

            return false;
        }
    }

    /** @return array{string, list<Purpose>} the word that was sent, and what it may be for */
    private function shown(Request $request): array
    {
        $bearer = (string) $request->bearerToken();
        if ($bearer !== '') {
            return [$bearer, [Purpose::Readings, Purpose::Reading, Purpose::Recording, Purpose::Calendar]];
        }
        // Who subscribes to a calendar has an address, and nothing else to say.
        $token = $request->query('token');
        if ($request->isMethod('GET') && is_string($token) && $token !== '') {
            return [$token, [Purpose::Calendar]];
        }

        return [(string) $request->cookies->get(PassCookie::name()), [Purpose::Pages]];
    }
}
