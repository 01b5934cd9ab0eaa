import { useTranslation } from 'react-i18next';

/** Where the three tapes lie on a formed panel, cut across: a sketch, female leg at the left, male at the right. */
export function ThreeTapes() {
    const { t } = useTranslation();
    const tapes = [
        { letter: 'A', from: 52, to: 288, y: 88 },
        { letter: 'C', from: 52, to: 304, y: 108 },
        { letter: 'B', from: 30, to: 304, y: 128 },
    ];
    return (
        <svg
            viewBox="0 0 340 146"
            role="img"
            aria-label={t('profiles.drawing')}
            style={{ maxWidth: 460, width: '100%', display: 'block', margin: '0 0 12px' }}
        >
            {/* The female leg reaches out to the left and down again, the male to the right. */}
            <polyline
                points="30,44 30,18 52,18 52,70 288,70 288,26 304,26 304,40"
                fill="none"
                stroke="var(--ink)"
                strokeWidth="3"
                strokeLinejoin="round"
            />
            {tapes.map(({ letter, from, to, y }) => (
                <g key={letter} stroke="var(--chalk)" strokeWidth="1.6">
                    <line x1={from} x2={to} y1={y} y2={y} />
                    <line x1={from} x2={from} y1={y - 6} y2={y + 6} />
                    <line x1={to} x2={to} y1={y - 6} y2={y + 6} />
                    <rect x="160" y={y - 9} width="22" height="18" fill="var(--card)" stroke="none" />
                    <text
                        x="171"
                        y={y + 5}
                        textAnchor="middle"
                        fontSize="15"
                        fontWeight="700"
                        fill="var(--ink)"
                        stroke="none"
                    >
                        {letter}
                    </text>
                </g>
            ))}
        </svg>
    );
}
