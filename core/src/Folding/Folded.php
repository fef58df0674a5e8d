<?php

declare(strict_types=1);

namespace Marrow\Core\Folding;

use Marrow\Core\Fields\Refused;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;

/**
 * Everything that is known of one thing: its strands, folded from its entries by one Course. A sort of thing is a class of
 * these; the strands it has are its properties, in the order of the work, and are listed nowhere else.
 */
abstract class Folded
{
    /** @var array<class-string<self>, array<string, class-string<Strand>>> by property, of each sort of thing */
    private static array $made = [];

    protected Course $course;

    /** Where its work is done. */
    abstract public function place(): Place;

    /** @return list<class-string<Strand>> what it is made of, in the order of the work */
    final public static function strandClasses(): array
    {
        return array_values(self::made());
    }

    /** @return array<string, Refused> why an entry is left out, by its id */
    final public function adrift(): array
    {
        return $this->course->adrift;
    }

    /** When the first entry happened that is left out. */
    final public function adriftAt(): ?\DateTimeImmutable
    {
        return $this->course->adriftAt;
    }

    /** @return array<string, list<Doubt>> what is doubtful of entries that count, by their ids */
    final public function doubts(): array
    {
        return $this->course->doubts;
    }

    /** @return array<string, string> id of the entry that stands, by the id of one that says the same */
    final public function agrees(): array
    {
        return $this->course->agrees;
    }

    /** @return list<string> every text that was typed into its entries */
    final public function texts(): array
    {
        return $this->course->texts;
    }

    final public function lastAt(): ?\DateTimeImmutable
    {
        return $this->course->lastAt;
    }

    /** @return list<Task> what its work asks for */
    final public function tasks(): array
    {
        return $this->leaves($this->course->wants());
    }

    /** @return list<Task> what is to be done: entries that do not fit together want a decision first */
    final public function due(): array
    {
        return [...$this->leaves($this->settling()), ...$this->tasks()];
    }

    /** @return list<Offer> what can be recorded of it, the likeliest first */
    public function offers(): array
    {
        return $this->course->offers();
    }

    /**
     * @param  list<Task>  $tasks
     * @return list<Task> what is left of them once what was put off is
     */
    abstract protected function leaves(array $tasks): array;

    /** @return list<Strand> in the order of the work */
    final protected function strands(): array
    {
        $own = get_object_vars($this);
        $strands = [];
        foreach (array_keys(self::made()) as $name) {
            $strand = $own[$name] ?? null;
            $strands[] = $strand instanceof Strand ? $strand : throw new \LogicException(static::class."::\$$name is not to be seen from here: a strand is public or protected.");
        }

        return $strands;
    }

    /** @return list<Task> */
    private function settling(): array
    {
        $at = $this->adriftAt();

        return $at === null ? [] : [new Task(Settle::Settle, $this->place(), $at, $at, null, Loss::Nothing, ['entries' => count($this->adrift())], (string) array_key_first($this->adrift()))];
    }

    /** @return array<string, class-string<Strand>> by property */
    private static function made(): array
    {
        if (! isset(self::$made[static::class])) {
            $made = [];
            foreach ((new \ReflectionClass(static::class))->getProperties() as $property) {
                $type = $property->getType();
                if ($type instanceof \ReflectionNamedType && is_subclass_of($type->getName(), Strand::class)) {
                    $made[$property->getName()] = $type->getName();
                }
            }
            self::$made[static::class] = $made;
        }

        return self::$made[static::class];
    }
}
