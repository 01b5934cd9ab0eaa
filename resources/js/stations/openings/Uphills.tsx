import { useTranslation } from 'react-i18next';
import { SchoolCard } from '../../kit/SchoolCard';
import { useMeasures } from '../../tape/measures';
import type { OpeningView } from '../../contracts/openings';

interface UphillsProps {
    opening: OpeningView;
    mayChange: boolean;
    onChoose: (school: OpeningView['uphill']) => void;
}

/** The ways to build an uphill side, compared. */
export function Uphills({ opening, mayChange, onChoose }: UphillsProps) {
    const { t } = useTranslation();
    const measure = useMeasures();
    return (
        <>
            {opening.uphills.map((one) => (
                <SchoolCard
                    key={one.school}
                    school={one.school}
                    name={<b>{one.name}</b>}
                    beside={one.advised && <span className="muted">{t('openings.advised')}</span>}
                    chosen={one.chosen}
                    disabled={!mayChange}
                    onChoose={() => onChoose(one.school)}
                >
                    <span className="small muted" style={{ display: 'block' }}>
                        {one.why}
                    </span>
                    {one.fits ? (
                        <span className="small">
                            {t('openings.takes', {
                                pieces: one.pieces,
                                hours: one.hours,
                                held: measure('water', one.held),
                            })}
                        </span>
                    ) : (
                        <span className="small stop">{t('openings.does-not-fit')}</span>
                    )}
                    {one.asked && (
                        <span className="small" style={{ display: 'block' }}>
                            {t('openings.asked')}
                        </span>
                    )}
                </SchoolCard>
            ))}
        </>
    );
}
