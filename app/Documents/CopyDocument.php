<?php

declare(strict_types=1);

namespace App\Documents;

use App\Copies\Copies;
use App\Copies\Copy;
use App\Moment;
use App\Voice\Quantity;
use App\Voice\Speaking;
use OpenApi\Attributes as OA;

/** A copy of the garden that can be gone back to. */
#[OA\Schema]
final readonly class CopyDocument
{
    /**
     * @param  string  $title  when it was made
     * @param  string  $holds  how much is in it
     * @param  int|null  $lost  entries of the garden that it lacks; null when the garden itself cannot be read
     * @param  string  $loses  the same, said
     * @param  int  $revives  names in it that were forgotten since
     */
    private function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $holds,
        #[OA\Property]
        public ?int $lost,
        #[OA\Property]
        public string $loses,
        #[OA\Property]
        public int $revives,
    ) {}

    public static function of(Copy $copy, ?int $lost, int $revives): self
    {
        $name = Copies::nameOf($copy);

        return new self(
            $name,
            self::title($name),
            sprintf('%s, %s%s, %s', Quantity::number($copy->entries, 'entry', 'entries'), Quantity::number($copy->lots, 'lot'), $copy->recordedAt === '' ? '' : ', the newest recorded '.Speaking::forms()->day(Moment::read($copy->recordedAt)), Quantity::bytes($copy->bytes).($copy->photographs === 0 ? '' : sprintf(' (%s of it photographs)', Quantity::bytes($copy->photographs)))),
            $lost,
            match ($lost) {
                null => 'The garden as it stands cannot be read, so nobody can say what of it the copy lacks.',
                0 => 'It lacks nothing that the garden holds now.',
                default => sprintf('It lacks %s that the garden holds now.', Quantity::number($lost, 'entry', 'entries')),
            },
            $revives,
        );
    }

    private static function title(string $name): string
    {
        $forms = Speaking::forms();
        $day = new \DateTimeImmutable(substr($name, 0, 10));
        $hour = preg_match('/-(\d{2})(\d{2})\d{2}(-\d+)?$/', substr($name, 10), $part) === 1 ? ', '.$forms->hour($day->setTime((int) $part[1], (int) $part[2])) : '';

        return $forms->day($day).$hour.(str_contains($name, 'before') ? ', before another was put back' : '');
    }
}
