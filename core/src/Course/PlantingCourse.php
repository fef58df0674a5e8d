<?php

declare(strict_types=1);

namespace Marrow\Core\Course;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\EntryRefused;
use Marrow\Core\Journal\Payload\FirstBloom;
use Marrow\Core\Journal\Payload\LastBloom;
use Marrow\Core\Journal\Payload\Noted;
use Marrow\Core\Journal\Payload\OffTypesSeen;
use Marrow\Core\Journal\Payload\Sown;
use Marrow\Core\Journal\Sequence;

/** A planting folded from its entries. */
final class PlantingCourse
{
    private const SPOILT = 0.2;

    public ?Sown $sown = null;

    public ?\DateTimeImmutable $sownAt = null;

    public ?\DateTimeImmutable $firstBloomAt = null;

    public ?\DateTimeImmutable $lastBloomAt = null;

    /** The last look for off-types. */
    public ?OffTypesSeen $offTypes = null;

    /** @var array<string, EntryRefused> */
    public array $adrift = [];

    private function __construct(private readonly Crop $crop, public readonly bool $isPicked) {}

    /**
     * @param  list<Entry>  $entries
     * @param  bool  $isPicked  whether a lot has been picked from it
     */
    public static function fold(Crop $crop, array $entries, bool $isPicked): self
    {
        $planting = new self($crop, $isPicked);
        foreach (Sequence::of($entries)->standing as $entry) {
            try {
                $planting->apply($entry);
            } catch (EntryRefused $refused) {
                $planting->adrift[$entry->id] = $refused;
            }
        }

        return $planting;
    }

    /** @return list<Task> */
    public function tasks(): array
    {
        if ($this->sownAt === null || $this->isPicked || $this->isSpoilt()) {
            return [];
        }
        $ripening = $this->crop->ripening;
        if ($this->firstBloomAt !== null) {
            return [$this->pickAfterBloom($this->firstBloomAt)];
        }
        $day = fn (int $days): \DateTimeImmutable => $this->sownAt->setTime(9, 0)->modify("+$days days");

        return [new Task(
            TaskKind::Pick,
            Place::Plot,
            $day($ripening->daysMin),
            $day(intdiv($ripening->daysMin + $ripening->daysMax, 2)),
            $day($ripening->daysMax),
            true,
            ['cue' => $ripening->cue, 'days_min' => $ripening->daysMin, 'days_max' => $ripening->daysMax],
        )];
    }

    /** Where a fifth or more of the plants are off-type, the planting is no source of seed. */
    private function isSpoilt(): bool
    {
        return $this->offTypes !== null && $this->offTypes->off >= self::SPOILT * $this->offTypes->seen;
    }

    /** What was seen of its bloom tells better when seed is ripe than the day of sowing does. */
    private function pickAfterBloom(\DateTimeImmutable $first): Task
    {
        $growing = $this->crop->growing;
        $morning = $first->setTime(9, 0);
        $last = ($this->lastBloomAt ?? $first->modify(sprintf('+%d days', intdiv($growing->bloomMin + $growing->bloomMax, 2))))->setTime(9, 0);

        return new Task(
            TaskKind::Pick,
            Place::Plot,
            $morning->modify("+$growing->bloomToRipeMin days"),
            $morning->modify(sprintf('+%d days', intdiv($growing->bloomToRipeMin + $growing->bloomToRipeMax, 2))),
            $last->modify("+$growing->bloomToRipeMax days"),
            true,
            ['cue' => $this->crop->ripening->cue, 'days_min' => $growing->bloomToRipeMin, 'days_max' => $growing->bloomToRipeMax, 'from' => 'bloom'],
        );
    }

    /** @throws EntryRefused */
    private function apply(Entry $entry): void
    {
        if ($entry->payload instanceof Sown) {
            if ($this->sown !== null) {
                throw EntryRefused::outOfPlace('This planting has been sown already; a second sowing is a planting of its own.');
            }
            $this->sown = $entry->payload;
            $this->sownAt = $entry->happenedAt;
        } elseif ($entry->payload instanceof FirstBloom || $entry->payload instanceof LastBloom) {
            $this->bloom($entry);
        } elseif ($entry->payload instanceof OffTypesSeen) {
            $this->offTypes = $entry->payload;
        } elseif (! $entry->payload instanceof Noted) {
            throw EntryRefused::outOfPlace('An entry of this kind does not belong to a planting.');
        }
    }

    /** @throws EntryRefused */
    private function bloom(Entry $entry): void
    {
        if ($this->sownAt === null) {
            throw EntryRefused::at('happened_at', 'It cannot bloom before it is sown.');
        }
        if ($entry->payload instanceof FirstBloom) {
            if ($this->firstBloomAt !== null) {
                throw EntryRefused::outOfPlace('Its first bloom stands in the journal already; strike that entry if it was wrong.');
            }
            $this->firstBloomAt = $entry->happenedAt;

            return;
        }
        if ($this->firstBloomAt === null) {
            throw EntryRefused::outOfPlace('Record its first bloom before its last.');
        }
        if ($this->lastBloomAt !== null) {
            throw EntryRefused::outOfPlace('Its last bloom stands in the journal already; strike that entry if it was wrong.');
        }
        $this->lastBloomAt = $entry->happenedAt;
    }
}
