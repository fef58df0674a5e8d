<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

/** What was typed for an input cannot be used. `$input` is its key. */
final class InputRefused extends \DomainException
{
    /** @param  bool  $outOfBounds  whether it was read but lies outside its bounds */
    private function __construct(public readonly string $input, string $message, public readonly bool $outOfBounds = false)
    {
        parent::__construct($message);
    }

    public static function missing(Input $input): self
    {
        return new self($input->key, sprintf('%s is missing: %s, %s.', $input->key, $input->label, $input->bounds()));
    }

    public static function unknown(string $key, string $reckoning): self
    {
        return new self($key, sprintf('%s is not an input of %s.', $key, $reckoning));
    }

    public static function unparsable(Input $input, mixed $given): self
    {
        return new self($input->key, sprintf(
            '%s must be %s, %s; "%s" was given.',
            $input->key,
            $input->type->describe(),
            $input->bounds(),
            self::show($given),
        ));
    }

    public static function outOfBounds(Input $input, mixed $given): self
    {
        return new self($input->key, sprintf('%s must be from %s; %s was given.', $input->key, $input->bounds(), self::show($given)), true);
    }

    public static function because(string $input, string $message): self
    {
        return new self($input, $message);
    }

    private static function show(mixed $given): string
    {
        return is_scalar($given) ? (string) $given : (string) json_encode($given);
    }
}
