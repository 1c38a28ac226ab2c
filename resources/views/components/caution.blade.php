<p class="caution"><b>Caution</b><span>{{ $u->said(html_entity_decode((string) $slot, ENT_QUOTES)) }} Local codes and the makers' sheets come first.</span></p>
