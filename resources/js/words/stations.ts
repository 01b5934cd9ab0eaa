import { add } from './add';

/** The words of the stations: they come with the pages that say them, so that signing in does not wait for them. */
add(
    import.meta.glob<Record<string, string>>(['../../../lang/en/*.json', '!../../../lang/en/shared.json'], {
        eager: true,
        import: 'default',
    }),
);
