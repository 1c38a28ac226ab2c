/* Alpine, for the pages with state of their own. Everything else does without it. */
import Alpine from '@alpinejs/csp';
import { adjustForm } from './adjust.js';

Alpine.data('adjust', adjustForm);
Alpine.start();
