<?php

declare(strict_types=1);

namespace Marrow\Core\Statistics;

use Marrow\Core\Fields\InvalidFigure;

/** The standard normal distribution and its inverse, the probit. */
final class Normal
{
    /** Share of the distribution below z; relative error below 1e-12 in the lower tail too. */
    public static function below(float $z): float
    {
        $tail = 0.5 * Gamma::upper(0.5, $z * $z / 2.0);

        return $z < 0.0 ? $tail : 1.0 - $tail;
    }

    /**
     * The z below which a share p of the distribution lies. Wichura 1988, algorithm AS 241 (PPND16), about 1e-16.
     *
     * @throws InvalidFigure when p is not strictly between 0 and 1
     */
    public static function probit(float $p): float
    {
        if (! ($p > 0.0 && $p < 1.0)) {
            throw InvalidFigure::because('p', 'A probit exists only for shares above 0 and below 1.');
        }
        $q = $p - 0.5;
        if (abs($q) <= 0.425) {
            $r = 0.180625 - $q * $q;

            return $q * self::ratio($r, [
                3.3871328727963666080, 133.14166789178437745, 1971.5909503065514427, 13731.693765509461125,
                45921.953931549871457, 67265.770927008700853, 33430.575583588128105, 2509.0809287301226727,
            ], [
                1.0, 42.313330701600911252, 687.18700749205790830, 5394.1960214247511077,
                21213.794301586595867, 39307.895800092710610, 28729.085735721942674, 5226.4952788528545610,
            ]);
        }
        $r = sqrt(-log($q < 0.0 ? $p : 1.0 - $p));
        if ($r <= 5.0) {
            $z = self::ratio($r - 1.6, [
                1.42343711074968357734, 4.63033784615654529590, 5.76949722146069140550, 3.64784832476320460504,
                1.27045825245236838258, 0.241780725177450611770, 0.0227238449892691845833, 7.74545014278341407640e-4,
            ], [
                1.0, 2.05319162663775882187, 1.67638483018380384940, 0.689767334985100004550,
                0.148103976427480074590, 0.0151986665636164571966, 5.47593808499534494600e-4, 1.05075007164441684324e-9,
            ]);
        } else {
            $z = self::ratio($r - 5.0, [
                6.65790464350110377720, 5.46378491116411436990, 1.78482653991729133580, 0.296560571828504891230,
                0.0265321895265761230930, 0.00124266094738807843860, 2.71155556874348757815e-5, 2.01033439929228813265e-7,
            ], [
                1.0, 0.599832206555887937690, 0.136929880922735805310, 0.0148753612908506148525,
                7.86869131145613259100e-4, 1.84631831751005468180e-5, 1.42151175831644588870e-7, 2.04426310338993978564e-15,
            ]);
        }

        return $q < 0.0 ? -$z : $z;
    }

    /**
     * @param  list<float>  $over  coefficients of the numerator, constant first
     * @param  list<float>  $under  coefficients of the denominator, constant first
     */
    private static function ratio(float $x, array $over, array $under): float
    {
        $horner = static fn (float $sum, float $coefficient): float => $sum * $x + $coefficient;

        return array_reduce(array_reverse($over), $horner, 0.0) / array_reduce(array_reverse($under), $horner, 0.0);
    }
}
