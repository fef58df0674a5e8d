<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** A question that tells look-alikes apart: each answer leads to a crop, or to the next question. */
final readonly class WhichQuestion
{
    /** @param  non-empty-list<array{say: string, to: string|self}>  $answers  `to` is the key of a crop, or another question */
    private function __construct(public string $ask, public array $answers) {}

    /**
     * @param  array<array-key, mixed>  $data  decoded, as core/data/which.json has it
     *
     * @throws UnsoundCrop naming what is missing
     */
    public static function read(string $key, array $data): self
    {
        $ask = $data['ask'] ?? null;
        $given = is_array($data['answers'] ?? null) ? $data['answers'] : [];
        $answers = [];
        foreach ($given as $i => $answer) {
            $say = is_array($answer) ? $answer['say'] ?? null : null;
            $to = match (true) {
                is_array($answer) && is_string($answer['crop'] ?? null) => $answer['crop'],
                is_array($answer) && is_array($answer['then'] ?? null) => self::read($key, $answer['then']),
                default => throw UnsoundCrop::of($key, "answers.$i", 'it leads to no crop and to no question'),
            };
            $answers[] = ['say' => is_string($say) ? $say : throw UnsoundCrop::of($key, "answers.$i", 'a text is missing'), 'to' => $to];
        }
        if (! is_string($ask) || count($answers) < 2) {
            throw UnsoundCrop::of($key, 'ask', 'a question with two answers at the least is needed');
        }

        return new self($ask, $answers);
    }

    /** @return list<string> keys of the crops that it leads to */
    public function crops(): array
    {
        $crops = [];
        foreach ($this->answers as ['to' => $to]) {
            array_push($crops, ...($to instanceof self ? $to->crops() : [$to]));
        }

        return $crops;
    }

    /** How many questions are asked at the most. */
    public function depth(): int
    {
        return 1 + max(array_map(static fn (array $answer): int => $answer['to'] instanceof self ? $answer['to']->depth() : 0, $this->answers));
    }
}
