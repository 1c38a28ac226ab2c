{{-- A live save of the facts: the answer, and the form's new version. $part, $route, $counter, $opened --}}
@include('routing.answer')
<input type="hidden" id="facts-opened" name="_opened" value="{{ $opened }}" hx-swap-oob="true">
<p id="facts-saved" class="hint" aria-live="polite" data-saved hx-swap-oob="true">Saved.</p>
