import htmx from 'htmx.org';
import Alpine from '@alpinejs/csp';
import { runClocks } from './clocks.js';
import { readPointer } from './pointer.js';
import { walkByKeys } from './keys.js';
import { adjustForm } from './adjust.js';
import { placePins } from './pins.js';

htmx.config.includeIndicatorStyles = false;
htmx.config.allowEval = false;
htmx.config.selfRequestsOnly = true;
htmx.config.historyCacheSize = 0;

Alpine.data('adjust', adjustForm);
Alpine.start();

runClocks();
readPointer();
walkByKeys();
placePins();
