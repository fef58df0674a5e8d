<?php

declare(strict_types=1);

namespace Marrow\Core\Journal;

/** What can happen. The value is the word kept in the journal; it never changes. */
enum EntryKind: string
{
    case Sown = 'sown';
    case FirstBloom = 'first_bloom';
    case LastBloom = 'last_bloom';
    case OffTypesSeen = 'off_types_seen';
    case Picked = 'picked';
    case FermentStarted = 'ferment_started';
    case PouredOff = 'poured_off';
    case Rinsed = 'rinsed';
    case Threshed = 'threshed';
    case Winnowed = 'winnowed';
    case Spread = 'spread';
    case Weighed = 'weighed';
    case JarRead = 'jar_read';
    case SampleWeighed = 'sample_weighed';
    case TestStarted = 'test_started';
    case TestCounted = 'test_counted';
    case TestEnded = 'test_ended';
    case Stored = 'stored';
    case Withdrawn = 'withdrawn';
    case Noted = 'noted';
    case Struck = 'struck';

    /** @return class-string<Payload> */
    public function payload(): string
    {
        return match ($this) {
            self::Sown => Payload\Sown::class,
            self::FirstBloom => Payload\FirstBloom::class,
            self::LastBloom => Payload\LastBloom::class,
            self::OffTypesSeen => Payload\OffTypesSeen::class,
            self::Picked => Payload\Picked::class,
            self::FermentStarted => Payload\FermentStarted::class,
            self::PouredOff => Payload\PouredOff::class,
            self::Rinsed => Payload\Rinsed::class,
            self::Threshed => Payload\Threshed::class,
            self::Winnowed => Payload\Winnowed::class,
            self::Spread => Payload\Spread::class,
            self::Weighed => Payload\Weighed::class,
            self::JarRead => Payload\JarRead::class,
            self::SampleWeighed => Payload\SampleWeighed::class,
            self::TestStarted => Payload\TestStarted::class,
            self::TestCounted => Payload\TestCounted::class,
            self::TestEnded => Payload\TestEnded::class,
            self::Stored => Payload\Stored::class,
            self::Withdrawn => Payload\Withdrawn::class,
            self::Noted => Payload\Noted::class,
            self::Struck => Payload\Struck::class,
        };
    }

    /** Whether an entry of this kind belongs to a planting; all others but notes and strikes belong to a lot. */
    public function isOfPlanting(): bool
    {
        return in_array($this, [self::Sown, self::FirstBloom, self::LastBloom, self::OffTypesSeen], true);
    }

    /** Whether an entry of this kind may be kept for a planting as well as for a lot. */
    public function isOfEither(): bool
    {
        return $this === self::Noted || $this === self::Struck;
    }
}
