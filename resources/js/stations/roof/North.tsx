import { useTranslation } from 'react-i18next';

/** Which way is north on a plan, at its upper edge. */
export function North({ x }: { x: number }) {
    const { t } = useTranslation();
    return (
        <g pointerEvents="none" aria-hidden="true">
            <path d={`M${x} 54 v-30 m-6 9 l6 -10 l6 10`} fill="none" stroke="var(--muted)" strokeWidth="1.6" />
            <text x={x} y="72" textAnchor="middle" fontSize="14" className="muted">
                {t('roof.north')}
            </text>
        </g>
    );
}
