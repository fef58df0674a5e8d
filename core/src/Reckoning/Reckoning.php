<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Fields\Values;

/** A named computation with its inputs, outputs and source, callable from every door. */
final readonly class Reckoning
{
    /**
     * @param  string  $question  what a gardener asks when they want this
     * @param  list<Field>  $inputs
     * @param  list<Output>  $outputs
     * @param  string  $source  formula and where it comes from
     * @param  list<Alternatives>  $alternatives  of its optional inputs, those that stand for one another
     * @param  string  $also  words that stand in no question of ours but that people ask with
     * @param  \Closure(Values): array<string, float|int|string|bool|list<float>|list<int>|list<string>|null>  $reckon
     */
    public function __construct(
        public string $name,
        public string $question,
        public array $inputs,
        public array $outputs,
        public string $source,
        private \Closure $reckon,
        public array $alternatives = [],
        public string $also = '',
    ) {}

    /**
     * @param  array<string, mixed>  $given  by input key; text is read as a person would type it
     * @return array<string, float|int|string|bool|list<float>|list<int>|list<string>|null> by output key
     *
     * @throws Refused on a missing, unknown, unreadable or impossible input
     */
    public function reckon(array $given): array
    {
        return $this->of($this->read($given));
    }

    /**
     * What was given, read and within its bounds, with the defaults of what was left out.
     *
     * @param  array<string, mixed>  $given  by input key
     *
     * @throws Refused
     */
    public function read(array $given): Values
    {
        $given = array_filter($given, static fn (mixed $value): bool => $value !== null && $value !== '');
        $known = array_map(static fn (Field $input): string => $input->key, $this->inputs);
        foreach (array_keys($given) as $key) {
            $key = (string) $key;
            if (! in_array($key, $known, true)) {
                throw Refused::at($key, sprintf('%s is not an input of %s.', $key, $this->name));
            }
        }
        $values = [];
        $told = [];
        foreach ($this->inputs as $input) {
            $values[$input->key] = isset($given[$input->key]) ? $input->read($given[$input->key]) : $input->default;
            // What says no more than the default says nothing about which way is meant.
            if ($values[$input->key] !== $input->default) {
                $told[] = $input->key;
            }
        }
        $needed = $this->needed($told);
        foreach ($this->inputs as $input) {
            if ($values[$input->key] === null && in_array($input->key, $needed, true)) {
                throw Refused::at($input->key, sprintf('%s is missing: %s.', $input->subject(), $input->bounds()));
            }
        }

        return new Values($values);
    }

    /**
     * @return array<string, float|int|string|bool|list<float>|list<int>|list<string>|null> by output key
     *
     * @throws Refused when the inputs do not go together
     */
    public function of(Values $inputs): array
    {
        return ($this->reckon)($inputs);
    }

    /**
     * @param  list<string>  $told  keys that were given
     * @return list<string> keys that must be given
     *
     * @throws Refused
     */
    private function needed(array $told): array
    {
        $inWays = [];
        foreach ($this->alternatives as $alternatives) {
            array_push($inWays, ...$alternatives->taken($told)->inputs);
        }
        $needed = array_filter($this->inputs, static fn (Field $input): bool => $input->required
            || ($input->default === null && in_array($input->key, $inWays, true)));

        return array_values(array_map(static fn (Field $input): string => $input->key, $needed));
    }
}
