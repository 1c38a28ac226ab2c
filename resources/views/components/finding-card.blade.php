{{-- What a rule says of a part, with the name under it or the place for one. --}}
@props(['finding', 'part'])
@php($rule = $finding->rule)
@php($open = $part->job->isOpen())
@php($under = $rule->signedUnder())
<article class="finding-card" data-severity="{{ $rule->severity->value }}">
    <p>
        <b @class(['uppercase tracking-wide', 'wrong' => $finding->isStop()])>{{ $rule->severity->label() }}</b>
        <b>{{ $u->said($finding->evidence->asSentence()) }}</b>
    </p>
    <p>
        {{ $u->said($rule->reason) }}
        <span class="hint">{{ $u->said($rule->wayOut) }}</span>
    </p>
    @if ($open && $finding->isStop())
        <x-remedies :part="$part" :rule="$rule->key" />
    @endif
    @if ($finding->signedBy)
        @php($signature = $part->signatures->firstWhere('rule', $rule->key))
        <div class="flex items-center gap-3">
            <p>Signed by <b>{{ $finding->signedBy }}</b>.</p>
            @if ($open && $signature)
                @can('work')
                    <form method="post" action="/signatures/{{ $signature->id }}/withdraw">
                        <x-once />
                        <button
                            class="btn btn-quiet !px-3"
                            aria-label="withdraw the signature of {{ $finding->signedBy }}"
                        >withdraw</button>
                    </form>
                @endcan
            @endif
        </div>
    @elseif ($open && $under)
        @can('work')
            <form method="post" action="/parts/{{ $part->id }}/signatures" class="flex flex-wrap items-end gap-2">
                <x-once />
                <input type="hidden" name="rule" value="{{ $under }}">
                <div class="grow min-w-40">
                    <label for="sign-{{ $part->id }}-{{ $rule->key }}">
                        {{ $finding->isStop() ? 'The owner waives it: name' : 'Name of who signs' }}
                    </label>
                    <input id="sign-{{ $part->id }}-{{ $rule->key }}" name="name" maxlength="120" autocomplete="off">
                </div>
                <button class="btn">Sign</button>
            </form>
        @endcan
    @endif
</article>
