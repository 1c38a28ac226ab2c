<p class="caution"><b>Caution</b><span>{{ $slot }} Local codes and the makers' sheets come first.</span></p>
