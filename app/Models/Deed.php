<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Something that was done to the garden's books and is no event of the garden: a setting, a plan, a figure. Kept are facts;
 * they are said when they are read. A new sort of deed is a class, named in ThingsProvider.
 */
interface Deed
{
    /** The word kept; it never changes. */
    public static function kind(): string;

    /** @param  array<string, mixed>  $kept */
    public static function of(array $kept): self;

    /** @return array<string, mixed> */
    public function keep(): array;

    /** What was done. */
    public function title(): string;

    /** What it was and what it is; may be empty. */
    public function says(): string;

    /** What it was done to, and where that is looked at. */
    public function about(): string;

    public function page(): string;
}
