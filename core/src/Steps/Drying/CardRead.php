<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

use Marrow\Core\Drying\CardKind;
use Marrow\Core\Drying\IndicatorCard;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** A card in a closed jar of the seed was read: its spots are damp up to one, and dry from another on. */
final readonly class CardRead implements Checked, Payload
{
    /**
     * @param  ?int  $dampTo  per cent beside the last spot in its damp colour; null where none is
     * @param  ?int  $dryFrom  per cent beside the first spot in its dry colour; null where none is
     * @param  float  $temperatureC  °C in the jar
     */
    public function __construct(public CardKind $card, public ?int $dampTo, public ?int $dryFrom, public float $temperatureC) {}

    public static function kind(): Kind
    {
        return Kind::of('card_read', Subject::Lot, 'Card read')->act('Read a card in its jar')->also('card', 'indicator card', 'card reads')
            ->asks(
                Field::choice('card', 'The card has', CardKind::class)->called('which spots the card has')->usually(CardKind::Six->value),
                Field::integer('damp_to', 'Damp up to the spot at', '%', 1, 99)->called('the last damp spot')->also('damp to', 'damp')->optional()->hint('Left open, none is damp. What stands between the two is between its colours'),
                Field::integer('dry_from', 'Dry from the spot at', '%', 1, 99)->called('the first dry spot')->also('dry from', 'dry')->optional()->hint('Left open, none is dry'),
                Field::number('temperature_c', 'Temperature of the jar', '°C', -5, 50)->usually(20),
            )
            ->says('damp to {damp_to}', 'dry from {dry_from}', 'at {temperature_c}');
    }

    public function check(): void
    {
        if ($this->dampTo !== null && $this->dryFrom !== null && $this->dryFrom <= $this->dampTo) {
            throw Refused::at('dry_from', 'A spot of higher humidity cannot be damper than one of lower: look again, or the card is spent.');
        }
        try {
            $this->reading();
        } catch (InvalidFigure $e) {
            throw Refused::at('dry_from', $e->getMessage());
        }
    }

    /** @throws InvalidFigure where more spots are between their colours than can be */
    public function reading(): IndicatorCard
    {
        $spots = $this->card->spots();

        return IndicatorCard::of(
            array_map(static fn (int $spot): float => $spot / 100.0, $spots),
            array_map(fn (int $spot): string => match (true) {
                $this->dampTo !== null && $spot <= $this->dampTo => 'damp',
                $this->dryFrom !== null && $spot >= $this->dryFrom => 'dry',
                default => 'between',
            }, $spots),
            $this->temperatureC,
        );
    }
}
