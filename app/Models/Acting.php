<?php

declare(strict_types=1);

namespace App\Models;

/** Who does what is written: who signed in, or where nobody does, the name chosen on this device, or the one who keeps the garden. */
final readonly class Acting
{
    /** Letters. */
    public const LONGEST = 60;

    public string $name;

    /**
     * @param  string  $name  empty for the one who keeps the garden
     * @param  bool  $isSure  whether they signed in; then nothing that is sent says otherwise
     * @param  bool  $onlyOwn  whether they take back only what was their own
     * @param  bool  $isDevice  whether it is an instrument, and nobody who keeps the garden
     */
    public function __construct(string $name = '', private bool $isSure = false, public bool $onlyOwn = false, public bool $isDevice = false)
    {
        $this->name = mb_substr(trim($name), 0, self::LONGEST);
    }

    /** An instrument, by its name. */
    public static function instrument(string $name): self
    {
        return new self($name, true, false, true);
    }

    /** The same, or who is named. */
    public function orBy(string $name): self
    {
        return $this->isSure || trim($name) === '' ? $this : new self($name);
    }
}
