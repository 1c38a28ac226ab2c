@csrf
<input type="hidden" name="_once" value="{{ (string) Illuminate\Support\Str::uuid() }}">
