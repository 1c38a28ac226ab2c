<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

/** What would mend a date that cannot be kept. */
enum LateOptionKind: string
{
    /** Another date is promised. */
    case Later = 'later';

    /** Everybody stays longer. */
    case Overtime = 'overtime';

    /** It goes before the others. */
    case First = 'first';

    /** Half of it first, the rest when it can. */
    case Split = 'split';

    /** Another oven takes it. */
    case OtherOven = 'other_oven';
}
