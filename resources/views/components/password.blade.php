@use('App\Platform\Validation\StrongPassword')
{{-- A password that is being chosen. --}}
@props(['name', 'label', 'hint' => true])
<x-field :name="$name" :label="$label" type="password" autocomplete="new-password"
    :hint="$hint ? StrongPassword::LEAST . ' characters or more: a few words are easier to keep in mind than '
        . 'odd signs.' : null" />
