<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Sharing;

use Marrow\Core\Folding\Misfit;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Steps\Stock\Withdrawn;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;

/** Who has seed of a lot, and who must hear that it is crossed. */
final class SharingStrand extends Strand
{
    /** @var array<string, Gift> by the entry's id, in the order in which they were given */
    public array $gifts = [];

    /**
     * @param  ?\DateTimeImmutable  $crossedAt  when it came to light that the lot is crossed, or another of its bloom; null of one that is not
     * @param  bool  $isSure  whether the lot itself is
     */
    public function __construct(private readonly ?\DateTimeImmutable $crossedAt, public readonly bool $isSure = true) {}

    #[Takes]
    public function withdrawn(Withdrawn $withdrawn, Entry $entry): void
    {
        if ($withdrawn->purpose->isPassedOn()) {
            $this->gifts[$entry->id] = new Gift($entry->id, $entry->happenedAt, $withdrawn);
        }
    }

    #[Takes]
    public function calledBack(CalledBack $told): void
    {
        $gift = $this->gifts[$told->gift] ?? throw Misfit::at('gift', 'No seed of this lot was given away then.');
        $this->gifts[$told->gift] = $gift->calledBack();
    }

    public static function taskKinds(): string
    {
        return SharingTask::class;
    }

    public function wants(): array
    {
        if ($this->crossedAt === null) {
            return [];
        }
        $tasks = [];
        foreach ($this->toCallBack() as $gift) {
            $from = max($this->crossedAt, $gift->at);
            $tasks[] = new Task(SharingTask::CallBack, Place::Store, $from, $from, null, Loss::Season, [
                'to' => $gift->given->to,
                'given' => $gift->at->format('Y-m-d'),
                'seeds' => $gift->given->seeds,
                'grams' => $gift->given->massG,
                'sure' => (int) $this->isSure,
            ], $gift->entry);
        }

        return $tasks;
    }

    public function offers(): array
    {
        return array_map(static fn (Gift $gift): Offer => Offer::of(CalledBack::class, 4)->given('gift', $gift->entry)->calledHere("{$gift->given->to} was told"), $this->toCallBack());
    }

    /** @return list<Gift> of a lot that is crossed, whose takers have not been told; empty where nobody knows who they are */
    public function toCallBack(): array
    {
        return $this->crossedAt === null ? [] : array_values(array_filter($this->gifts, static fn (Gift $gift): bool => ! $gift->isCalledBack && $gift->given->to !== ''));
    }
}
