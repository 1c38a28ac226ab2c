@use('App\Release\ViewModels\ShopRecord')
{{-- What the shop keeps of a lot beside the customer's sheet. --}}
@props(['document'])
@php($full = ShopRecord::of($document, $u))
<section class="panel mb-3" aria-label="Kept of {{ $full->title }}">
    <h2>{{ ucfirst($full->title) }}: what the shop keeps</h2>
    <div class="columns-2 max-[900px]:columns-1">
        @foreach ($full->sections as $head => $lines)
            <div class="mb-2 break-inside-avoid-column">
                <h3>{{ $head }}</h3>
                <ul>
                    @foreach ($lines as $line)
                        <li>{{ $line }}</li>
                    @endforeach
                </ul>
            </div>
        @endforeach
    </div>
</section>
