<?php

declare(strict_types=1);

namespace Marrow\Core\Lot;

/** Whether seed of a lot may be passed on, and why not where it may not: what is known of it decides, never a guess. */
enum Sharing: string
{
    case Fine = 'fine';
    /** It came with terms: somebody must read them first. */
    case Terms = 'terms';
    case Crossed = 'crossed';
    /** Another lot of the same bloom is. */
    case MayBeCrossed = 'may_be_crossed';
    /** A hybrid: what is sown from it is not what it was. */
    case Hybrid = 'hybrid';
    case Damp = 'damp';
    case Treated = 'treated';
    case Poor = 'poor';
    /** It may have fallen too low since it was tested. */
    case Stale = 'stale';
    /** Never tested, and older than its kind usually lasts. */
    case Old = 'old';
    case Untested = 'untested';
    case NotCounted = 'not_counted';
    case NoneToSpare = 'none_to_spare';
    case KeptAlive = 'kept_alive';

    public static function of(LotCourse $lot, bool $isHybrid, \DateTimeImmutable $now): self
    {
        $crop = $lot->facts->crop;
        $tested = $lot->testing->lastEnded();
        $spare = $lot->packets->spareSeeds();

        return match (true) {
            $lot->facts->crossed => self::Crossed,
            $lot->facts->sisterCrossedAt !== null => self::MayBeCrossed,
            ($lot->origin->received->terms ?? '') !== '' => self::Terms,
            $isHybrid => self::Hybrid,
            $lot->origin->received?->treated === true => self::Treated,
            $crop->isKeptAlive() => self::KeptAlive,
            $lot->treating->isWet() || $lot->storing->isShutInDamp() => self::Damp,
            $spare === null => self::NotCounted,
            $spare < 1.0 => self::NoneToSpare,
            $tested !== null && $lot->testing->cameOutBelow($crop->test->minimum) => self::Poor,
            $tested === null => self::isOld($lot, $now) ? self::Old : self::Untested,
            $lot->forecast() === null || $lot->forecast()->reachesEarliest($crop->test->minimum) <= $now => self::Stale,
            default => self::Fine,
        };
    }

    /** Whether it stands on the list: seed that nobody tested may, if that is said. */
    public function isOffered(): bool
    {
        return $this === self::Fine || $this === self::Untested;
    }

    private static function isOld(LotCourse $lot, \DateTimeImmutable $now): bool
    {
        $year = $lot->origin->year();

        return $year !== null && (int) $now->format('Y') - $year > $lot->facts->crop->ordinaryYears;
    }
}
