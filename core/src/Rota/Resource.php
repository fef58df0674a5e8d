<?php

declare(strict_types=1);

namespace Marrow\Core\Rota;

/** What growings share, year by year. */
enum Resource: string
{
    case Area = 'area_m2';
    case Hours = 'hours';
    case Cages = 'cages';

    public function said(float $amount): string
    {
        $figure = rtrim(rtrim(number_format($amount, 2, '.', ','), '0'), '.');

        return match ($this) {
            self::Area => "$figure m² of ground",
            self::Hours => "$figure h of work",
            self::Cages => $figure.($amount === 1.0 ? ' cage' : ' cages'),
        };
    }
}
