{{-- A bake-out on the floor: pull, read, what happened. --}}
<form method="post" action="/bake-outs/{{ $load->id }}/pull">
    <x-once />
    <button class="btn btn-do btn-big">Pull: it is out</button>
</form>
<p class="hint">Hot metal burns at a touch; let it stand where nobody reaches for it.</p>
@include('curing.cure.read-form', ['bake' => $load, 'pointed' => $board->pointed(), 'bare' => true])
@include('curing.cure.event-form', [
    'bake' => $load,
    'setpointC' => $board->setpointC(),
    'powerIsOff' => $board->powerIsOff(),
])
@include('curing.cure.floor-log', ['bake' => $load])
