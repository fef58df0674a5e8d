<?php

declare(strict_types=1);

namespace App\Sheet;

/** A part of a worksheet. Its `section` names it, its `place` says where it matters most; none for what belongs to no place. */
interface SectionDocument {}
