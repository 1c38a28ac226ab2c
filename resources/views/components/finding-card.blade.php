@props(['finding', 'part'])
@php($rule = $finding->rule)
@php($open = $part->job->isOpen())
<article class="border-l-[10px] pl-3 py-1 {{ match ($rule->severity()->value) { 'stop' => 'border-stop border-double', 'sign' => 'border-ink', 'warn' => 'border-soft border-dashed', default => 'border-line' } }}">
    <p><b @class(['uppercase tracking-wide', 'wrong' => $rule->severity()->value === 'stop'])>{{ $rule->severity()->value }}</b> <b>{{ ucfirst($u->said($finding->evidence)) }}.</b></p>
    <p>{{ $u->said($rule->reason()) }} <span class="hint">{{ $u->said($rule->wayOut()) }}</span></p>
    @if ($finding->signedBy)
        @php($signature = $part->signatures->firstWhere('rule', $rule->key()))
        <div class="flex items-center gap-3"><p>Signed by <b>{{ $finding->signedBy }}</b>.</p>
            @if ($open && $signature) @can('work')<form method="post" action="/signatures/{{ $signature->id }}/withdraw"><x-once /><button class="btn btn-quiet !px-3" aria-label="withdraw the signature of {{ $finding->signedBy }}">withdraw</button></form>@endcan @endif</div>
    @elseif ($open && ($rule->severity()->value === 'sign' || $rule->key() === 'old-plating'))
        @can('work')
            <form method="post" action="/parts/{{ $part->id }}/signatures" class="flex flex-wrap items-end gap-2">
                <x-once /><input type="hidden" name="rule" value="{{ $rule->key() === 'old-plating' ? 'plating-adhesion' : $rule->key() }}">
                <div class="grow min-w-40"><label for="sign-{{ $rule->key() }}">{{ $rule->key() === 'old-plating' ? 'The owner waives it: name' : 'Name of who signs' }}</label><input id="sign-{{ $rule->key() }}" name="name" maxlength="120" autocomplete="off"></div><button class="btn">Sign</button>
            </form>
        @endcan
    @endif
</article>
