<x-layout :title="$name . ': history'">
    <p><a class="inline-flex items-center min-h-[44px]" href="{{ $back }}">{{ $name }}</a></p>
    <h1 class="mb-2">{{ $name }}: history</h1>
    <p class="hint mb-3">Every change, latest first. Entries are never edited or removed.</p>
    <div class="overflow-x-auto">
        <table class="w-full">
            <thead>
                <tr>
                    <th scope="col">When</th>
                    <th scope="col">Who</th>
                    <th scope="col">What</th>
                    <th scope="col">Details</th>
                </tr>
            </thead>
            <tbody>
                @forelse ($lines as $line)
                    <tr class="align-top border-t border-line">
                        <td class="whitespace-nowrap num py-2 pr-5">{{ $line['when'] }}</td>
                        <td class="py-2 pr-5">{{ $line['who'] }}@if ($line['from'])
                                <br><span class="hint">{{ $line['from'] }}</span>
                            @endif
                        </td>
                        <td class="py-2 pr-5">{{ $line['what'] }}</td>
                        <td class="py-2">
                            @foreach ($line['changes'] as $change)
                                <span class="{{ $line['isNew'] ? 'mr-3' : 'block' }} break-words"><span
                                        class="hint">{{ $change['label'] }}:</span>
                                    @if ($change['before'] !== null)
                                        <s>{{ $change['before'] }}</s> →
                                    @endif
                                    {{ $change['after'] ?? 'empty' }}</span>
                            @endforeach
                        </td>
                    </tr>
                @empty
                    <tr>
                        <td colspan="4">No changes yet.</td>
                    </tr>
                @endforelse
            </tbody>
        </table>
    </div>
    {{ $page->links() }}
</x-layout>
