<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

use Marrow\Core\Fields\Choice;

/**
 * What is put into a jar to dry what stands in it, and how much water a gram of it holds. Silica gel rises about linearly to 0.30 g/g
 * at 60 % RH. Clay: a standard unit of some 33 g takes 3 g at 20 % and 6 g at 40 % (MIL-D-3464). Rice baked dry: by the balance of
 * milled grain, an assumption. Salt takes up nothing in air below 75 %.
 */
enum DesiccantKind: string implements Choice
{
    case Gel = 'gel';
    case Clay = 'clay';
    case Rice = 'rice';
    case Salt = 'salt';

    public function label(): string
    {
        return match ($this) {
            self::Gel => 'silica gel',
            self::Clay => 'clay',
            self::Rice => 'rice',
            self::Salt => 'salt',
        };
    }

    /**
     * What a gram of it holds in air of that humidity, once it has had its time.
     *
     * @param  float  $rh  share, 0 … 1
     * @return float g/g of dry mass
     */
    public function holds(float $rh): float
    {
        [$from, $holds] = [0.0, 0.0];
        foreach ($this->table() as [$to, $then]) {
            if ($rh <= $to) {
                return $holds + ($then - $holds) * ($rh - $from) / ($to - $from);
            }
            [$from, $holds] = [$to, $then];
        }

        return $holds;
    }

    /** @return list<array{float, float}> share of RH, and what it holds there, g/g; in proportion between them, the same above the last */
    private function table(): array
    {
        return match ($this) {
            self::Gel => [[0.60, 0.30]],
            self::Clay => [[0.20, 0.09], [0.40, 0.18], [0.60, 0.22]],
            self::Rice => [[0.20, 0.04], [0.40, 0.07], [0.60, 0.10]],
            self::Salt => [[0.75, 0.0]],
        };
    }
}
