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
     * @param  \Closure(Inputs): array<string, float|int|string|bool|list<float>|list<int>|null>  $reckon
     */
    public function __construct(
        public string $name,
        public string $question,
        public array $inputs,
        public array $outputs,
        public string $source,
        private \Closure $reckon,
    ) {}

    /**
     * @param  array<string, mixed>  $given  by input key; text is read as a person would type it
     * @return array<string, float|int|string|bool|list<float>|list<int>|null> by output key
     *
     * @throws InputRefused on a missing, unknown, unreadable or impossible input
     */
    public function reckon(array $given): array
    {
        $known = array_map(static fn (Input $input): string => $input->key, $this->inputs);
        foreach (array_keys($given) as $key) {
            if (! in_array($key, $known, true)) {
                throw InputRefused::unknown($key, $this->name);
            }
        }
        $values = [];
        foreach ($this->inputs as $input) {
            $value = $given[$input->key] ?? null;
            if ($value === null || $value === '') {
                if ($input->required) {
                    throw InputRefused::missing($input);
                }
                $values[$input->key] = $input->default;

                continue;
            }
            $values[$input->key] = $input->read($value);
        }
        try {
            return ($this->reckon)(new Inputs($values));
        } catch (InvalidFigure $e) {
            throw InputRefused::because($e->figure, $e->getMessage());
        }
    }
}
