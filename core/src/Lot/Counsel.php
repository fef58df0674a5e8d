<?php

declare(strict_types=1);

namespace Marrow\Core\Lot;

use Marrow\Core\Journal\Payload;
use Marrow\Core\Steps\Drying\Spread;
use Marrow\Core\Steps\Testing\TestStarted;

/** What the seed of a lot is good for, all told. */
enum Counsel: string
{
    /** Off-types of what was grown from it show it to be crossed. */
    case NotForSeed = 'not_for_seed';

    /** A kind that dies when it dries. */
    case SowFresh = 'sow_fresh';

    /** No seed but a tuber, a clove: kept alive until it is planted. */
    case PlantAlive = 'plant_alive';

    /** What did not come up in a test of fresh seed may be asleep. */
    case MaySleep = 'may_sleep';

    /** Wet from a bath, shut in damp, or too damp to keep. */
    case DryFirst = 'dry_first';

    /** A test is running; what it will say is open. */
    case AwaitTest = 'await_test';

    /** The last test was below what is relied on. */
    case DoNotRely = 'do_not_rely';

    /** It may have fallen too low since anybody looked. */
    case TestFirst = 'test_first';

    /** It came from elsewhere and was never tested here: nobody knows what it went through. */
    case PastUnknown = 'past_unknown';

    /** It has lain hotter since it was tested than anybody has measured how long seed lives. */
    case KeptTooHot = 'kept_too_hot';

    case SowThicker = 'sow_thicker';
    case SowAsUsual = 'sow_as_usual';

    /** Never tested, and not so old that it need worry anybody. */
    case Untested = 'untested';

    /** @return ?class-string<Payload> what it asks to be done and recorded */
    public function asks(): ?string
    {
        return match ($this) {
            self::TestFirst, self::PastUnknown, self::MaySleep, self::KeptTooHot => TestStarted::class,
            self::DryFirst => Spread::class,
            default => null,
        };
    }
}
