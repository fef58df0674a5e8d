<?php

declare(strict_types=1);

namespace App\Garden;

use Marrow\Core\Fields\Refused;

/**
 * A photograph as it is kept: what is needed to draw it, and nothing that the camera wrote beside it: no position, no hour, no name, no smaller picture.
 * It was made small where it was taken; here that is held.
 */
final readonly class PlainJpeg
{
    public const MOST_BYTES = 200_000;

    /** px of a side. */
    private const MOST_PIXELS = 4_000;

    /** Segments that draw: tables, frames, scans, and how often it begins anew. All others are words about the picture. */
    private const DRAW = [0xC0, 0xC1, 0xC2, 0xC4, 0xDA, 0xDB, 0xDD];

    private function __construct(public string $bytes) {}

    /** @throws Refused of what is no photograph, or too large */
    public static function of(string $bytes): self
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw Refused::at('jpeg', sprintf('The photograph is %d kB; at most %d kB are kept.', intdiv(strlen($bytes), 1000), intdiv(self::MOST_BYTES, 1000)));
        }
        if (! str_starts_with($bytes, "\xFF\xD8\xFF")) {
            throw self::unreadable();
        }
        $plain = "\xFF\xD8";
        $isFramed = $isScanned = false;
        for ($at = 2; ;) {
            if ($at + 4 > strlen($bytes) || $bytes[$at] !== "\xFF") {
                throw self::unreadable();
            }
            $marker = ord($bytes[$at + 1]);
            if ($marker === 0xD9) {
                break;
            }
            $length = self::word($bytes, $at + 2);
            if ($length < 2 || $at + 2 + $length > strlen($bytes)) {
                throw self::unreadable();
            }
            if (in_array($marker, [0xC0, 0xC1, 0xC2], true)) {
                $isFramed = true;
                self::mustBeSmall($bytes, $at, $length);
            }
            $end = $at + 2 + $length;
            if ($marker === 0xDA) {
                $isScanned = true;
                $end = self::endOfScan($bytes, $end);
            }
            if (in_array($marker, self::DRAW, true)) {
                $plain .= substr($bytes, $at, $end - $at);
            }
            $at = $end;
            if ($at + 2 <= strlen($bytes) && substr($bytes, $at, 2) === "\xFF\xD9") {
                break;
            }
        }

        return $isFramed && $isScanned ? new self("$plain\xFF\xD9") : throw self::unreadable();
    }

    /** What is drawn runs on until a marker that is neither a stuffed byte nor a beginning anew. */
    private static function endOfScan(string $bytes, int $at): int
    {
        $most = strlen($bytes) - 1;
        while ($at < $most) {
            $next = strpos($bytes, "\xFF", $at);
            if ($next === false || $next >= $most) {
                break;
            }
            $marker = ord($bytes[$next + 1]);
            if ($marker !== 0x00 && ($marker < 0xD0 || $marker > 0xD7)) {
                return $next;
            }
            $at = $next + 2;
        }

        throw self::unreadable();
    }

    private static function mustBeSmall(string $bytes, int $at, int $length): void
    {
        if ($length < 8) {
            throw self::unreadable();
        }
        [$height, $width] = [self::word($bytes, $at + 5), self::word($bytes, $at + 7)];
        if (min($height, $width) < 1 || max($height, $width) > self::MOST_PIXELS) {
            throw Refused::at('jpeg', sprintf('The photograph is %d by %d pixels; at most %d a side are kept.', $width, $height, self::MOST_PIXELS));
        }
    }

    private static function word(string $bytes, int $at): int
    {
        return (ord($bytes[$at] ?? '') << 8) + ord($bytes[$at + 1] ?? '');
    }

    private static function unreadable(): Refused
    {
        return Refused::at('jpeg', 'This is no photograph that can be read.');
    }
}
