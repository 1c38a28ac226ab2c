<?php

declare(strict_types=1);

namespace App\Curing\Commands;

use Aenum\Core\Trade\LoadKind;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;
use App\Curing\Models\OvenLoad;
use App\Curing\Queries\BakeOutState;
use App\Curing\Queries\PartFinding;
use App\Platform\Errors\Refused;
use Illuminate\Support\Facades\DB;

/** Lets a bake-out share the oven of a planned cure, where that holds long enough and no rule forbids it. */
final readonly class ShareCureLoad
{
    private function __construct(public OvenLoad $host, public bool $serves, public Message $says)
    {
    }

    /** @return list<self> every cure that is planned, with what it would do for the load */
    public static function all(OvenLoad $load): array
    {
        return array_values(OvenLoad::of(LoadKind::Cure)->with(['oven', 'items.part'])->where('status', 'planned')
            ->orderBy('id')->get()->map(fn (OvenLoad $host): self => self::with($load, $host))->all());
    }

    private static function with(OvenLoad $load, OvenLoad $host): self
    {
        $try = clone $load;
        $try->host_load_id = $host->id;
        $try->setRelation('host', $host);
        $board = BakeOutState::of($try);
        $holds = array_values(array_filter($board->findings, fn (PartFinding $one): bool => $one->finding->holds()));
        // What keeps it from sharing comes before what keeps it out of any oven: the latter stands on the page already.
        $alone = array_map(
            fn (PartFinding $one): string => $one->finding->rule->key,
            BakeOutState::of($load)->findings,
        );
        usort($holds, fn (PartFinding $a, PartFinding $b): int => in_array($a->finding->rule->key, $alone, true)
            <=> in_array($b->finding->rule->key, $alone, true));
        if ($holds !== []) {
            return new self($host, false, $holds[0]->finding->words());
        }
        $held = min([INF, ...array_column($board->plan->items, 'held')]);

        return new self($host, $board->plan->good(), Message::of(
            $board->plan->good()
                ? 'It holds everything {hold} and more at {target}.'
                : 'No: its pull leaves {held} of {hold} at {target}.',
            [
                'held' => Quantity::minutes(floor($held)),
                'hold' => Quantity::minutes((float) $load->hold_minutes),
                'target' => Quantity::celsius((float) $load->target_c),
            ],
        ));
    }

    /**
     * @param  OvenLoad|null  $host  null for its own oven again
     *
     * @throws Refused
     */
    public static function set(OvenLoad $load, ?OvenLoad $host): void
    {
        DB::transaction(function () use ($load, $host): void {
            $cure = $host === null ? null : OvenLoad::findLocked($host->id);
            $held = OvenLoad::findLocked($load->id);
            $isOpen = $held->isPlanned() && $held->kind === LoadKind::BakeOut;
            $isCure = $cure === null || ($cure->isPlanned() && $cure->kind === LoadKind::Cure);
            if (! $isOpen || ! $isCure) {
                throw Refused::because(['load' => 'That load was changed meanwhile; look again.']);
            }
            if ($cure !== null && ! self::with($held, $cure)->serves) {
                throw Refused::because(['load' => 'That cure does not serve this bake-out.']);
            }
            $held->update([
                'host_load_id' => $cure?->id,
                'oven_id' => $cure->oven_id ?? $held->oven_id,
                'timer_out_at' => null,
            ]);
        });
    }
}
