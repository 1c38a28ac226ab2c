{{-- A film gauge's file, and the unit it is in where it does not say so. --}}
<div class="flex flex-wrap items-end gap-3">
    <div class="w-72">
        <label for="gauge-file">Or a gauge's file, CSV</label>
        <input id="gauge-file" name="file" type="file" accept=".csv,.txt,text/csv">
        @error('file')
            <p class="wrong">{{ $message }}</p>
        @enderror
    </div>
    <div class="w-56">
        <x-pick name="unit" id="gauge-unit" label="Its unit, where it does not say"
            :options="['um' => 'µm', 'mil' => 'mil']" empty="it says so" />
    </div>
</div>
