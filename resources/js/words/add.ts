import i18next from 'i18next';

/** Adds words to those there are. */
export function add(files: Record<string, Record<string, string>>): void {
    i18next.addResourceBundle('en', 'translation', Object.assign({}, ...Object.values(files)), true);
}
