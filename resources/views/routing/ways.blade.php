{{-- Where this part goes another way than the house. --}}
@use('App\Platform\Presentation\EnumLabels')
@use('Aenum\Core\Routing\ShopPolicies')
<form method="post" action="/parts/{{ $part->id }}/ways" id="ways" class="panel no-print mt-5">
    <x-once />
    <details @if ($errors->has('ways.*')) open @endif>
        <summary>Its own ways{{ $own ? ': '.count($own).' settled' : ', where it differs from the house' }}</summary>
        <p class="hint">As it leaves Intake these are settled for it; turning a house way changes only what comes
            after. @if ($route->changed)
                Its route was changed by hand and stays so until it is laid out anew.
            @endif
        </p>
        <div class="grid grid-cols-3 max-[1000px]:grid-cols-1 gap-4 my-3">
            @foreach (ShopPolicies::questions() as $question => [$asked, $choices])
                <x-pick name="ways[{{ $question }}]" :label="$asked" :options="EnumLabels::of($choices)"
                    :value="$own[$question] ?? ''" empty="as the house goes" :hint="EnumLabels::says($choices)" />
            @endforeach
        </div>
        @can('work')
            <button class="btn">Go these ways</button>
        @endcan
    </details>
</form>
