import { add } from './add';

/** The names of house rules and what each settles: they come where rules are set. */
add(import.meta.glob<Record<string, string>>('../../../lang/en/rules/*.json', { eager: true, import: 'default' }));
