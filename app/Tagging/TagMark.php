<?php

declare(strict_types=1);

namespace App\Tagging;

use Marrow\Core\Journal\Subject;
use Ramsey\Uuid\Uuid;

/**
 * What the square mark on a tag holds: the garden's id, the thing's, and the packet's where it is one. No address and no name:
 * read by a stranger it tells nothing, and the garden may move to another machine.
 *
 * MARROW1.G(garden).L(lot) or .P(planting), and .C(container): ids as 32 hexadecimal digits in capitals, which the mark packs
 * closest.
 */
final readonly class TagMark
{
    /**
     * @param  string  $garden  UUID
     * @param  string  $id  UUID of the lot or planting
     * @param  ?string  $container  UUID of the packet
     */
    public function __construct(public string $garden, public Subject $subject, public string $id, public ?string $container = null) {}

    /** @return ?self null of what is no mark of Marrow's */
    public static function read(string $text): ?self
    {
        if (preg_match('/^MARROW1\.G([0-9A-F]{32})\.([A-Z])([0-9A-F]{32})(?:\.C([0-9A-F]{32}))?$/', trim($text), $found) !== 1) {
            return null;
        }
        $subject = array_values(array_filter(Subject::cases(), static fn (Subject $subject): bool => $subject->letter() === $found[2]))[0] ?? null;

        return $subject === null ? null : new self(self::uuid($found[1]), $subject, self::uuid($found[3]), isset($found[4]) ? self::uuid($found[4]) : null);
    }

    public function text(): string
    {
        return sprintf('MARROW1.G%s.%s%s%s', self::hex($this->garden), (string) $this->subject->letter(), self::hex($this->id), $this->container === null ? '' : '.C'.self::hex($this->container));
    }

    private static function hex(string $uuid): string
    {
        return mb_strtoupper(str_replace('-', '', $uuid));
    }

    private static function uuid(string $hex): string
    {
        return Uuid::fromBytes((string) hex2bin($hex))->toString();
    }
}
