<?php

declare(strict_types=1);

namespace App\Http;

use Closure;
use Illuminate\Http\Request;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Season\SearchStopped;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Throwable;

/**
 * Work that takes seconds, answered in lines of JSON: {"done": 0.4} while it goes on, then {"found": …}, or {"message": …}
 * when it failed, with "errors" where what was sent cannot be so. It ends when nobody listens any more.
 */
final class LongWork
{
    private const TYPE = 'application/x-ndjson';

    public static function isWanted(Request $request): bool
    {
        return $request->headers->get('Accept') === self::TYPE;
    }

    /** @param  Closure(Closure(float): bool): object  $work  given what it reports to: the share done, and whether to go on */
    public static function answer(Closure $work): StreamedResponse
    {
        return new StreamedResponse(static function () use ($work): void {
            ignore_user_abort(true);
            try {
                self::line(['found' => $work(static fn (float $share): bool => self::line(['done' => round($share, 2)]))]);
            } catch (SearchStopped) {
                return;
            } catch (Refused $refused) {
                self::line(['message' => $refused->getMessage(), 'errors' => (object) [$refused->path => [$refused->getMessage()]]]);
            } catch (Throwable $e) {
                report($e);
                self::line(['message' => 'Something went wrong on the server. Nothing was changed.']);
            }
        }, 200, ['Content-Type' => self::TYPE, 'Cache-Control' => 'no-store', 'X-Accel-Buffering' => 'no']);
    }

    /**
     * @param  array<string, mixed>  $what
     * @return bool whether somebody still listens
     */
    private static function line(array $what): bool
    {
        echo json_encode($what, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)."\n";
        if (ob_get_level() > 0 && ! app()->runningUnitTests()) {
            ob_flush();
        }
        flush();

        return connection_aborted() === 0;
    }
}
