<?php

declare(strict_types=1);

namespace Marrow\Core\Selection;

use Marrow\Core\Botany\LineWord;
use Marrow\Core\Statistics\Interval;

/** How true a lot is by what is on record of it, in a word, with the figure where there is one, and what that rests on. */
final readonly class LineStanding
{
    /** What gets past a cage that is shut, past bags, tape and a brush, as a share of all seed: a stated assumption. */
    public const LEAKS = 0.005;

    /**
     * @param  ?float  $share  of its plants that are not of the line, 0 … 1; null when not known
     * @param  ?Interval  $band  5 and 95 % points of that
     * @param  list<array{LineReason, array<string, float|int|string>}>  $reasons  with their figures
     * @param  int  $seen  plants grown from it that were looked over
     */
    public function __construct(public LineWord $word, public ?float $share, public ?Interval $band, public array $reasons, public int $seen = 0) {}

    /** Above this the parents' share or strange pollen alone makes a line doubtful. */
    private const TOO_MUCH = 0.05;

    public static function of(LineRecord $record): self
    {
        if ($record->made !== null) {
            return new self($record->made, null, null, [[LineReason::Made, ['word' => $record->made->value]]]);
        }
        if ($record->shown) {
            return new self(LineWord::Crossed, null, null, [[LineReason::Crossing, []]]);
        }
        if ($record->onPurpose) {
            return new self(LineWord::Crossed, null, null, [[LineReason::CrossOnPurpose, []]]);
        }
        [$parents, $reasons] = self::parents($record);
        [$crossed, $how] = self::crossed($record);
        $reasons[] = $how;
        if ($record->sister !== '') {
            $reasons[] = [LineReason::SisterCrossed, ['lot' => $record->sister, 'off' => $record->sisterOff, 'seen' => $record->sisterSeen]];
        }
        $reasons[] = $record->seen === 0 ? [LineReason::NotGrownOut, []] : [LineReason::GrownOut, ['off' => $record->off, 'seen' => $record->seen, 'strays' => $record->strays]];
        // The parents' share weighs more where they were looked over: by as many plants as they were.
        $weight = min(1000.0, LineTrueness::WEIGHT + ($record->parents->seen ?? $record->parentsSeen));
        $by = static fn (?float $parents, ?float $crossed): LineTrueness => LineTrueness::of($parents, $crossed, $record->off + $record->sisterOff, $record->seen + $record->sisterSeen, null, $weight, LineTrueness::POLLEN_FACTOR, LineTrueness::MEETS);
        $true = $by($parents, $crossed);
        // What is known of one of the two is too much whatever the other was, which only adds. Many plants grown out alone can show better.
        $isWhole = ($parents === null) === ($crossed === null) || max($parents ?? 0.0, $crossed ?? 0.0) <= self::TOO_MUCH || in_array($true->word, [LineWord::Clean, LineWord::NearClean], true);
        $true = $isWhole ? $true : $by($parents ?? 0.0, $crossed ?? 0.0);

        return new self(self::word($true, $record, $parents !== null && $crossed !== null, $isWhole), $true->share, $true->band, array_values(array_filter($reasons)), $record->seen);
    }

    /** Whether something can be reckoned from it for what descends from it. */
    public function isKnown(): bool
    {
        return $this->word !== LineWord::NotKnown;
    }

    /**
     * @return array{?float, list<array{LineReason, array<string, float|int|string>}|null>} share off-type among what gave its seed
     */
    private static function parents(LineRecord $record): array
    {
        if ($record->elsewhere) {
            return [null, [[LineReason::CameFromElsewhere, []]]];
        }
        if ($record->mixed !== []) {
            $shares = array_map(static fn (self $of): ?float => $of->isKnown() ? $of->share ?? 1.0 : null, $record->mixed);

            return [in_array(null, $shares, true) ? null : max($shares), [[LineReason::Mixed, []]]];
        }
        $ownPlants = $record->parentsSeen > 0 ? self::of(new LineRecord(null, 1.0, elsewhere: true, off: $record->parentsOff, seen: $record->parentsSeen)) : null;
        [$share, $reason] = match (true) {
            $record->parents?->isKnown() === true => [$record->parents->share ?? 1.0, [LineReason::Parents, ['word' => $record->parents->word->value, 'share' => $record->parents->share ?? 1.0]]],
            // What it was sown from is nobody's lot, or nothing is known of it: its own plants tell.
            $ownPlants !== null => [$ownPlants->isKnown() ? $ownPlants->share : null, [LineReason::ParentsLookedOver, ['off' => $record->parentsOff, 'seen' => $record->parentsSeen, 'few' => (int) ! $ownPlants->isKnown()]]],
            default => [null, [LineReason::ParentsNotKnown, []]],
        };
        $pulled = $share === null || $record->takenOut === 0.0 ? null : [LineReason::TakenOut, ['share' => $record->takenOut]];

        return [$share === null ? null : $share * (1.0 - $record->takenOut), [$reason, $pulled]];
    }

    /** @return array{?float, ?array{LineReason, array<string, float|int|string>}} */
    private static function crossed(LineRecord $record): array
    {
        return match (true) {
            $record->elsewhere => [null, null],
            $record->mixed !== [] => [0.0, null],
            $record->byHand => [self::LEAKS, [LineReason::ByHand, ['share' => self::LEAKS]]],
            $record->crossed !== null => [$record->crossed, [LineReason::KeptApart, ['share' => $record->crossed]]],
            $record->selfing <= LineTrueness::SELFS_BELOW => [$record->selfing, [LineReason::Selfs, ['share' => $record->selfing]]],
            $record->beside !== null => [$record->beside, [LineReason::OwnBeside, ['share' => $record->beside, 'which' => $record->besides]]],
            default => [null, [LineReason::IsolationNotKnown, []]],
        };
    }

    /**
     * @param  bool  $isReckoned  whether its share is, from what is on record of its bloom
     * @param  bool  $isWhole  false where what is known of its parents or its bloom alone makes it doubtful
     */
    private static function word(LineTrueness $true, LineRecord $record, bool $isReckoned, bool $isWhole): LineWord
    {
        return match (true) {
            // The pollen was on this one too; what was grown of it alone can show that it passed it by.
            $record->sister !== '' && ! self::isClean($record) => LineWord::Doubtful,
            ! $isWhole => LineWord::Doubtful,
            // Nothing strange was seen, and too little looked over to say more.
            ! $isReckoned && $record->off === 0 && ($true->band->high ?? 1.0) > 0.05 => LineWord::NotKnown,
            // A single plant is a suspicion; a crossing is what plants show, or the keeper says.
            $true->word === LineWord::Crossed => LineWord::Doubtful,
            default => $true->word,
        };
    }

    private static function isClean(LineRecord $record): bool
    {
        return in_array(LineTrueness::of(null, null, $record->off, $record->seen, meets: LineTrueness::MEETS)->word, [LineWord::Clean, LineWord::NearClean], true);
    }
}
