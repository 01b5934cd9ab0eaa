import { useTranslation } from 'react-i18next';
import type { LaidFace } from '../../contracts/layout';

/** What the pins of this group cost against leaving all to the search. */
export function PinsCost({ laid }: { laid: LaidFace }) {
    const { t } = useTranslation();
    const cost = laid.pinsCost;
    if (!cost) return null;
    return (
        <div className="finding" data-severity="note">
            {t('layout.pins-cost', { points: cost.points })}{' '}
            {cost.parts.map(({ part, points }) => (
                <span key={part} className="nowrap">
                    {t(`score.${part}`)} {signed(points)}{' '}
                </span>
            ))}
        </div>
    );
}

export function signed(points: number): string {
    return `${points > 0 ? '+' : '−'}${Math.abs(points)}`;
}
