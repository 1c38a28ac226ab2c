<?php

declare(strict_types=1);

namespace App\Routing\Http;

use Aenum\Core\Rules\Finding;
use App\Intake\Models\Part;
use App\Routing\BlockedByRules;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Session;

/** Flashes which rules blocked a move, for the next page. */
final class BlockedNotice
{
    private const KEY = 'blocked_by_rules';

    public static function flash(BlockedByRules $blocked, Request $request): void
    {
        if ($blocked->part !== null && $request->hasSession()) {
            $rules = array_map(fn (Finding $one): string => $one->rule->key, $blocked->findings);
            $request->session()->flash(self::KEY, ['part' => $blocked->part->id, 'rules' => $rules]);
        }
    }

    /** @return array{part: Part, rules: list<string>}|null what was blocked just now; null where nothing was */
    public static function flashed(): ?array
    {
        $kept = Session::get(self::KEY);
        $part = is_array($kept) ? Part::query()->whereKey((int) ($kept['part'] ?? 0))->first() : null;

        return $part === null || ! is_array($kept) ? null : ['part' => $part, 'rules' => $kept['rules'] ?? []];
    }
}
