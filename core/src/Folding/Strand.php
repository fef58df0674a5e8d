<?php

declare(strict_types=1);

namespace Marrow\Core\Folding;

use Marrow\Core\Journal\Payload;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Task;
use Marrow\Core\Work\TaskKind;

/**
 * One step of the work as the journal tells it: it takes the entries of its kinds, knows what follows from them, what is
 * wanted next, and what can be recorded. Methods that take entries are marked with Takes. Such a method throws Misfit
 * when the entry does not fit, before anything is changed; and says doubt() when it counts but wants a second look.
 */
abstract class Strand
{
    /** @var array<class-string, list<array{class-string<Payload>, ?string, string}>> by strand */
    private static array $known = [];

    /** @var list<Doubt> */
    private array $doubts = [];

    /** @return list<Task> */
    public function wants(): array
    {
        return [];
    }

    /** @return list<Offer> */
    public function offers(): array
    {
        return [];
    }

    /** @return class-string<TaskKind>|null the enum of what it may want done */
    public static function taskKinds(): ?string
    {
        return null;
    }

    protected function doubt(string $field, string $message): void
    {
        $this->doubts[] = new Doubt($field, $message);
    }

    /**
     * What was doubted since the last call.
     *
     * @return list<Doubt>
     */
    final public function takeDoubts(): array
    {
        [$doubts, $this->doubts] = [$this->doubts, []];

        return $doubts;
    }

    /**
     * Which of its methods take which kinds.
     *
     * @return list<array{class-string<Payload>, ?string, string}> payload, field by which it refers to this, method
     */
    final public static function takes(): array
    {
        return self::$known[static::class] ??= self::found();
    }

    /** @return list<array{class-string<Payload>, ?string, string}> */
    private static function found(): array
    {
        $takes = [];
        foreach ((new \ReflectionClass(static::class))->getMethods(\ReflectionMethod::IS_PUBLIC) as $method) {
            foreach ($method->getAttributes(Takes::class) as $attribute) {
                $type = $method->getParameters()[0]->getType();
                // Not looked at as a class, which would load it: most pages have to do with few of all the kinds there are.
                /** @var class-string<Payload> $payload */
                $payload = $type instanceof \ReflectionNamedType ? $type->getName() : throw new \LogicException(static::class."::$method->name takes no payload.");
                $takes[] = [$payload, $attribute->newInstance()->as, $method->name];
            }
        }

        return $takes;
    }
}
