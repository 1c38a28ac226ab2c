<?php

declare(strict_types=1);

namespace Aenum\Core\Rule;

/** Something Aenum notices by itself. One class a rule; the rule book finds it by being in Rules/. */
interface Rule
{
    /** Lower case with dashes; never changes, since records name it. */
    public function key(): string;

    public function group(): Group;

    public function severity(): Severity;

    /** Why it matters, in one sentence. */
    public function reason(): string;

    /** What gets past it. */
    public function wayOut(): string;

    /** The evidence it fires on, said plainly; null where it does not apply. */
    public function applies(Plan $plan): ?string;
}
