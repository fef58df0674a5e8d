<?php

declare(strict_types=1);

namespace App\Http;

use App\Journal\Begins;
use App\Journal\Draft;
use Illuminate\Validation\ValidationException;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Things\Registered;
use Ramsey\Uuid\Uuid;

/** Reads drafts as they are sent. */
final class Drafts
{
    public const MOST = 500;

    /**
     * @param  ?string  $act  of which all of them are
     * @return list<Draft>
     *
     * @throws ValidationException
     */
    public static function read(mixed $sent, ?string $act = null): array
    {
        if (! is_array($sent) || ! array_is_list($sent) || $sent === [] || count($sent) > self::MOST) {
            throw ValidationException::withMessages(['drafts' => sprintf('Send from one draft to %d of them.', self::MOST)]);
        }

        return array_map(static fn (mixed $one, int $i): Draft => self::one(is_array($one) ? $one : [], $i, $act), $sent, array_keys($sent));
    }

    /**
     * @param  array<array-key, mixed>  $sent
     *
     * @throws ValidationException
     */
    private static function one(array $sent, int $i, ?string $act): Draft
    {
        $about = is_array($sent['about'] ?? null) ? $sent['about'] : [];
        $begins = is_array($sent['begins'] ?? null) ? $sent['begins'] : null;
        $kind = self::text($sent, 'kind');
        $fields = Registered::kinds()->named($kind)?->fields;
        $payload = is_array($sent['payload'] ?? null) ? $sent['payload'] : [];

        return new Draft(
            self::id($sent, 'id', "drafts.$i.id"),
            Subject::tryFrom(self::text($about, 'subject')) ?? throw ValidationException::withMessages(["drafts.$i.about.subject" => 'Say whether it is of a lot or a planting.']),
            self::id($about, 'id', "drafts.$i.about.id"),
            $kind,
            self::text($sent, 'happened_at'),
            $fields === null ? $payload : Input::inCoreUnits($fields, $payload),
            $begins === null ? null : new Begins(self::idOrNull($begins, 'variety'), self::idOrNull($begins, 'planting'), self::text($begins, 'spot'), self::idOrNull($begins, 'lot')),
            mb_substr(self::text($sent, 'by'), 0, 60),
            ($sent['even_so'] ?? false) === true,
            ($sent['late'] ?? false) === true,
            self::idOrNull($sent, 'replaces'),
            $act,
        );
    }

    /**
     * @param  array<array-key, mixed>  $sent
     *
     * @throws ValidationException
     */
    private static function id(array $sent, string $key, string $path): string
    {
        $id = mb_strtolower(self::text($sent, $key));

        return Uuid::isValid($id) && $id !== Uuid::NIL ? $id : throw ValidationException::withMessages([$path => 'An id is a UUID, made by whoever records.']);
    }

    /** @param  array<array-key, mixed>  $sent */
    private static function idOrNull(array $sent, string $key): ?string
    {
        $id = mb_strtolower(self::text($sent, $key));

        return $id === '' ? null : $id;
    }

    /** @param  array<array-key, mixed>  $sent */
    private static function text(array $sent, string $key): string
    {
        return is_string($sent[$key] ?? null) ? trim($sent[$key]) : '';
    }
}
