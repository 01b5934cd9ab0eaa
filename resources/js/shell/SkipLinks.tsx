import { useTranslation } from 'react-i18next';

/** For the keyboard, past the header and the stations: to the drawing, or to the decision at hand. */
export function SkipLinks() {
    const { t } = useTranslation();
    const to = (selector: string) => {
        const part = document.querySelector<HTMLElement>(selector);
        part?.setAttribute('tabindex', '-1');
        part?.focus();
    };
    return (
        <nav className="skips" aria-label={t('skip.title')}>
            <button type="button" onClick={() => to('.workspace main')}>
                {t('skip.deck')}
            </button>
            <button type="button" onClick={() => to('.workspace .bench')}>
                {t('skip.bench')}
            </button>
        </nav>
    );
}
