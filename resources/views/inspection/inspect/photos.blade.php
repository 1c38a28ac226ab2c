{{-- As it came, as it goes. $part --}}
<section class="panel grid gap-2" aria-label="Photos">
    <h3>As it came, as it goes</h3>
    <div class="grid grid-cols-3 gap-2">
        @foreach ($part->pictures as $picture)
            <figure>
                <img src="/pictures/{{ $picture->id }}" alt="{{ $part->name }}, {{ $picture->shows }}" class="w-full">
                <figcaption class="hint">{{ $picture->shows }}</figcaption>
            </figure>
        @endforeach
    </div>
    @can('work')
        <form method="post" action="/parts/{{ $part->id }}/pictures" enctype="multipart/form-data"
            class="flex flex-wrap items-end gap-2">
            <x-once />
            <input type="hidden" name="shows" value="after">
            <div class="grow">
                <label for="after-photo">A photo of it finished</label>
                <input id="after-photo" type="file" name="photo" accept="image/jpeg,image/png,image/webp"
                    capture="environment">
                @error('photo')
                    <p class="wrong">{{ $message }}</p>
                @enderror
            </div>
            <button class="btn">Keep it</button>
        </form>
    @endcan
</section>
