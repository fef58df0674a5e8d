<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

use Marrow\Core\InvalidFigure;

/** A named computation with its inputs, outputs and source, callable from every door. */
final readonly class Reckoning
{
    /**
     * @param  string  $question  what a gardener asks when they want this
     * @param  list<Input>  $inputs
     * @param  list<Output>  $outputs
     * @param  string  $source  formula and where it comes from
     * @param  list<Alternatives>  $alternatives  of its optional inputs, those that stand for one another
     * @param  \Closure(Inputs): array<string, float|int|string|bool|list<float>|list<int>|list<string>|null>  $reckon
     */
    public function __construct(
        public string $name,
        public string $question,
        public array $inputs,
        public array $outputs,
        public string $source,
        private \Closure $reckon,
        public array $alternatives = [],
    ) {}

    /**
     * @param  array<string, mixed>  $given  by input key; text is read as a person would type it
     * @return array<string, float|int|string|bool|list<float>|list<int>|list<string>|null> by output key
     *
     * @throws InputRefused on a missing, unknown, unreadable or impossible input
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
     * @throws InputRefused
     */
    public function read(array $given): Inputs
    {
        $given = array_filter($given, static fn (mixed $value): bool => $value !== null && $value !== '');
        $known = array_map(static fn (Input $input): string => $input->key, $this->inputs);
        foreach (array_keys($given) as $key) {
            if (! in_array($key, $known, true)) {
                throw InputRefused::unknown($key, $this->name);
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
                throw InputRefused::missing($input);
            }
        }

        return new Inputs($values);
    }

    /**
     * @return array<string, float|int|string|bool|list<float>|list<int>|list<string>|null> by output key
     *
     * @throws InputRefused when the inputs do not go together
     */
    public function of(Inputs $inputs): array
    {
        try {
            return ($this->reckon)($inputs);
        } catch (InvalidFigure $e) {
            throw InputRefused::because($e->figure, $e->getMessage());
        }
    }

    /**
     * @param  list<string>  $told  keys that were given
     * @return list<string> keys that must be given
     *
     * @throws InputRefused
     */
    private function needed(array $told): array
    {
        $inWays = [];
        foreach ($this->alternatives as $alternatives) {
            array_push($inWays, ...$alternatives->taken($told)->inputs);
        }
        $needed = array_filter($this->inputs, static fn (Input $input): bool => $input->required
            || ($input->default === null && in_array($input->key, $inWays, true)));

        return array_values(array_map(static fn (Input $input): string => $input->key, $needed));
    }
}
