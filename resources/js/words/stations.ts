import i18next from 'i18next';

/** The words of the stations: they come with the pages that say them, so that signing in does not wait for them. */
const english = Object.assign(
    {},
    ...Object.values(
        import.meta.glob<Record<string, string>>(['../../../lang/en/*.json', '!../../../lang/en/shared.json'], {
            eager: true,
            import: 'default',
        }),
    ),
);

i18next.addResourceBundle('en', 'translation', english);
