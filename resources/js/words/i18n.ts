import i18next from 'i18next';
import ICU from 'i18next-icu';
import { initReactI18next } from 'react-i18next';
import english from '../../../lang/en/shared.json';

/** A page that says what stations say, with their words. */
export const withWords =
    <C>(load: () => Promise<C>) =>
    async (): Promise<C> => {
        const [code] = await Promise.all([load(), import('./stations')]);
        return code;
    };

/** What sets house rules, with their names. */
export const withRules =
    <C>(load: () => Promise<C>) =>
    async (): Promise<C> => {
        const [code] = await Promise.all([load(), import('./rules')]);
        return code;
    };

/** What explains the terms of the trade, with them. */
export const withTerms =
    <C>(load: () => Promise<C>) =>
    async (): Promise<C> => {
        const [code] = await Promise.all([load(), import('./glossary')]);
        return code;
    };

/** Codes are flat (`finding.layout.rip-narrow`), so dots and colons are no separators. */
export const words = i18next
    .use(ICU)
    .use(initReactI18next)
    .init({
        lng: 'en',
        fallbackLng: 'en',
        resources: { en: { translation: english } },
        keySeparator: false,
        nsSeparator: false,
        interpolation: { escapeValue: false },
        returnNull: false,
        initAsync: false,
    });
