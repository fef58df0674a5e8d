<?php

declare(strict_types=1);

namespace App\Copies;

use RuntimeException;

/** A copy that could not be made, or cannot be gone back to, said to a person. */
class CopyFailed extends RuntimeException {}
