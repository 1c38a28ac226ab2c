<?php

declare(strict_types=1);

namespace App\Routing;

use Aenum\Core\Rules\Finding;
use App\Intake\Models\Part;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Session;
use Illuminate\Validation\ValidationException;

/** A move the rule book blocks: the form's errors, and with them the part and the rules, for their remedies. */
final class BlockedByRules extends ValidationException
{
    private const KEY = 'blocked_by_rules';

    private ?Part $part = null;

    /** @var list<Finding> */
    private array $findings = [];

    /**
     * @param  array<string, string|list<string>>  $messages
     * @param  list<Finding>  $findings
     */
    public static function of(Part $part, array $findings, array $messages): self
    {
        $blocked = self::withMessages($messages);
        $blocked->part = $part;
        $blocked->findings = $findings;

        return $blocked;
    }

    /** Keeps the part and the rules for the page the person is sent back to. */
    public static function remember(self $blocked, Request $request): void
    {
        if ($blocked->part !== null && $request->hasSession()) {
            $rules = array_map(fn (Finding $one): string => $one->rule->key, $blocked->findings);
            $request->session()->flash(self::KEY, ['part' => $blocked->part->id, 'rules' => $rules]);
        }
    }

    /** @return array{part: Part, rules: list<string>}|null what was blocked just now; null where nothing was */
    public static function remembered(): ?array
    {
        $kept = Session::get(self::KEY);
        $part = is_array($kept) ? Part::query()->whereKey((int) ($kept['part'] ?? 0))->first() : null;

        return $part === null || ! is_array($kept) ? null : ['part' => $part, 'rules' => $kept['rules'] ?? []];
    }
}
