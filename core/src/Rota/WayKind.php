<?php

declare(strict_types=1);

namespace Marrow\Core\Rota;

/** What can be given up, or got, where needs collide. */
enum WayKind: string
{
    /** Sown in whatever other year suits. */
    case Unpin = 'unpin';

    /** A year that was ruled out is allowed. */
    case Allow = 'allow';

    case More = 'more';

    /** Half the plants: half the ground and the hours. */
    case Fewer = 'fewer';

    /** Another keeper grows it. */
    case Sent = 'sent';

    /** Stored colder or drier it keeps longer, and can be sown in another year. */
    case Stored = 'stored';

    case LetGo = 'let_go';
}
