<?php

declare(strict_types=1);

namespace App\Keeping;

/** What a pass is for; it opens nothing else. */
enum Purpose: string
{
    /** A browser in which somebody has signed in. */
    case Pages = 'pages';
    /** A link by which somebody comes to keep the garden, too. */
    case Invitation = 'invitation';
    /** A link by which a keeper chooses a password anew. */
    case Password = 'password';
    case Calendar = 'calendar';
    case Readings = 'readings';
    case Reading = 'reading';
    case Recording = 'recording';

    /** Those that a keeper makes for programs and devices. */
    public const TOKENS = [self::Calendar, self::Readings, self::Reading, self::Recording];

    public function label(): string
    {
        return match ($this) {
            self::Pages => 'a browser',
            self::Invitation => 'an invitation',
            self::Password => 'a new password',
            self::Calendar => 'a calendar: what is to be done, and nothing else',
            self::Readings => 'an instrument: sends readings of the air, and reads nothing',
            self::Reading => 'a program that reads',
            self::Recording => 'a program that records',
        };
    }

    /** @return list<array{key: string, label: string}> what a token may be for */
    public static function choices(): array
    {
        return array_map(static fn (self $purpose): array => ['key' => $purpose->value, 'label' => $purpose->label()], self::TOKENS);
    }

    /** As whom it acts, where it is for a program. */
    public function role(): Role
    {
        return $this === self::Recording ? Role::Helper : Role::Reader;
    }

    /** Days from when it was made, or last used; null for no end. */
    public function days(): ?int
    {
        return match ($this) {
            self::Pages => 180,
            self::Invitation => 7,
            self::Password => 1,
            default => null,
        };
    }
}
