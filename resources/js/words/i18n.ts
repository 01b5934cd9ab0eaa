import i18next from 'i18next';
import ICU from 'i18next-icu';
import { initReactI18next } from 'react-i18next';

const english = Object.assign(
    {},
    ...Object.values(
        import.meta.glob<Record<string, string>>('../../../lang/en/*.json', { eager: true, import: 'default' }),
    ),
);

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
