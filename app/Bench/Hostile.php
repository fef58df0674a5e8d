<?php

declare(strict_types=1);

namespace App\Bench;

use Random\Randomizer;

/** Values that no gardener types and a program may send: of the wrong kind, too large, no text, no day, no path. */
final readonly class Hostile
{
    public function __construct(private Randomizer $chance) {}

    /** Something for a field of a body: a PHP value that is sent as JSON. */
    public function value(): mixed
    {
        return $this->one([
            null, true, false, 0, -1, 7, 3.5, -0.0, 1e308, -1e308, PHP_INT_MAX, PHP_INT_MIN, '', ' ', '0', '-1', '1e400', 'NaN', 'INF', '1,250', '½', '12,5 kg',
            [], [[]], ['a'], [1, 2, 3], ['x' => 1], [[['deep' => [[[]]]]]], array_fill(0, 600, 1),
            "tab\tand\nline", "\u{202E}turned", "\u{200B}", 'Zürich', "e\u{0301}", '💥', "';DROP TABLE lots;--", '<script>alert(1)</script>', '%00', '../../../etc/passwd', '{{7*7}}', '${7*7}',
            '0001-01-01', '9999-12-31', '2026-02-30', '31.02.2026', '2026-09-14T25:61', '2026-13-01', 'tomorrow', '00000000-0000-0000-0000-000000000000', 'ffffffff-ffff-ffff-ffff-ffffffffffff',
            str_repeat('a', 300), str_repeat('9', 400), str_repeat('ä', 5_000), new Text(1_000_000),
        ]);
    }

    /** Something for an address, as it stands in it. */
    public function address(): string
    {
        return $this->one([
            '', '0', '-1', '99999999999999999999', '1e400', 'NaN', '%ff', 'a%00b', '%fe%ff', '..%2f..%2fetc%2fpasswd', '..', '%2e%2e%2f', 'L1%27%20OR%201=1--', '%3Cscript%3E', '%F0%9F%92%A5', 'L0', 'P999999999',
            'tomato', 'L1', 'P1', '2027', 'figures', 'null', 'undefined', '[]', '%5B%5D', '2026-09-20', '2026-02-30', '9999-12-31', 'banana', str_repeat('x', 3_000), '%'.str_repeat('25', 200),
        ]);
    }

    /** A body that is no JSON, or hardly. */
    public function body(): string
    {
        return $this->one([
            '', 'null', '7', '"text"', '[]', '{}', '{', '{"drafts":', '{"drafts":[{}]}', '{"drafts":{"a":1}}', "\xff\xfe", "{\"name\":\"\xff\"}", '{"year":1e400}', '{"a":"\u0000"}',
            str_repeat('[', 200).str_repeat(']', 200), '{"name":"'.str_repeat('a', 1_100_000).'"}', '{"__proto__":{"a":1}}', '{"drafts":['.implode(',', array_fill(0, 600, '{}')).']}',
        ]);
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $list
     * @return T
     */
    public function one(array $list): mixed
    {
        return $list[$this->chance->getInt(0, count($list) - 1)];
    }

    /** @return bool once in so many */
    public function onceIn(int $times): bool
    {
        return $this->chance->getInt(1, $times) === 1;
    }
}
