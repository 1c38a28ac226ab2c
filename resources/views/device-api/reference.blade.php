@use('App\DeviceApi\DeviceEndpoint')
@use('App\Platform\Idempotency\EnforceIdempotencyKey')
<x-layout title="Device API">
    <p><a class="inline-flex items-center min-h-[44px]" href="/devices">Devices</a></p>
    <h1 class="mb-2">Device API</h1>
    <div class="panel grid gap-2 mb-4 max-w-4xl">
        <p>JSON over HTTP, below <b>{{ url('/api') }}</b>. Every call carries
            <code>Authorization: Bearer</code> and the token of the device. Whatever is sent also carries
            <code>{{ EnforceIdempotencyKey::HEADER }}</code>: 8 to 64 signs, another for each thing.
            Sent again under the same key it is done once, and answered as it was the first time; so a device that
            heard nothing sends again.</p>
        <p>What is refused comes back as <code>application/problem+json</code> with where it was wrong and what is
            allowed. A token may ask {{ DeviceEndpoint::A_MINUTE }} times a minute; past that 429, with
            <code>Retry-After</code>. A body is at most {{ number_format(DeviceEndpoint::MOST_BYTES / 1e6, 0) }} MB.
            Moments are UTC, such as <code>2026-06-01T09:30:00Z</code>; temperatures °C, film µm, weights g.</p>
    </div>
    @foreach ($calls as $one)
        <section class="panel grid gap-2 mb-4" aria-labelledby="call-{{ $one['call']->value }}">
            <h2 id="call-{{ $one['call']->value }}">{{ $one['title'] }}</h2>
            <p class="num text-[1.25rem] break-all">{{ $one['call']->method() }} /api/{{ $one['call']->path() }}
                <span class="hint">for a device that may {{ $one['call']->ability()->label() }}</span></p>
            <p>{{ $one['says'] }}</p>
            @foreach (['asks' => 'Sent', 'answers' => 'Answered'] as $part => $name)
                @if ($one[$part] !== [])
                    <details @if ($part === 'asks') open @endif>
                        <summary class="font-semibold">{{ $name }}</summary>
                        <div class="overflow-x-auto" tabindex="0" role="region"
                            aria-label="{{ $name }}: {{ $one['title'] }}">
                            <table class="w-full">
                                <thead>
                                    <tr>
                                        <th scope="col">Field</th>
                                        <th scope="col">Is</th>
                                        <th scope="col"></th>
                                    </tr>
                                </thead>
                                <tbody>
                                    @foreach ($one[$part] as $field)
                                        <tr class="align-top">
                                            <th scope="row"><code>{{ $field['field'] }}</code></th>
                                            <td class="pr-4">{{ $field['is'] }}</td>
                                            <td>{{ $field['says'] }}</td>
                                        </tr>
                                    @endforeach
                                </tbody>
                            </table>
                        </div>
                    </details>
                @endif
            @endforeach
            @if ($one['example'] !== null)
                <pre class="overflow-x-auto text-[1rem]" tabindex="0"
                    aria-label="Example: {{ $one['title'] }}">{{ $one['example'] }}</pre>
            @endif
        </section>
    @endforeach
</x-layout>
