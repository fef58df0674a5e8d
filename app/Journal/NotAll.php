<?php

declare(strict_types=1);

namespace App\Journal;

use RuntimeException;

/** One of several drafts that were to be kept together could not be; so none is. */
final class NotAll extends RuntimeException {}
