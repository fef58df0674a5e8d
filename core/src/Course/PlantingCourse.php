<?php

declare(strict_types=1);

namespace Marrow\Core\Course;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\EntryRefused;
use Marrow\Core\Journal\Payload\Noted;
use Marrow\Core\Journal\Payload\Sown;
use Marrow\Core\Journal\Sequence;

/** A planting folded from its entries. */
final class PlantingCourse
{
    public ?Sown $sown = null;

    public ?\DateTimeImmutable $sownAt = null;

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
        if ($this->sownAt === null || $this->isPicked) {
            return [];
        }
        $ripening = $this->crop->ripening;
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

    /** @throws EntryRefused */
    private function apply(Entry $entry): void
    {
        if ($entry->payload instanceof Sown) {
            if ($this->sown !== null) {
                throw EntryRefused::outOfPlace('This planting has been sown already; a second sowing is a planting of its own.');
            }
            $this->sown = $entry->payload;
            $this->sownAt = $entry->happenedAt;
        } elseif (! $entry->payload instanceof Noted) {
            throw EntryRefused::outOfPlace('An entry of this kind does not belong to a planting.');
        }
    }
}
