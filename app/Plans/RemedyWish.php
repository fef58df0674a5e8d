<?php

declare(strict_types=1);

namespace App\Plans;

use DateTimeImmutable;
use DateTimeZone;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Fields\Values;
use Marrow\Core\Season\RemedyPreferences;
use Marrow\Core\Season\SeasonPlan;

/** What the keeper is ready to do about crossing. */
final readonly class RemedyWish
{
    private function __construct(private Values $given) {}

    public static function fields(): FieldList
    {
        return FieldList::of(
            Field::integer('shift_days', 'The shift of sowing', 'days', 0, RemedyPreferences::MOST_SHIFT),
            Field::flag('move', 'Move plantings'),
            Field::flag('cage', 'Put up cages'),
            Field::flag('alternate', 'Open cages in turn'),
            Field::flag('bag', 'Bag flowers'),
            Field::flag('leave_out', 'Leave plantings out'),
        );
    }

    /**
     * @param  array<string, mixed>  $asked
     *
     * @throws Refused
     */
    public static function of(array $asked): self
    {
        return new self(self::fields()->read($asked));
    }

    /** @return array<string, mixed> as it can be asked again */
    public function asked(): array
    {
        return $this->given->all();
    }

    public function preferences(SeasonPlan $plan, DateTimeImmutable $now): RemedyPreferences
    {
        return new RemedyPreferences(
            new DateTimeImmutable($now->format('Y-m-d'), new DateTimeZone('UTC')),
            $this->given->integer('shift_days'),
            $this->given->flag('move'),
            $this->given->flag('cage'),
            $this->given->flag('alternate'),
            $this->given->flag('bag'),
            $this->given->flag('leave_out'),
            Waiting::of($plan)->losses,
        );
    }
}
