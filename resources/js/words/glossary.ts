import { add } from './add';

/** The terms of the trade explained: they come where one asks for them. */
add(import.meta.glob<Record<string, string>>('../../../lang/en/glossary/*.json', { eager: true, import: 'default' }));
