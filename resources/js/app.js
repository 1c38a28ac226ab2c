import htmx from 'htmx.org';
import { runClocks } from './clocks.js';
import { readPointer } from './pointer.js';
import { keepPresses } from './press.js';
import { walkByKeys } from './keys.js';
import { placePins } from './pins.js';
import { turnParts } from './turn.js';
import { sprayPanels } from './booth.js';
import { signOutWhenIdle } from './idle.js';
import { signByHand } from './sign.js';
import { showLiveErrors } from './live-errors.js';
import { keepOnWithoutNetwork } from './offline/net.js';

htmx.config.includeIndicatorStyles = false;
htmx.config.allowEval = false;
htmx.config.selfRequestsOnly = true;
htmx.config.historyCacheSize = 0;
// A refused live form is answered field by field, see live-errors.js.
htmx.config.responseHandling.unshift({ code: '422', swap: false });

runClocks();
readPointer();
walkByKeys();
keepPresses();
placePins();
turnParts();
signOutWhenIdle();
sprayPanels();
signByHand();
showLiveErrors();
keepOnWithoutNetwork();
