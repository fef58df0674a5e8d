<?php

declare(strict_types=1);

namespace App\Finding;

use App\Documents\FoundDocument;
use App\Journal\Subjects;
use Marrow\Core\Fields\PlainText;

/** Finds anything by what is known of it, from any page. */
final readonly class Finder
{
    private const NAMED = ['place', 'person'];

    /**
     * @param  Subjects<Found>  $things  what stands first
     * @param  iterable<Finds>  $sorts  of what else there is, in the order in which they are shown
     */
    public function __construct(private Subjects $things, private iterable $sorts) {}

    /** @return list<FoundDocument> */
    public function find(string $text): array
    {
        $sought = Sought::of($text);
        $named = $others = [];
        foreach ($sought->isNothing() ? [] : $this->each($sought) as $found) {
            self::isNamed($found, $sought) ? array_push($named, ...$found) : array_push($others, ...$found);
        }

        return [...$named, ...$others];
    }

    /** @return iterable<list<FoundDocument>> sort by sort */
    private function each(Sought $sought): iterable
    {
        foreach ($this->things->all() as $sort) {
            yield $sort->seek($sought);
        }
        foreach ($this->sorts as $sort) {
            yield $sort->find($sought);
        }
    }

    /**
     * Whether one of them is called what was typed by the keeper's own naming: who types the name of a box looks for the
     * box, and not for all that lies in boxes.
     *
     * @param  list<FoundDocument>  $found  of one sort
     */
    private static function isNamed(array $found, Sought $sought): bool
    {
        return array_any($found, static fn (FoundDocument $one): bool => in_array($one->kind, self::NAMED, true) && PlainText::of($one->title) === PlainText::of($sought->text));
    }
}
