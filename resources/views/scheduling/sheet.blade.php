@use('App\Accounts\Models\Shop')
@use('App\Platform\Clock\ShopClock')
<x-layout title="Day list">
    <h1 class="mb-1">{{ Shop::current()->name }}, {{ $board->on->format('l j F Y') }}</h1>
    <p class="hint mb-3">{{
        $board->plannedAt() === null ? '' : 'As planned '.$board->plannedAt().'.' }} {{ $board->headline() }}</p>
    @forelse ($board->byPerson() as $name => $steps)
        <section class="mb-4 break-inside-avoid" aria-label="{{ $name }}">
            <h2>{{ $name }}</h2>
            @include('scheduling.table', ['steps' => $steps, 'onePerson' => true])
        </section>
    @empty
        <p>Nothing is planned that day.</p>
    @endforelse
</x-layout>
