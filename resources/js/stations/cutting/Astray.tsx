import { useTranslation } from 'react-i18next';
import type { CutsSlice } from '../../contracts/cutting';
import { TakenMark } from './TakenMark';

/** Marks whose edge or panel is there no more: kept until somebody takes them back. */
export function Astray({ slice }: { slice: CutsSlice }) {
    const { t } = useTranslation();
    if (slice.astray.length === 0) return null;
    return (
        <section aria-label={t('fit.astray')}>
            <h2>{t('fit.astray')}</h2>
            {slice.astray.map(({ id, piece, side, measured }) => (
                <TakenMark
                    key={id}
                    id={id}
                    name={t('fit.mark-side', { piece, side })}
                    measured={measured}
                    severity="settle"
                />
            ))}
        </section>
    );
}
