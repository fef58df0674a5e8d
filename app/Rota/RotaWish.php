<?php

declare(strict_types=1);

namespace App\Rota;

use Marrow\Core\Fields\Document;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Rota\Resource;

/** What the keeper wants of the rota, beside the settings: of single lines, and of single years. */
final readonly class RotaWish
{
    private const MOST = 5000;

    /**
     * @param  array<string, LineWish>  $lines  by the variety's id
     * @param  array<int, array<string, float>>  $years  limits of single years, by resource
     */
    private function __construct(public array $lines, public array $years) {}

    public static function none(): self
    {
        return new self([], []);
    }

    /**
     * @param  array<array-key, mixed>  $given
     *
     * @throws Refused
     */
    public static function read(array $given): self
    {
        $document = new Document($given);
        $lines = $years = [];
        foreach ($document->several('lines', self::MOST) as $line) {
            $read = LineWish::read($line);
            if (! $read->isNothing()) {
                $lines[$read->line] = $read;
            }
        }
        foreach ($document->several('years', 50) as $one) {
            $values = $one->read(self::year());
            foreach (Resource::cases() as $resource) {
                if ($values->has($resource->value)) {
                    $years[$values->integer('year')][$resource->value] = $values->number($resource->value);
                }
            }
        }

        return new self($lines, $years);
    }

    /** @return array<string, mixed> as read() reads it */
    public function toArray(): array
    {
        return [
            'lines' => array_map(static fn (LineWish $line): array => $line->toArray(), array_values($this->lines)),
            'years' => array_map(static fn (int $year, array $limits): array => ['year' => $year, ...$limits], array_keys($this->years), array_values($this->years)),
        ];
    }

    public function of(string $line): LineWish
    {
        return $this->lines[$line] ?? LineWish::none($line);
    }

    /** Limits of one year. */
    public static function year(): FieldList
    {
        return FieldList::of(
            Field::integer('year', 'The year', '', 1900, 2200),
            Field::number('area_m2', 'Ground for seed', 'm²', 0, 1_000_000)->optional(),
            Field::number('hours', 'Hours for seed', 'h', 0, 10_000)->optional(),
            Field::number('cages', 'Cages and nets', '', 0, 1000)->optional(),
        );
    }
}
