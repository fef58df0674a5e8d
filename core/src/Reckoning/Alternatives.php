<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

use Marrow\Core\Fields\Refused;

/** Something that a reckoning can be told in one of several ways: a share, say, or the counts of a test. */
final readonly class Alternatives
{
    /**
     * @param  string  $label  what the choice is about
     * @param  non-empty-list<Way>  $ways  the usual one first
     */
    public function __construct(public string $label, public array $ways) {}

    /**
     * The way that was taken, going by what was given.
     *
     * @param  list<string>  $given  keys of all inputs given
     *
     * @throws Refused when ways are mixed, or none is taken
     */
    public function taken(array $given): Way
    {
        $ours = array_values(array_intersect($given, array_merge(...array_map(static fn (Way $way): array => $way->inputs, $this->ways))));
        foreach ($this->ways as $way) {
            if (($ours !== [] || $way->inputs === []) && array_diff($ours, $way->inputs) === []) {
                return $way;
            }
        }
        $first = $ours[0] ?? $this->ways[0]->inputs[0] ?? '';

        throw Refused::at($first, 'Give either '.$this->describe().'.');
    }

    /** The ways by their keys, for help and messages. */
    public function describe(): string
    {
        return implode(', or ', array_map(
            static fn (Way $way): string => $way->inputs === [] ? 'none of these' : implode(' and ', array_filter([
                implode(', ', array_slice($way->inputs, 0, -1)),
                $way->inputs[count($way->inputs) - 1],
            ])),
            $this->ways,
        ));
    }
}
