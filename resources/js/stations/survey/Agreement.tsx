import { useTranslation } from 'react-i18next';
import type { Adoption } from '../../contracts/survey';
import { useJob } from '../../job/JobContext';
import { useJobTape } from '../../tape/JobTape';
import { Len, Said } from '../../tape/Len';
import { placeName } from './quantities';

type Comparison = Adoption['comparisons'][number];

interface AgreementProps {
    all: Comparison[];
    isPitch: boolean;
    placed: boolean;
    /** Readings of this plane; the rest come from behind the ridge. */
    own: string[];
    /** Readings that miss a plane through the rest. */
    misses: string[];
    culprit: string | null;
    onRemove: (reading: string) => void;
}

/** Every reading of one quantity, and how it agrees with what is adopted. */
export function Agreement({ all, ...shared }: AgreementProps) {
    const { t } = useTranslation();
    return (
        <>
            <h2>{t('survey.who-agrees')}</h2>
            <table className="plain">
                <thead className="visually-hidden">
                    <tr>
                        <th>{t('survey.source')}</th>
                        <th>{t('survey.reading')}</th>
                        <th>{t('survey.difference')}</th>
                        <th>{t('survey.agreement')}</th>
                        <th>{t('remove')}</th>
                    </tr>
                </thead>
                <tbody>
                    {all.map((one) => (
                        <Row key={one.reading} one={one} {...shared} />
                    ))}
                </tbody>
            </table>
        </>
    );
}

function Row({ one, isPitch, own, misses, onRemove, ...shared }: Omit<AgreementProps, 'all'> & { one: Comparison }) {
    const { t } = useTranslation();
    const { mayChange } = useJob();
    const mine = own.includes(one.reading);
    return (
        <tr data-reading={one.reading}>
            <Whence one={one} mine={mine} {...shared} />
            <Value one={one} isPitch={isPitch} />
            <td className="n muted small" title={misses.includes(one.reading) ? t('survey.misses-plane') : undefined}>
                {one.adopted ? '—' : isPitch ? hundredths(one.miss) : <Len inches={one.miss} signed />}
            </td>
            <td className={`n small ${one.agrees ? 'good' : 'stop'}`}>
                {t(one.agrees ? 'survey.agrees' : 'survey.does-not')}
                {!isPitch && !one.adopted && (
                    <span className="muted" style={{ display: 'block' }}>
                        ± <Len inches={one.tolerance} />
                    </span>
                )}
            </td>
            <td className="n">
                {mayChange && mine && (
                    <button
                        type="button"
                        className="linkish"
                        style={{ minWidth: 28 }}
                        aria-label={t('survey.remove-reading')}
                        title={t('survey.remove-reading')}
                        onClick={() => onRemove(one.reading)}
                    >
                        ×
                    </button>
                )}
            </td>
        </tr>
    );
}

const hundredths = (value: number) => Math.round(value * 100) / 100;

/** By what, where and when it was taken. */
function Whence({
    one,
    mine,
    placed,
    culprit,
}: {
    one: Comparison;
    mine: boolean;
    placed: boolean;
    culprit: string | null;
}) {
    const { t } = useTranslation();
    return (
        <th scope="row">
            {t(`source.${one.source}`)}
            {placed && <span className="muted small"> {t(`survey.place.${placeName(one.at)}`)}</span>}
            {!mine && <span className="muted small"> {t('survey.from-behind')}</span>}
            {one.time && (
                <span className="muted small nowrap" style={{ display: 'block' }} title={one.time}>
                    {one.time.replace(/^\d{4}-/, '')}
                </span>
            )}
            {one.reading === culprit && <span className="stop small"> {t('survey.likeliest-wrong')}</span>}
        </th>
    );
}

function Value({ one, isPitch }: { one: Comparison; isPitch: boolean }) {
    const { t } = useTranslation();
    const print = useJobTape();
    return (
        <td className="n">
            <b>{isPitch ? hundredths(one.value) : <Len inches={one.taped ?? one.value} />}</b>
            {one.taped !== null && (
                <span className="muted small" style={{ display: 'block', whiteSpace: 'normal' }}>
                    <Said text={t('survey.on-deck', { deck: print(one.value) })} />
                </span>
            )}
        </td>
    );
}
