<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Growing;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Fields\Show;
use Marrow\Core\Folding\Misfit;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;
use Marrow\Core\Year\Frosts;
use Marrow\Core\Year\LiftWindow;
use Marrow\Core\Year\SeasonShift;
use Marrow\Core\Year\SeedYear;
use Marrow\Core\Year\Warmth;

/** A planting from its sowing to its seed: when it went in, from what, its bloom, its off-types. */
final class GrowingStrand extends Strand
{
    /** So long after the last of it can have been ripe, nobody need look for it any more. */
    private const GONE_DAYS = 90;

    public ?Sown $sown = null;

    public ?\DateTimeImmutable $sownAt = null;

    public ?\DateTimeImmutable $firstBloomAt = null;

    public ?\DateTimeImmutable $lastBloomAt = null;

    /** When the first of its fruit was laid on the shelf: from then on nobody need be told to look for it. */
    public ?\DateTimeImmutable $shelvedAt = null;

    /** When it was last looked at whether it is ripe: from then on that says when to look again. */
    public ?\DateTimeImmutable $lookedAt = null;

    /** The last look for off-types. */
    public ?OffTypesSeen $offTypes = null;

    /**
     * @param  string  $variety  id
     * @param  \DateTimeImmutable|null  $pickedAt  when seed was first picked from it
     * @param  string  $pickedAs  code of that lot
     * @param  array<string, SeedLot>  $lots  those it may have been sown from, by id
     * @param  SeasonShift  $shift  how much later the garden is than the handbook's
     * @param  ?Frosts  $frosts  of the garden; null where they are not known
     * @param  bool  $isVarying  whether plants that differ are to be expected of its variety
     * @param  Warmth  $warmth  of this year against the usual
     * @param  bool  $canBloom  whether it can be looked to bloom in this garden at all
     */
    public function __construct(
        private readonly Crop $crop,
        private readonly string $variety,
        public readonly ?\DateTimeImmutable $pickedAt,
        private readonly string $pickedAs,
        private readonly array $lots,
        private readonly SeasonShift $shift,
        private readonly ?Frosts $frosts = null,
        private readonly bool $isVarying = false,
        private readonly Warmth $warmth = new Warmth([], []),
        private readonly bool $canBloom = true,
    ) {}

    #[Takes]
    public function sown(Sown $sown, Entry $entry): void
    {
        if ($this->sown !== null) {
            throw Misfit::outOfPlace('This planting has been sown already; a second sowing is a planting of its own.');
        }
        $from = $sown->lot === null ? null : $this->lots[$sown->lot] ?? throw Refused::at('lot', 'There is no such lot.');
        if ($from !== null && $from->crop !== $this->crop->key) {
            throw Refused::at('lot', sprintf('%s is %s; this planting is of another crop, so it was not sown from that.', $from->code, $from->name));
        }
        if ($this->pickedAt !== null && $this->pickedAt < $entry->happenedAt) {
            // It counts: that picking is what stands adrift then.
            $this->doubt('happened_at', sprintf(
                '%s was picked from this planting on %s, so it cannot have been sown on %s.',
                $this->pickedAs,
                $this->pickedAt->format('j F Y'),
                $entry->happenedAt->format('j F Y'),
            ));
        }
        if ($from !== null && $from->variety !== $this->variety) {
            $this->doubt('lot', sprintf('%s is of another variety, %s.', $from->code, $from->name));
        }
        $this->sown = $sown;
        $this->sownAt = $entry->happenedAt;
    }

    #[Takes]
    public function firstBloom(FirstBloom $bloom, Entry $entry): void
    {
        $this->mustBeSown();
        if ($this->firstBloomAt !== null) {
            throw Misfit::outOfPlace('Its first bloom stands in the journal already; strike that entry if it was wrong.');
        }
        $this->firstBloomAt = $entry->happenedAt;
    }

    #[Takes]
    public function lastBloom(LastBloom $bloom, Entry $entry): void
    {
        $this->mustBeSown();
        if ($this->firstBloomAt === null) {
            throw Misfit::outOfPlace('Record its first bloom before its last.');
        }
        if ($this->lastBloomAt !== null) {
            throw Misfit::outOfPlace('Its last bloom stands in the journal already; strike that entry if it was wrong.');
        }
        $this->lastBloomAt = $entry->happenedAt;
    }

    #[Takes]
    public function offTypes(OffTypesSeen $seen, Entry $entry): void
    {
        $this->mustBeSown();
        if ($this->sown !== null && $seen->seen > $this->sown->plants) {
            $this->doubt('seen', sprintf('Only %s sown.', $this->sown->plants === 1 ? '1 plant was' : Show::count((float) $this->sown->plants).' plants were'));
        }
        $this->offTypes = $seen;
    }

    public static function taskKinds(): string
    {
        return GrowingTask::class;
    }

    /** When it blooms and is ripe; null while nobody has said when it was sown, or where it is not to be looked for. */
    public function season(): ?SeedSeason
    {
        if ($this->sownAt === null || $this->isNotToBloom()) {
            return null;
        }
        $growing = $this->crop->growing;
        $lift = $this->lift();
        if ($lift !== null) {
            $year = SeedYear::of($growing, $this->sownAt->setTime(9, 0), $this->shift);
            $first = $this->firstBloomAt ?? $year->firstBloom;

            return new SeedSeason($first, $this->lastBloomAt ?? max($first, $year->lastBloom), $lift->from, $lift->to, $this->firstBloomAt !== null, $this->lastBloomAt !== null);
        }
        if ($this->firstBloomAt === null) {
            $year = SeedYear::of($growing, $this->sownAt->setTime(9, 0), $this->shift);
            [$first, $last, $from, $to] = $this->byWarmth($this->counted($year), $year->firstBloom, $year->lastBloom, $year->ripeFrom, $year->ripeTo);

            return new SeedSeason($first, $last, $from, $this->untilFrost($first, $from, $to), false, false);
        }
        $last = $this->lastBloomAt ?? $this->firstBloomAt->modify(sprintf('+%d days', $growing->bloomDays() - 1));

        return new SeedSeason(
            $this->firstBloomAt,
            $last,
            $from = $this->warmth->moved($this->firstBloomAt, $this->firstBloomAt->modify("+$growing->bloomToRipeMin days")),
            $this->untilFrost($this->firstBloomAt, $from, $this->warmth->moved($this->firstBloomAt, $last->modify("+$growing->bloomToRipeMax days"))),
            true,
            $this->lastBloomAt !== null,
        );
    }

    public function wants(): array
    {
        $ripe = $this->pickedAt !== null || $this->shelvedAt !== null || $this->lookedAt !== null ? null : $this->ripe();

        return $ripe === null ? [] : [$ripe];
    }

    /** When to look for ripe seed, by its bloom or its sowing; null while nobody has said when it was sown, or where it is not to be looked for. */
    public function ripe(): ?Task
    {
        if ($this->sownAt === null || $this->isNotToBloom()) {
            return null;
        }
        $lift = $this->lift();
        if ($lift !== null) {
            $best = $lift->from->modify(sprintf('+%d days', intdiv((int) $lift->from->diff($lift->to)->days, 2)));

            return new Task(GrowingTask::Lift, Place::Plot, $lift->from, $best, $lift->to, Loss::Season, ['cue' => $this->crop->vegetative->cue ?? $this->crop->ripening->cue, 'lies' => (int) ($this->crop->vegetative?->lies() ?? true)], lapses: $lift->to->modify(sprintf('+%d days', self::GONE_DAYS)));
        }
        if ($this->firstBloomAt !== null) {
            return $this->pickAfterBloom($this->firstBloomAt);
        }
        $year = SeedYear::of($this->crop->growing, $this->sownAt->setTime(9, 0), $this->shift);
        [$first, $from, $best, $latest] = $this->byWarmth($this->counted($year), $year->firstBloom, $year->ripeFrom, $year->ripeBest, $year->ripeTo);
        $to = $this->untilFrost($first, $from, $latest);

        return new Task(
            GrowingTask::Pick,
            Place::Plot,
            $from,
            min($best, $to),
            $to,
            Loss::Season,
            ['cue' => $this->crop->ripening->cue, ...$this->bloomFigures($this->sownAt, $year), ...self::movedFigures(min($year->ripeBest, $to), min($best, $to)), ...$this->offTypeFigures()],
            lapses: $to->modify(sprintf('+%d days', self::GONE_DAYS)),
        );
    }

    /**
     * What the days of ripe seed were reckoned from: the days since sowing, or the calendar's bloom.
     *
     * @return array<string, int|string>
     */
    private function bloomFigures(\DateTimeImmutable $sown, SeedYear $year): array
    {
        $growing = $this->crop->growing;
        $since = static fn (\DateTimeImmutable $day): int => (int) $sown->setTime(9, 0)->diff($day)->days;

        return $year->sowing->followsSowing()
            ? ['days_min' => $since($year->ripeFrom), 'days_max' => $since($this->untilFrost($year->firstBloom, $year->ripeFrom, $year->ripeTo))]
            : ['days_min' => $growing->bloomToRipeMin, 'days_max' => $growing->bloomToRipeMax, 'from' => 'calendar', 'bloom' => $year->firstBloom->format('Y-m-d')];
    }

    public function offers(): array
    {
        if ($this->sownAt === null) {
            return [Offer::of(Sown::class, 10)];
        }

        return [
            ...($this->firstBloomAt === null ? [Offer::of(FirstBloom::class, 20)] : []),
            ...($this->firstBloomAt !== null && $this->lastBloomAt === null ? [Offer::of(LastBloom::class, 20)] : []),
            Offer::of(OffTypesSeen::class, 30),
        ];
    }

    /** What was seen in bloom can, whatever is known of the garden; of what is kept alive nobody waits for it. */
    public function isNotToBloom(): bool
    {
        return ! $this->canBloom && $this->firstBloomAt === null && $this->lift() === null;
    }

    /** When what is kept alive of it is lifted; null of what is kept by its seed, and while nobody has said when it was planted. */
    private function lift(): ?LiftWindow
    {
        $kept = $this->crop->isKeptAlive() ? $this->crop->vegetative : null;

        return $kept === null || $this->sownAt === null ? null : LiftWindow::after($kept, $this->sownAt->setTime(9, 0), $this->shift);
    }

    /** What was seen of its bloom tells better when seed is ripe than the day of sowing does. */
    private function pickAfterBloom(\DateTimeImmutable $first): Task
    {
        $growing = $this->crop->growing;
        $morning = $first->setTime(9, 0);
        $last = ($this->lastBloomAt ?? $first->modify(sprintf('+%d days', $growing->bloomDays())))->setTime(9, 0);

        $usual = $morning->modify(sprintf('+%d days', $growing->ripeDays()));
        [$from, $best, $latest] = $this->byWarmth($morning, $morning->modify("+$growing->bloomToRipeMin days"), $usual, $last->modify("+$growing->bloomToRipeMax days"));
        $to = $this->untilFrost($morning, $from, $latest);

        return new Task(
            GrowingTask::Pick,
            Place::Plot,
            $from,
            min($best, $to),
            $to,
            Loss::Season,
            ['cue' => $this->crop->ripening->cue, 'days_min' => $growing->bloomToRipeMin, 'days_max' => $growing->bloomToRipeMax, 'from' => 'bloom', ...self::movedFigures(min($usual, $to), min($best, $to)), ...$this->offTypeFigures()],
            lapses: $to->modify(sprintf('+%d days', self::GONE_DAYS)),
        );
    }

    /** From when its warmth counts: the sowing, or of what blooms by the calendar the first of March of that year. */
    private function counted(SeedYear $year): \DateTimeImmutable
    {
        $sown = ($this->sownAt ?? $year->firstBloom)->setTime(9, 0);

        return $year->sowing->followsSowing() ? $sown : max($sown, $this->shift->turn->here($this->shift->turn->inBook($year->firstBloom)->modify('first day of march')->setTime(9, 0)));
    }

    /** @return list<\DateTimeImmutable> when each comes in a year as warm as this one */
    private function byWarmth(\DateTimeImmutable $from, \DateTimeImmutable ...$days): array
    {
        return array_values(array_map(fn (\DateTimeImmutable $day): \DateTimeImmutable => $this->warmth->moved($from, $day), $days));
    }

    /** @return array<string, int> days by which this year's warmth has moved it; fewer than none for earlier */
    private static function movedFigures(\DateTimeImmutable $usual, \DateTimeImmutable $moved): array
    {
        $days = (int) $usual->diff($moved)->format('%r%a');

        return $days === 0 ? [] : ['moved' => $days];
    }

    /** The first frost after a bloom of what bears none; null where it bears frost, or nobody knows when it comes. */
    public function frostAfter(\DateTimeImmutable $bloom): ?\DateTimeImmutable
    {
        return $this->crop->growing->frostTender ? $this->frosts?->firstAfter($bloom->setTime(9, 0)) : null;
    }

    /** What bears no frost ripens until it comes, and no longer. */
    private function untilFrost(\DateTimeImmutable $bloom, \DateTimeImmutable $from, \DateTimeImmutable $to): \DateTimeImmutable
    {
        $frost = $this->frostAfter($bloom);

        return $frost === null || $to <= $frost ? $to : max($from, $frost);
    }

    /** @return array<string, int> */
    private function offTypeFigures(): array
    {
        return $this->isVarying || $this->offTypes === null || $this->offTypes->off === 0 ? [] : ['off' => $this->offTypes->off, 'seen' => $this->offTypes->seen];
    }

    /** @throws Misfit */
    private function mustBeSown(): void
    {
        if ($this->sownAt === null) {
            throw Misfit::at('happened_at', 'By what is recorded it had not been sown yet.');
        }
    }
}
