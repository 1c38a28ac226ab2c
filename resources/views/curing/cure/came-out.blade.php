@use('App\Platform\Presentation\Units')
{{-- What is out of the oven already: what each coat is now, and where its batch goes. --}}
@if ($cameOut !== [])
<section class="panel grid gap-2" aria-label="Verdict">
    <h2>What each is now</h2>
    <ul class="grid gap-2">
        @foreach ($cameOut as $one)
            <li><b>{{ $one->title }}</b>, {{ $one->coat->role }}:
                <b @class(['wrong' => ! $one->standing->isDone()])>{{ $u->said($one->standing->words()) }}</b>
                <span class="hint">{{ $one->early ? 'taken out early, ' : '' }}over-bake
                    {{ $one->standing->overbake === null ? 'not judged'
                        : number_format($one->standing->overbake, 2) }}, peak {{ $u->temp($one->peakC) }}, to touch
                    in {{ Units::minutes($one->handleMinutes ?? 0) }}</span>
            </li>
        @endforeach
    </ul>
</section>
@endif
@if ($after !== [])
<section class="panel grid gap-3" aria-label="Jobs">
    <h2>On from here</h2>
    @foreach ($after as $one)
        <x-on-from-oven :one="$one" />
    @endforeach
</section>
@endif
